import { boundsOf } from '../geometry/polygon';
import { ok, refuse, type Result } from '../result';
import { dxfLines } from './dxf-lines';

/** A drawing as a picture to lay under a plan. */
export interface DxfPicture {
  /** An SVG image of its lines. */
  svg: string;
  pixelsWide: number;
  pixelsHigh: number;
  /** Millimetres a pixel, where the drawing says its units; else null: it has to be scaled. */
  mmPerPixel: number | null;
}

/** Pixels of the picture's longer side. */
const SIZE = 2_000;

/** The lines of a DXF drawing as a picture. Refused when it is no DXF, or has no lines. */
export function dxfPicture(text: string): Result<DxfPicture> {
  const drawing = dxfLines(text);
  if (!drawing.ok) return drawing;
  const { lines, mmPerUnit } = drawing.value;
  const { left, right, bottom, top } = boundsOf(lines.flat());
  const unitsPerPixel = Math.max(right - left, top - bottom) / SIZE;
  if (!(unitsPerPixel > 0)) return refuse('dxf-unreadable', { reason: 'no-extent' });
  const pixels = (units: number) => Math.max(1, Math.round((units / unitsPerPixel) * 1000) / 1000);
  const [wide, high] = [pixels(right - left), pixels(top - bottom)];
  const path = lines
    .map((line) =>
      line.map(
        ({ x, y }) => `${((x - left) / unitsPerPixel).toFixed(4)} ${((top - y) / unitsPerPixel).toFixed(4)}`,
      ),
    )
    .map((places) => `M${places.join('L')}`)
    .join('');
  return ok({
    svg: `<svg xmlns="http://www.w3.org/2000/svg" width="${wide}" height="${high}" viewBox="0 0 ${wide} ${high}"><path d="${path}" fill="none" stroke="#22302f" stroke-width="2"/></svg>`,
    pixelsWide: wide,
    pixelsHigh: high,
    mmPerPixel: mmPerUnit === null ? null : mmPerUnit * unitsPerPixel,
  });
}
