import type { Point } from '../geometry/point';
import type { Segment } from '../geometry/polygon';

/** Numbers of a path that is nothing but straight lines between places. */
const LINES = /<path d="((?:[ML][-\d.]+ [-\d.]+)+)"/;

/**
 * The lines of a picture that a drawing was made into (see `dxfPicture`), in its pixels, y downwards, as straight pieces; none for
 * any other picture.
 */
export function pictureLines(svg: string): Segment[] {
  const path = LINES.exec(svg)?.[1] ?? '';
  const segments: Segment[] = [];
  let before: Point | null = null;
  for (const [, step, x, y] of path.matchAll(/([ML])([-\d.]+) ([-\d.]+)/g)) {
    const at = { x: Number(x), y: Number(y) };
    if (step === 'L' && before) segments.push({ a: before, b: at });
    before = at;
  }
  return segments;
}
