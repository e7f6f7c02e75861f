import { readFile } from 'node:fs/promises';
import { createRequire } from 'node:module';

const require = createRequire(import.meta.url);

/** The font files of each typeface, by their weights. */
const files = {
  plain: { of: 'fira-sans', regular: 400, bold: 500 },
  narrow: { of: 'pt-sans-narrow', regular: 400, bold: 700 },
  book: { of: 'pt-serif', regular: 400, bold: 700 },
};

/** The font files that drawings are set in, as shipped: those of the plain typeface are the ones the interface uses. */
export async function drawingFonts(typeface = 'plain') {
  const { of, regular, bold } = files[typeface];
  const read = async (weight) =>
    new Uint8Array(
      await readFile(require.resolve(`@fontsource/${of}/files/${of}-latin-${weight}-normal.woff`)),
    );
  return { regular: await read(regular), bold: await read(bold) };
}
