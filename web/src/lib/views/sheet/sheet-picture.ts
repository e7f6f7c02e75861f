import { sheetSvgFile, type Typeface } from 'goodreach';
import plainBold from '@fontsource/fira-sans/files/fira-sans-latin-500-normal.woff?url';
import plain from '@fontsource/fira-sans/files/fira-sans-latin-400-normal.woff?url';
import narrowBold from '@fontsource/pt-sans-narrow/files/pt-sans-narrow-latin-700-normal.woff?url';
import narrow from '@fontsource/pt-sans-narrow/files/pt-sans-narrow-latin-400-normal.woff?url';
import bookBold from '@fontsource/pt-serif/files/pt-serif-latin-700-normal.woff?url';
import book from '@fontsource/pt-serif/files/pt-serif-latin-400-normal.woff?url';
import { base64 } from '$lib/tools/base64';
import type { ShownSheet } from './sheets.worker';

/** Dots to the inch of a picture of a sheet, and of one that would have more dots than that in all. */
const DOTS = 200;
const FEWER = 120;
const MOST = 30e6;
const MM_PER_INCH = 25.4;

const fonts: Record<Typeface, { regular: string; bold: string }> = {
  plain: { regular: plain, bold: plainBold },
  narrow: { regular: narrow, bold: narrowBold },
  book: { regular: book, bold: bookBold },
};

/** What a picture is made of. */
type Drawn = Pick<ShownSheet, 'page' | 'svg' | 'typeface'>;

/** A sheet as an SVG file that looks alike everywhere: its font is in it. */
export async function sheetSvg({ page, svg, typeface }: Drawn): Promise<Blob> {
  const { regular, bold } = fonts[typeface];
  const written = { [typeface]: { regular: await fontAt(regular), bold: await fontAt(bold) } };
  return new Blob([sheetSvgFile(page, svg, written)], { type: 'image/svg+xml' });
}

/** A sheet as a picture, PNG. */
export async function sheetPng(sheet: Drawn): Promise<Blob> {
  const { page } = sheet;
  const at = (dots: number) => [page.width, page.height].map((mm) => Math.round((mm / MM_PER_INCH) * dots));
  let [wide, high] = at(DOTS) as [number, number];
  if (wide * high > MOST) [wide, high] = at(FEWER) as [number, number];
  const url = URL.createObjectURL(await sheetSvg(sheet));
  try {
    const image = new Image(wide, high);
    image.src = url;
    await image.decode();
    const canvas = new OffscreenCanvas(wide, high);
    const paint = canvas.getContext('2d')!;
    paint.fillStyle = '#fff';
    paint.fillRect(0, 0, wide, high);
    paint.drawImage(image, 0, 0, wide, high);
    return await canvas.convertToBlob({ type: 'image/png' });
  } finally {
    URL.revokeObjectURL(url);
  }
}

async function fontAt(url: string): Promise<string> {
  const found = await fetch(url);
  return base64(new Uint8Array(await found.arrayBuffer()));
}
