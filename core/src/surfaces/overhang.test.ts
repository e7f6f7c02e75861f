import { describe, expect, it } from 'vitest';
import type { Point } from '../geometry/point';
import { overhangPast } from './overhang';

/** A top over the floor from (0, 0) to (1000, -600), with a hole in it. */
const ring = (left: number, right: number, top: number, bottom: number): Point[] => [
  { x: left, y: bottom },
  { x: right, y: bottom },
  { x: right, y: top },
  { x: left, y: top },
];
const top = (...outline: Point[][]) => ({ outline });
const deep = top(ring(0, 1000, 0, -700));
const down = { x: 0, y: -1 };

describe('how far a top stands past a side', () => {
  const at = (y: number, out: Point = down, of = top(ring(0, 1000, 0, -600))) =>
    overhangPast(of, { x: 200, y }, { x: 600, y }, out);

  it('is measured straight out from the middle of the side to the edge', () => {
    expect([at(-560), at(-600) + 0, at(-100, down, deep)]).toEqual([40, 0, 600]);
    expect(at(-30, { x: 0, y: 1 })).toBe(30);
    expect(
      overhangPast(top(ring(0, 1000, 0, -600)), { x: 980, y: -100 }, { x: 980, y: -500 }, { x: 1, y: 0 }),
    ).toBe(20);
  });

  it('is none where the top goes on, or stops short', () => {
    expect([at(-99, down, deep), at(-650), at(-560, down, top(ring(450, 1000, 0, -600)))]).toEqual([0, 0, 0]);
    // Just under it, and just beside.
    expect(at(-560, down, top(ring(400, 1000, 0, -600)))).toBe(40);
    expect(at(-560, down, top(ring(0, 400, 0, -600)))).toBe(40);
    expect(at(-560, down, top(ring(0, 399.9, 0, -600)))).toBe(0);
  });

  it('is to the nearest edge: that of a hole before that of the outline', () => {
    expect(at(-300, down, top(ring(0, 1000, 0, -600), ring(300, 500, -320, -400)))).toBe(20);
  });

  it('meets a slanting edge where it stands over the middle', () => {
    const slanted: Point[] = [
      { x: 0, y: -600 },
      { x: 1000, y: -700 },
      { x: 1000, y: 0 },
      { x: 0, y: 0 },
    ];
    expect(at(-560, down, top(slanted))).toBeCloseTo(80, 9);
  });
});
