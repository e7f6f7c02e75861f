import { defineConfig } from 'vitest/config';

export default defineConfig({
  // Nothing is judged by the clock here: the limit only ends a test that hangs, also on a slow, busy machine.
  test: {
    include: ['src/**/*.test.ts'],
    // Both of the cores: by itself it leaves one to whoever watches.
    maxWorkers: 2,
    // Each worker loads core once, not again for every file: nothing in it keeps what a test does.
    isolate: false,
    testTimeout: 600_000,
    hookTimeout: 600_000,
    benchmark: { include: ['bench/*.bench.ts'] },
  },
});
