import { sheetSvgFile, type Page, type SvgFonts } from 'goodreach';
import bold from '@fontsource/fira-sans/files/fira-sans-latin-500-normal.woff?url';
import regular from '@fontsource/fira-sans/files/fira-sans-latin-400-normal.woff?url';
import { base64 } from '$lib/tools/base64';

/** Dots to the inch of a picture of a sheet, and of one that would have more dots than that in all. */
const DOTS = 200;
const FEWER = 120;
const MOST = 30e6;
const MM_PER_INCH = 25.4;

/** A sheet as an SVG file that looks alike everywhere: its font is in it. */
export async function sheetSvg(page: Page, drawn: string): Promise<Blob> {
  const fonts: SvgFonts = { regular: await fontAt(regular), bold: await fontAt(bold) };
  return new Blob([sheetSvgFile(page, drawn, fonts)], { type: 'image/svg+xml' });
}

/** A sheet as a picture, PNG. */
export async function sheetPng(page: Page, drawn: string): Promise<Blob> {
  const at = (dots: number) => [page.width, page.height].map((mm) => Math.round((mm / MM_PER_INCH) * dots));
  let [wide, high] = at(DOTS) as [number, number];
  if (wide * high > MOST) [wide, high] = at(FEWER) as [number, number];
  const url = URL.createObjectURL(await sheetSvg(page, drawn));
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
