import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { signedArea } from '../geometry/polygon';
import { without } from '../geometry/region';
import type { TileShape } from '../surfaces/finishes';
import type { Region } from '../geometry/region';
import { evenStart, setOut } from './set-out';

const rectangle = (left: number, right: number, low: number, high: number) => [
  { x: left, y: low },
  { x: right, y: low },
  { x: right, y: high },
  { x: left, y: high },
];
const area = (region: Region) => region.reduce((sum, ring) => sum + signedArea(ring), 0);
const total = (pieces: readonly Region[]) => pieces.reduce((sum, one) => sum + area(one), 0);
/** Widths of the pieces of the lowest course, left to right. */
const lowest = (pieces: readonly Region[]) => {
  const extents = pieces.map((region) => {
    const xs = region.flat().map(({ x }) => x);
    const ys = region.flat().map(({ y }) => y);
    return { left: Math.min(...xs), right: Math.max(...xs), low: Math.min(...ys) };
  });
  const low = Math.min(...extents.map((one) => one.low));
  return extents
    .filter((one) => one.low < low + 1)
    .sort((a, b) => a.left - b.left)
    .map(({ left, right }) => right - left);
};

describe('the set-out of a course', () => {
  it('has equal cuts at its ends, at least half a tile wide where the tile is no longer than that allows', () => {
    const setup = fc.record({
      length: fc.integer({ min: 700, max: 9_000 }),
      size: fc.integer({ min: 40, max: 600 }),
      joint: fc.integer({ min: 1, max: 6 }),
    });
    fc.assert(
      fc.property(setup, ({ length, size, joint }) => {
        const tile: TileShape = { long: size, high: 100, joint, offset: 0 };
        const widths = lowest(setOut([rectangle(0, length, 0, 100)], tile, true));
        expect(widths[0]).toBeCloseTo(widths.at(-1)!, 2);
        // All its pieces and joints make its length.
        const sum = widths.reduce((all, one) => all + one, 0) + (widths.length - 1) * joint;
        expect(Math.abs(sum - length)).toBeLessThanOrEqual(2 * joint + 0.01);
        expect(widths[0]! + joint).toBeGreaterThanOrEqual((size - joint) / 2 - 0.01);
      }),
      { numRuns: 200 },
    );
  });

  it('starts with a joint or a tile in the middle, whichever leaves the wider cut', () => {
    // 1000 of 300 and 0: a tile in the middle leaves 350, one tile and 50; a joint leaves 500, one tile and 200.
    expect((evenStart(0, 1_000, 300, 0) + 600) % 300).toBeCloseTo(200, 9);
    // 1500 of 300: whole tiles from end to end.
    expect(
      lowest(setOut([rectangle(0, 1_500, 0, 300)], { long: 300, high: 300, joint: 0, offset: 0 }, true)),
    ).toEqual([300, 300, 300, 300, 300]);
  });
});

describe('tiles on a surface', () => {
  it('are none where there is none, and the surface in one where there would be too many', () => {
    const mosaic: TileShape = { long: 5, high: 5, joint: 1, offset: 0 };
    expect(setOut([], mosaic, false)).toEqual([]);
    const floor = [rectangle(0, 9_000, 0, 8_000)];
    expect(setOut(floor, mosaic, false)).toEqual([floor]);
    expect(setOut([rectangle(0, 900, 0, 800)], mosaic, false).length).toBeGreaterThan(19_000);
  });

  it('make up what the surface and the grid have in common, whatever the surface', () => {
    const corner = fc.record({
      r: fc.integer({ min: 300, max: 1_500 }),
      off: fc.double({ min: 0.1, max: 0.9, noNaN: true }),
    });
    fc.assert(
      fc.property(
        fc.array(corner, { minLength: 3, maxLength: 8 }),
        fc.integer({ min: 60, max: 400 }),
        (corners, size) => {
          // A star-shaped outline, counter-clockwise.
          const ring = corners.map(({ r, off }, i) => {
            const turn = ((i + off) / corners.length) * 2 * Math.PI;
            return { x: Math.round(r * Math.cos(turn)), y: Math.round(r * Math.sin(turn)) };
          });
          fc.pre(signedArea(ring) > 1_000);
          const pieces = setOut([ring], { long: size, high: size, joint: 0, offset: 0 }, false);
          // Without joints they are all of it.
          expect(Math.abs(total(pieces) / signedArea(ring) - 1)).toBeLessThan(1e-3);
        },
      ),
      { numRuns: 150 },
    );
  });

  it('cover it but for its joints, and none of them twice', () => {
    const tile: TileShape = { long: 200, high: 100, joint: 4, offset: 1 / 2 };
    const surface = without([rectangle(0, 3_010, 0, 2_405)], [rectangle(700, 1_500, 900, 2_000)]);
    const pieces = setOut(surface, tile, true);
    // An independent count: how much of the surface lies in tiles, course by course, with numbers only.
    const start = evenStart(0, 3_010, 200, 4);
    const covered = (left: number, right: number, row: number) => {
      let sum = 0;
      for (let x = start + (row % 2) * 102 - 204; x < right; x += 204)
        sum += Math.max(0, Math.min(x + 200, right) - Math.max(x, left));
      return sum;
    };
    let expected = 0;
    for (let row = 0, low = 0; low < 2_405; row++, low += 104) {
      const high = Math.min(low + 100, 2_405);
      const beside = Math.max(0, Math.min(high, 2_000) - Math.max(low, 900));
      expected += covered(0, 3_010, row) * (high - low) - covered(700, 1_500, row) * beside;
    }
    expect(total(pieces) / expected).toBeCloseTo(1, 5);
    // A tile larger than a hole has the hole in it.
    const pierced = setOut(
      without([rectangle(0, 500, 0, 500)], [rectangle(240, 260, 240, 260)]),
      { long: 500, high: 500, joint: 2, offset: 0 },
      true,
    );
    expect(pierced).toHaveLength(1);
    expect(pierced[0]).toHaveLength(2);
    expect(area(pierced[0]!)).toBeCloseTo(250_000 - 400, 3);
  });
});
