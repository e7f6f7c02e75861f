import { mkdtempSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { build } from 'vite';

/**
 * Runs a bench as one file, as a page runs the core: `node --import tsx bench/bundled.ts bench/tops.ts`. Module by module every call from one to another costs more, which a page never pays.
 */
const outDir = mkdtempSync(join(import.meta.dirname, '..', 'node_modules', '.bench-'));
try {
  await build({
    configFile: false,
    logLevel: 'error',
    build: {
      ssr: process.argv[2]!,
      outDir,
      minify: false,
      rollupOptions: { output: { entryFileNames: 'bench.mjs' } },
    },
  });
  await import(join(outDir, 'bench.mjs'));
} finally {
  rmSync(outDir, { recursive: true });
}
