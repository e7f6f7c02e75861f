import { defineConfig } from 'vitest/config';

export default defineConfig({
  // Nothing is judged by the clock here: the limit only ends a test that hangs, also on a slow, busy machine.
  test: {
    include: ['src/**/*.test.ts'],
    // Both of the cores: by itself it leaves one to whoever watches.
    maxWorkers: 2,
    testTimeout: 120_000,
    hookTimeout: 120_000,
    benchmark: { include: ['bench/*.bench.ts'] },
  },
});
