import { writeFile } from 'node:fs/promises';
import * as fontkit from 'fontkit';
import { drawingFonts } from '../fonts/files.mjs';

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
const fonts = await drawingFonts();
const tables = Object.entries(fonts).map(([name, bytes]) => {
  const font = fontkit.create(Buffer.from(bytes)) as fontkit.Font;
  const widths = signs.map((code) => [
    code,
    Math.round((font.glyphForCodePoint(code).advanceWidth * 1000) / font.unitsPerEm),
  ]);
  return `  ${name}: new Map([\n${widths.map(([code, width]) => `    [${code}, ${width}],`).join('\n')}\n  ]),`;
});
const text = `/** Advance widths of the drawing fonts by code point, 1/1000 of the size. Written by scripts/write-font-widths.ts. */\nexport const fontWidths = {\n${tables.join('\n')}\n};\n`;
await writeFile(new URL('../src/drawing/font-widths.ts', import.meta.url), text);
