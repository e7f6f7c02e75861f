import { defineConfig } from 'vitest/config';

/** Tests that stand in the folders that are changed, and those of single commands, which are edits by what these compute: a small wrong change should be found beside it, and soon. */
const folders = (process.env['MUTATE'] ?? '').split(',').flatMap((one) => one.split('/')[0] || []);
const ofCommands = 'src/commands/!(every-command).test.ts';

export default defineConfig({
  test: {
    include:
      folders.length > 0
        ? [...folders.map((one) => `src/${one}/**/*.test.ts`), ofCommands]
        : ['src/**/*.test.ts'],
    setupFiles: ['testing/seen-soon.ts'],
    testTimeout: 20_000,
  },
});
