import { writeFile } from 'node:fs/promises';
import * as fontkit from 'fontkit';
import { drawingFonts } from '../fonts/files.mjs';
import { typefaces, type Typeface } from '../src/drawing/typefaces';

/** Writes the advance widths of the drawing fonts, so that layout needs no font engine and agrees with the one that draws. */
const signs = [
  ...Array.from({ length: 95 }, (_, i) => 32 + i),
  ...Array.from({ length: 96 }, (_, i) => 160 + i),
  0x2013,
  0x2019,
  0x201c,
  0x201d,
  0x2026,
];
const tables = [];
for (const typeface of Object.keys(typefaces) as Typeface[]) {
  const weights = Object.entries(await drawingFonts(typeface)).map(([weight, bytes]) => {
    const font = fontkit.create(Buffer.from(bytes)) as fontkit.Font;
    const widths = signs.map((code) =>
      Math.round((font.glyphForCodePoint(code).advanceWidth * 1000) / font.unitsPerEm),
    );
    return `${weight}: [${widths.join(', ')}]`;
  });
  tables.push(`${typeface}: { ${weights.join(', ')} }`);
}
const text = `/** The signs whose widths are known, by code point, and their advance widths in the drawing fonts, 1/1000 of the size. Written by scripts/write-font-widths.ts. */
export const measuredSigns = [${signs.join(', ')}];
export const fontWidths = { ${tables.join(', ')} };
`;
await writeFile(new URL('../src/drawing/font-widths.ts', import.meta.url), text);
