import { readFile } from 'node:fs/promises';
import { createRequire } from 'node:module';

const require = createRequire(import.meta.url);

/** The font files that drawings are set in, as shipped: the same ones the interface uses. */
export async function drawingFonts() {
  const read = (weight) =>
    readFile(require.resolve(`@fontsource/fira-sans/files/fira-sans-latin-${weight}-normal.woff`));
  const [regular, bold] = await Promise.all([read(400), read(500)]);
  return { regular: new Uint8Array(regular), bold: new Uint8Array(bold) };
}
