import { sveltekit } from '@sveltejs/kit/vite';
import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';
import { compileAtOnce } from './compile-at-once';
import { roomChunk } from './room-chunk';

const root = fileURLToPath(new URL('.', import.meta.url)).replace(/\/$/, '');
const atOnce = fileURLToPath(new URL('src/lib/views/no-transitions.ts', import.meta.url));

export default defineConfig({
  plugins: [sveltekit(), compileAtOnce(), roomChunk(root)],
  // Nothing here moves by itself: d3-zoom is not made to bring what animates, which is as much again.
  resolve: {
    alias: { 'd3-transition': atOnce, 'd3-interpolate': atOnce },
  },
  // Both of the cores: by itself it leaves one to whoever watches.
  test: { include: ['src/**/*.test.ts'], maxWorkers: 2, testTimeout: 600_000, hookTimeout: 600_000 },
});
