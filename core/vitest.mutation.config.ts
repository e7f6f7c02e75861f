import { defineConfig } from 'vitest/config';

/** Tests that stand in the folders that are changed: a small wrong change should be found beside it, and soon. */
const folders = (process.env['MUTATE'] ?? '').split(',').flatMap((one) => one.split('/')[0] || []);

export default defineConfig({
  test: {
    include: folders.length > 0 ? folders.map((one) => `src/${one}/**/*.test.ts`) : ['src/**/*.test.ts'],
    setupFiles: ['testing/seen-soon.ts'],
    testTimeout: 20_000,
  },
});
