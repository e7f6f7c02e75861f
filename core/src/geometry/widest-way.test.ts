import { describe, expect, it } from 'vitest';
import { floorGrid, narrowestTo, widestWays } from './widest-way';
import type { Point } from './point';

const box = (left: number, bottom: number, right: number, top: number): Point[] => [
  { x: left, y: bottom },
  { x: right, y: bottom },
  { x: right, y: top },
  { x: left, y: top },
];
const narrowest = (holes: Point[][], from: Point, to: Point) =>
  narrowestTo(widestWays(floorGrid([box(0, 0, 6000, 4000), ...holes])!, from, 300), from, to, 300);
const width = (holes: Point[][], from: Point, to: Point) => narrowest(holes, from, to)!.width;
const [west, east] = [
  { x: 400, y: 2000 },
  { x: 5600, y: 2000 },
];

describe('the narrowest place of the widest way', () => {
  it('is between two things, or a thing and a wall, whichever way is the wider', () => {
    // Past a block: 900 on one side, 1300 on the other.
    expect(width([box(2000, 900, 4000, 2700)], west, east)).toBeCloseTo(1300, 6);
    expect(width([box(2000, 0, 4000, 2700)], west, east)).toBeCloseTo(1300, 6);
    // Between two blocks out of line it is from corner to corner.
    const apart = width([box(2000, 0, 3000, 2200), box(3600, 1900, 4600, 4000)], west, east);
    expect(apart).toBeCloseTo(Math.hypot(600, 0), 6);
    const corners = width([box(2000, 0, 3000, 1800), box(3600, 2500, 4600, 4000)], west, east);
    expect(corners).toBeCloseTo(Math.hypot(600, 700), 6);
  });
  it('is nothing where there is no way, and not told where both ends are one', () => {
    expect(width([box(2000, -10, 2600, 4010)], west, east)).toBe(0);
    expect(narrowest([], west, west)).toBeNull();
    expect(floorGrid([])).toBeNull();
  });
});
