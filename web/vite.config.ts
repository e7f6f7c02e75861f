import { sveltekit } from '@sveltejs/kit/vite';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [sveltekit()],
  test: { include: ['src/**/*.test.ts'], testTimeout: 120_000, hookTimeout: 120_000 },
});
