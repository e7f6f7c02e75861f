import { refusalText } from 'goodreach';
import { pictureOfDxf } from './read-dxf';

/** A file as a picture that can be laid under a plan. */
export interface Picture {
  blob: Blob;
  /** Pixels. */
  wide: number;
  high: number;
  /** Where the file says its own scale. */
  mmPerPixel: number | null;
}

/** Why a file can't be made a picture of, as a sentence. */
export class Unreadable extends Error {}

/** Pixels a point of a PDF page is drawn with: 150 to the inch. */
const PER_POINT = 150 / 72;

/** A picture of a file: of the first page of a PDF, of the lines of a DXF drawing, or what it is. Readers are loaded when needed. */
export async function pictureOf(file: File): Promise<Picture> {
  const ending = file.name.split('.').at(-1)?.toLowerCase();
  if (ending === 'pdf') return pdfPage(file);
  if (ending === 'dxf') return dxfLines(file);
  const url = URL.createObjectURL(file);
  try {
    const image = new Image();
    image.src = url;
    await image.decode();
    return {
      blob: file,
      wide: image.naturalWidth || 1000,
      high: image.naturalHeight || 1000,
      mmPerPixel: null,
    };
  } finally {
    URL.revokeObjectURL(url);
  }
}

async function pdfPage(file: File): Promise<Picture> {
  const { getDocument, GlobalWorkerOptions } = await import('pdfjs-dist');
  const { default: worker } = await import('pdfjs-dist/build/pdf.worker.min.mjs?url');
  GlobalWorkerOptions.workerSrc = worker;
  const document = await getDocument({ data: new Uint8Array(await file.arrayBuffer()) }).promise;
  try {
    const page = await document.getPage(1);
    const viewport = page.getViewport({ scale: PER_POINT });
    const canvas = new OffscreenCanvas(Math.ceil(viewport.width), Math.ceil(viewport.height));
    const canvasContext = canvas.getContext('2d') as unknown as CanvasRenderingContext2D;
    await page.render({ canvasContext, viewport, background: 'white' }).promise;
    return {
      blob: await canvas.convertToBlob({ type: 'image/png' }),
      wide: canvas.width,
      high: canvas.height,
      mmPerPixel: null,
    };
  } finally {
    await document.destroy();
  }
}

async function dxfLines(file: File): Promise<Picture> {
  const picture = await pictureOfDxf(file);
  if (!picture.ok) throw new Unreadable(refusalText(picture.refusal));
  const { svg, pixelsWide, pixelsHigh, mmPerPixel } = picture.value;
  return { blob: new Blob([svg], { type: 'image/svg+xml' }), wide: pixelsWide, high: pixelsHigh, mmPerPixel };
}
