import type { Family } from './range';

/** A family of a range's data in one line: what it is, its code's pattern, sizes in the range's unit, price each, per width and per height. */
export function family(
  type: string,
  name: string,
  code: string,
  widths: number[],
  heights: number[],
  depths: number[],
  [each, width, height]: readonly [number, number, number],
  more: Partial<Family> = {},
): Family {
  return { type, name, code, widths, heights, depths, price: { each, width, height }, ...more };
}
