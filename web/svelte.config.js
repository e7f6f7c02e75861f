import adapter from '@sveltejs/adapter-node';
import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';

/** @type {import('@sveltejs/kit').Config} */
export default {
  preprocess: vitePreprocess(),
  kit: {
    adapter: adapter({ out: 'build' }),
    inlineStyleThreshold: 10_000,
    csp: {
      directives: {
        'default-src': ['self'],
        'style-src': ['self', 'unsafe-inline'],
        'img-src': ['self', 'blob:', 'data:'],
        'media-src': ['self', 'blob:'],
        'connect-src': ['self', 'blob:'],
        'worker-src': ['self', 'blob:'],
        'object-src': ['none'],
        'base-uri': ['none'],
        'form-action': ['self'],
        'frame-ancestors': ['none'],
      },
    },
    alias: {
      $ui: 'src/lib/ui',
      $server: 'src/lib/server',
      $session: 'src/lib/session',
      $views: 'src/lib/views',
    },
  },
};
