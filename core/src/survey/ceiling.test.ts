import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Point } from '../geometry/point';
import { ceilingAlong, ceilingOver, headroom, volumeUnder } from './ceiling';

/** 4 by 3 m, clockwise from the upper left. */
const floor: Point[] = [
  { x: 0, y: 0 },
  { x: 4000, y: 0 },
  { x: 4000, y: -3000 },
  { x: 0, y: -3000 },
];
/** Rising from 2000 at the left to 3000 at the right. */
const rising = ceilingOver(floor, [2000, 3000, 3000, 2000]);
const square = (left: number, top: number, size: number): Point[] => [
  { x: left, y: top },
  { x: left + size, y: top },
  { x: left + size, y: top - size },
  { x: left, y: top - size },
];

describe('a ceiling', () => {
  it('is flat where every corner has one height', () => {
    const flat = ceilingOver(floor, [2400, 2400, 2400, 2400]);
    expect(flat).toEqual({ flat: 2400 });
    expect(headroom(flat, square(1000, -1000, 500))).toBe(2400);
    expect(volumeUnder(flat, 12e6)).toBe(2400 * 12e6);
    expect(ceilingAlong(flat, { x: 0, y: 0 }, { x: 300, y: 400 })).toEqual([
      { along: 0, height: 2400 },
      { along: 500, height: 2400 },
    ]);
  });

  it('over a plane is that plane, whichever way the outline is walked', () => {
    for (const [outline, heights] of [
      [floor, [2000, 3000, 3000, 2000]],
      [[...floor].reverse(), [2000, 3000, 3000, 2000].reverse()],
    ] as const) {
      const ceiling = ceilingOver(outline, heights);
      fc.assert(
        fc.property(fc.integer({ min: 0, max: 3500 }), fc.integer({ min: 500, max: 3000 }), (x, y) => {
          expect(headroom(ceiling, square(x, 500 - y, 500))).toBeCloseTo(2000 + x / 4, 6);
        }),
        { numRuns: 40 },
      );
      expect(volumeUnder(ceiling, 12e6)).toBeCloseTo(2500 * 12e6, 0);
    }
  });

  it('is nowhere over what is outside the room, and over what is half in only as far as that is in', () => {
    expect(headroom(rising, square(5000, -1000, 500))).toBe(Infinity);
    expect(headroom(rising, square(-250, -1000, 500))).toBeCloseTo(2000, 6);
    expect(headroom(rising, square(3750, -1000, 500))).toBeCloseTo(2937.5, 6);
  });

  it('along a line changes where its slope does', () => {
    expect(ceilingAlong(rising, { x: 0, y: -1500 }, { x: 4000, y: -1500 })).toEqual([
      { along: 0, height: expect.closeTo(2000, 6) },
      { along: expect.closeTo(2000, 6), height: expect.closeTo(2500, 6) },
      { along: 4000, height: expect.closeTo(3000, 6) },
    ]);
    // One corner lifted: flat up to the fold between the two triangles, then rising.
    const folded = ceilingOver(floor, [2000, 2000, 3000, 2000]);
    const along = ceilingAlong(folded, { x: 0, y: -2400 }, { x: 4000, y: -2400 });
    const heights = along.map(({ height }) => height);
    expect(heights[0]).toBeCloseTo(2000 + (folded && heights[0]! > 2000 ? heights[0]! - 2000 : 0), 6);
    expect(along.map((one) => one.along)).toEqual([...along.map((one) => one.along)].sort((a, b) => a - b));
    expect(new Set(along.map((one) => Math.round(one.along))).size).toBe(along.length);
    // At both ends and at the fold it is as high as a column there has headroom.
    for (const { along: at, height } of along) {
      const x = Math.min(3998, Math.max(1, at - 1));
      expect(Math.abs(headroom(folded, square(x, -2399, 2)) - height)).toBeLessThan(2);
    }
  });

  it('along a line on the edge of the room is that of the wall, and none outside', () => {
    expect(
      ceilingAlong(rising, { x: 0, y: 0 }, { x: 4000, y: 0 }).map(({ height }) => Math.round(height)),
    ).toEqual([2000, 3000]);
    expect(ceilingAlong(rising, { x: 0, y: 100 }, { x: 4000, y: 100 })).toEqual([]);
    expect(ceilingAlong(rising, { x: -1000, y: -100 }, { x: 1000, y: -100 })[0]).toEqual({
      along: expect.closeTo(1000, 6),
      height: expect.closeTo(2000, 6),
    });
  });
});
