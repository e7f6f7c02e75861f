import adapter from '@sveltejs/adapter-node';
import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';

/** @type {import('@sveltejs/kit').Config} */
export default {
  preprocess: vitePreprocess(),
  kit: {
    adapter: adapter({ out: 'build' }),
    inlineStyleThreshold: 10_000,
    alias: {
      $ui: 'src/lib/ui',
      $server: 'src/lib/server',
      $session: 'src/lib/session',
      $views: 'src/lib/views',
    },
  },
};
