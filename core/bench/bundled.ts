import { basename, join } from 'node:path';
import { build } from 'vite';

/**
 * Runs a bench as one file, as a page runs the core: `node --import tsx bench/bundled.ts bench/tops.ts`. Module by module every call from one to another costs more, which a page never pays.
 */
const bench = process.argv[2]!;
// Within the package, where what it imports is found.
const outDir = join(import.meta.dirname, '..', 'node_modules', '.bench');
const file = basename(bench).replace('.ts', '.mjs');
await build({
  configFile: false,
  logLevel: 'error',
  build: {
    ...{ ssr: bench, outDir, minify: false, emptyOutDir: true },
    rollupOptions: { output: { entryFileNames: file } },
  },
});
await import(join(outDir, file));
