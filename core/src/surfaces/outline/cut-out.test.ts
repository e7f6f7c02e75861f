import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { onArc } from '../../geometry/arc';
import { direction, distance, dot, subtract, type Point } from '../../geometry/point';
import { contains, signedArea } from '../../geometry/polygon';
import { must } from '../../result';
import { cutOutRing, distanceWithin, rectangularCutOut, roundCutOut, type CutOut } from './cut-out';
import { edgeBetween, edgeRing } from './edge-ring';
import { treatedOutline, type OutlinePart } from './treated';

describe('cut-outs', () => {
  it('are as far from the outline as the nearest of many places on both', () => {
    const size = (min: number, max: number) => fc.double({ min, max, noNaN: true });
    fc.assert(
      fc.property(
        size(1, 400),
        size(1, 300),
        size(500, 1700),
        size(50, 1300),
        fc.tuple(size(20, 400), size(20, 400), fc.oneof(fc.constant(0), size(0.05, 1))),
        fc.boolean(),
        (outer, inner, x, y, [w, d, share], round) => {
          const parts = ellOutline(outer, inner);
          const radius = (share * Math.min(w, d)) / 2;
          const cut = round
            ? roundCutOut('a', { x, y }, w / 2)
            : rectangularCutOut(
                'a',
                { near: { x, y }, u: direction(0.7), away: direction(0.7 + Math.PI / 2) },
                { width: w, depth: d, radius },
              );
          const told = distanceWithin(parts, cut);
          const least = sampledDistance(parts, cut);
          // Both outlines are sampled every 4 mm: too far by what lies between at most.
          if (told === null) expect(isOutside(parts, cut) || least < STEP).toBe(true);
          else {
            expect(told).toBeLessThanOrEqual(least + 1e-6);
            expect(least - told).toBeLessThan(4);
          }
        },
      ),
      { numRuns: 100 },
    );
  });
});

describe('the ring of a cut-out', () => {
  it('has its area, whichever way it lies, and all of it within its size', () => {
    for (const angle of [0, 0.7, 4])
      for (const side of [1, -1]) {
        const [u, away] = [direction(angle), direction(angle + (side * Math.PI) / 2)];
        const cut = rectangularCutOut(
          'a',
          { near: { x: 5, y: 9 }, u, away },
          { width: 400, depth: 300, radius: 50 },
        );
        const ring = cutOutRing(cut);
        expect(Math.abs(signedArea(ring))).toBeGreaterThan(cut.area - 40);
        expect(Math.abs(signedArea(ring))).toBeLessThan(cut.area);
        const out = ring.map((point) => dot(subtract(point, { x: 5, y: 9 }), away));
        expect([Math.min(...out), Math.max(...out)]).toEqual([expect.closeTo(0, 6), expect.closeTo(300, 6)]);
      }
    const disc = cutOutRing(roundCutOut('a', { x: 0, y: 0 }, 17.5));
    expect(Math.abs(signedArea(disc) - Math.PI * 17.5 ** 2)).toBeLessThan(15);
    const square = rectangularCutOut(
      'a',
      { near: { x: 0, y: 0 }, u: { x: 1, y: 0 }, away: { x: 0, y: 1 } },
      { width: 4, depth: 3, radius: 0 },
    );
    expect(cutOutRing(square)).toHaveLength(4);
  });
});

/** An L of 2000 by 1500 with legs 700 wide, its outside corner and its inside corner round. */
function ellOutline(outer: number, inner: number): OutlinePart[] {
  const ring = [
    [0, 0],
    [2000, 0],
    [2000, 1500],
    [1300, 1500],
    [1300, 700],
    [0, 700],
  ].map(([x, y]) => ({ x: x!, y: y! }));
  const edges = must(
    edgeRing(ring.map((a, index) => edgeBetween(`e${index}`, 'front', [a, ring[(index + 1) % 6]!], 0))),
  );
  return must(treatedOutline(edges, [null, { radius: outer }, null, null, { radius: inner }]));
}

const STEP = 4;
const along = (a: Point, b: Point): Point[] => {
  const count = Math.ceil(distance(a, b) / STEP) + 1;
  return Array.from({ length: count + 1 }, (_, index) => ({
    x: a.x + ((b.x - a.x) * index) / count,
    y: a.y + ((b.y - a.y) * index) / count,
  }));
};
const placesOn = (parts: readonly OutlinePart[]): Point[] =>
  parts.flatMap((part) => {
    if (part.type !== 'arc') return along(part.a, part.b);
    const count = Math.ceil((part.arc.radius * Math.abs(part.arc.sweep)) / STEP) + 1;
    return Array.from({ length: count + 1 }, (_, index) => onArc(part.arc, index / count));
  });

function sampledDistance(parts: readonly OutlinePart[], { core, radius }: CutOut): number {
  const sides = core.flatMap((point, index) => along(point, core[(index + 1) % core.length]!));
  const outline = placesOn(parts);
  return (
    Math.min(...sides.map((point) => Math.min(...outline.map((other) => distance(point, other))))) - radius
  );
}

/** Whether a place of what a cut-out is rounded about lies outside. */
const isOutside = (parts: readonly OutlinePart[], { core }: CutOut): boolean => {
  const outline = placesOn(parts);
  return core.some((point, index) =>
    along(point, core[(index + 1) % core.length]!).some((one) => !contains(outline, one)),
  );
};
