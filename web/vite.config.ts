import { sveltekit } from '@sveltejs/kit/vite';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [sveltekit()],
  test: { include: ['src/**/*.test.ts'], testTimeout: 20_000, hookTimeout: 60_000 },
});
