import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { signedArea, type Polygon } from './polygon';
import { intersect, union, without, type Region } from './region';

const areaOf = (region: Region): number => region.reduce((sum, ring) => sum + signedArea(ring), 0);
const box: Polygon = [
  { x: 0, y: 0 },
  { x: 500, y: 0 },
  { x: 500, y: 150 },
  { x: 0, y: 150 },
];

describe('what polygons have in common', () => {
  it('is found where a ring goes back over itself along an edge of another', () => {
    const ring: Polygon = [
      { x: 0, y: 0 },
      { x: -1120, y: 0 },
      { x: 7258, y: 0 },
      { x: 2859, y: 30_000 },
      { x: 6978, y: 0 },
    ];
    expect(intersect([ring], [box])).toEqual([]);
    // Of the triangle that is left of it.
    expect(areaOf(union([ring]))).toBeCloseTo(((7258 - 6978) * 30_000) / 2, 6);
  });

  it.each([
    ['straight back', [0, 0, 600, 0, 200, 0, 200, 100]],
    ['back over a corner', [0, 0, 200, 0, 200, 300, 200, 100, 0, 100, -50, 100, 0, 100]],
    ['first and last', [-80, 0, 200, 0, 200, 100, 0, 100, 0, 0]],
    ['the same corner twice', [0, 0, 0, 0, 200, 0, 200, 100, 200, 100, 0, 100]],
  ])('counts nothing where a ring turns straight back: %s', (_, numbers) => {
    const ring = numbers.flatMap((x, at) => (at % 2 === 0 ? [{ x, y: numbers[at + 1]! }] : []));
    expect(areaOf(intersect([ring], [box]))).toBeCloseTo(areaOf(union([ring])), 6);
    expect(areaOf(union([ring]))).toBeCloseTo(Math.abs(signedArea(ring)), 6);
  });

  it('is nothing of a ring that goes there and back', () => {
    const flat: Polygon = [
      { x: 0, y: 0 },
      { x: 300, y: 0 },
      { x: 100, y: 0 },
      { x: 400, y: 0 },
    ];
    expect([intersect([flat], [box]), union([flat]), without([flat], [box])]).toEqual([[], [], []]);
    expect(areaOf(without([box], [flat]))).toBeCloseTo(500 * 150, 6);
  });

  it('and what lies beside it are together the whole, of any ring on a few lines (property)', () => {
    const corner = fc.record({
      x: fc.constantFrom(0, -1120, 7258, 2859, 6978, 500, 250, 30_000),
      y: fc.constantFrom(0, 0, 30_000, 150, -30_000, 75),
    });
    fc.assert(
      fc.property(fc.array(corner, { minLength: 3, maxLength: 8 }), (ring) => {
        const whole = areaOf(union([ring]));
        const parts = areaOf(intersect([ring], [box])) + areaOf(without([ring], [box]));
        // Each corner is right to a micrometre, of edges as long as these.
        expect(Math.abs(whole - parts)).toBeLessThan(1e-3 * 60_000 * ring.length);
      }),
      { numRuns: 1_000 },
    );
  });
});
