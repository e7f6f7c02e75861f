import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { apart } from './apart';
import { boundsOf, type Polygon } from './polygon';

const square = (x: number, y: number, size = 10): Polygon => [
  { x, y },
  { x: x + size, y },
  { x: x + size, y: y + size },
  { x, y: y + size },
];

describe('polygons in groups', () => {
  it('are together where they come nearer than a distance, and over a third one', () => {
    const [a, b, c] = [square(0, 0), square(11, 0), square(22.1, 0)];
    expect(apart([a, b, c], 1)).toEqual([[a], [b], [c]]);
    expect(apart([a, b, c], 1.01)).toEqual([[a, b], [c]]);
    expect(apart([a, c, b], 1.2).map((group) => group.length)).toEqual([3]);
    expect(apart([], 1)).toEqual([]);
    // What touches is together at any distance.
    expect(apart([a, square(0, 10)], 1e-3)).toHaveLength(1);
    expect(apart([a, square(0, 11)], 1)).toHaveLength(2);
  });

  it('are all there, each once, and no two of different groups are near', () => {
    const some = fc.array(fc.tuple(fc.nat(100), fc.nat(100), fc.integer({ min: 1, max: 20 })), {
      maxLength: 12,
    });
    fc.assert(
      fc.property(some, fc.integer({ min: 1, max: 5 }), (places, distance) => {
        const polygons = places.map(([x, y, size]) => square(x, y, size));
        const groups = apart(polygons, distance);
        expect(new Set(groups.flat())).toEqual(new Set(polygons));
        expect(groups.flat()).toHaveLength(polygons.length);
        groups.forEach((group, index) => {
          for (const other of groups.slice(index + 1).flat())
            for (const one of group) {
              const [p, q] = [boundsOf(one), boundsOf(other)];
              const across = Math.max(p.left - q.right, q.left - p.right);
              const up = Math.max(p.bottom - q.top, q.bottom - p.top);
              expect(Math.max(across, up)).toBeGreaterThanOrEqual(distance);
            }
        });
      }),
    );
  });
});
