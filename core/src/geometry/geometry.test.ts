import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { wrapAngle } from '../units/angles';
import { clipHalfPlane, extent, grown, overlapDepth } from './convex';
import { direction, inward, place, subtract, type Point } from './point';
import { boundsOf, contains, crossingEdges, perimeter, signedArea } from './polygon';
import { intersect, union, without } from './region';
import { reachIntoSector, type Sector } from './sector';

const square = (x: number, y: number, size: number): Point[] => [
  { x, y },
  { x: x + size, y },
  { x: x + size, y: y + size },
  { x, y: y + size },
];

const box = fc
  .record({
    x: fc.integer({ min: -500, max: 500 }),
    y: fc.integer({ min: -500, max: 500 }),
    turn: fc.double({ min: -3, max: 3, noNaN: true }),
    width: fc.integer({ min: 50, max: 600 }),
    depth: fc.integer({ min: 50, max: 600 }),
  })
  .map(({ x, y, turn, width, depth }) => {
    const u = direction(turn);
    const n = inward(u);
    const at = (across: number, out: number) => place({ x, y }, u, across, n, out);
    return [at(0, 0), at(width, 0), at(width, depth), at(0, depth)];
  });

/** Points spread over a polygon's bounds. */
function samples(polygon: readonly Point[], count: number): Point[] {
  const { left, right, bottom, top } = boundsOf(polygon);
  return Array.from({ length: count * count }, (_, i) => ({
    x: left + ((right - left) * ((i % count) + 0.5)) / count,
    y: bottom + ((top - bottom) * (Math.floor(i / count) + 0.5)) / count,
  })).filter((point) => contains(polygon, point));
}

function inSector(point: Point, { centre, radius, from, sweep }: Sector): boolean {
  const [x, y] = [point.x - centre.x, point.y - centre.y];
  const turned = wrapAngle(Math.atan2(y, x) - from - sweep / 2);
  return Math.hypot(x, y) <= radius && Math.abs(turned) <= sweep / 2;
}

/** A sector as a polygon around it, an edge a quarter of a degree. */
function fan({ centre, radius, from, sweep }: Sector): Point[] {
  const rim = Array.from({ length: 361 }, (_, i) => direction(from + (sweep * i) / 360));
  return [
    centre,
    ...rim.map(({ x, y }) => ({ x: centre.x + x * radius * 1.00001, y: centre.y + y * radius * 1.00001 })),
  ];
}

describe('polygons', () => {
  it('measures area and perimeter', () => {
    expect(signedArea(square(10, 10, 100))).toBe(10_000);
    expect(signedArea(square(10, 10, 100).reverse())).toBe(-10_000);
    expect(perimeter(square(0, 0, 100))).toBe(400);
  });

  it('finds edges that cross', () => {
    expect(crossingEdges(square(0, 0, 100))).toBeNull();
    const [a, b, c, d] = square(0, 0, 100) as [Point, Point, Point, Point];
    expect(crossingEdges([a, c, b, d])).toEqual([0, 2]);
  });

  it('agrees with closed formulas on unions and differences', () => {
    const total = (rings: Point[][]) => rings.reduce((sum, ring) => sum + signedArea(ring), 0);
    expect(total(union([square(0, 0, 100), square(50, 50, 100)]))).toBeCloseTo(17_500, 3);
    expect(total(intersect([square(0, 0, 100)], [square(50, 50, 100)]))).toBeCloseTo(2_500, 3);
    expect(total(without([square(0, 0, 100)], [square(25, 25, 50)]))).toBeCloseTo(7_500, 3);
    // A hole stays one, whatever is done with the region after.
    const ring = without([square(0, 0, 100)], [square(25, 25, 50)]);
    expect(total(intersect(ring, [square(-50, -50, 100)]))).toBeCloseTo(50 * 50 - 25 * 25, 3);
    expect(total(without(ring, [square(0, 0, 50), square(0, 0, 40)]))).toBeCloseTo(
      7_500 - (50 * 50 - 25 * 25),
      3,
    );
  });

  it('clips by a half-plane', () => {
    expect(signedArea(clipHalfPlane(square(0, 0, 100), { x: 1, y: 0 }, 30))).toBeCloseTo(7_000, 6);
    expect(clipHalfPlane(square(0, 0, 100), { x: 1, y: 0 }, 130)).toEqual([]);
  });
});

describe('a polygon grown', () => {
  it('keeps inside corners, with as much of the area beside them as by Steiner’s formula', () => {
    const ell = [
      [0, 0],
      [900, 0],
      [900, 560],
      [560, 560],
      [560, 900],
      [0, 900],
    ].map(([x, y]) => ({ x: x!, y: y! }));
    const out = grown(ell, 2);
    expect(out[3]).toEqual({ x: 562, y: 562 });
    // Five corners outside, one inside.
    expect(signedArea(out) - signedArea(ell)).toBeCloseTo(2 * perimeter(ell) + 4 * 4, 6);
  });
  it('has every side as far out, whichever way round it is walked', () => {
    const five = [0, 70, 140, 220, 300].map((degrees) => direction((degrees * Math.PI) / 180));
    // Two corners in one place make no side.
    const four = [...square(0, 0, 300), { x: 0, y: 300 }];
    for (const polygon of [five, five.toReversed(), four]) {
      const out = grown(polygon, 2);
      expect(out).toHaveLength(new Set(polygon.map(({ x, y }) => `${x} ${y}`)).size);
      for (const axis of polygon.flatMap((at, index) => {
        const { x, y } = subtract(at, polygon.at(index - 1)!);
        const long = Math.hypot(x, y);
        return long > 0 ? [{ x: y / long, y: -x / long }] : [];
      })) {
        const [was, is] = [extent(polygon, axis), extent(out, axis)];
        // One of the two is the side's own.
        expect(Math.min(is[1] - was[1], was[0] - is[0])).toBeCloseTo(2, 9);
      }
    }
  });
});

describe('overlapDepth', () => {
  it('is zero for neighbours and the shortest way apart for overlaps', () => {
    expect(overlapDepth(square(0, 0, 100), square(100, 0, 100))).toBeCloseTo(0, 9);
    expect(overlapDepth(square(0, 0, 100), square(90, 20, 100))).toBeCloseTo(10, 9);
  });

  it('agrees with sampling on random boxes', () => {
    fc.assert(
      fc.property(box, box, (a, b) => {
        const depth = overlapDepth(a, b);
        const shared = samples(a, 24).some((point) => contains(b, point));
        if (shared) expect(depth).toBeGreaterThan(0);
        if (depth > 40) expect(Math.max(...intersect([a], [b]).map(signedArea))).toBeGreaterThan(0);
        if (depth < -0.01) expect(intersect([a], [b])).toEqual([]);
      }),
    );
  });
});

describe('sectors', () => {
  const sector = fc.record({
    centre: fc.record({ x: fc.integer({ min: -300, max: 300 }), y: fc.integer({ min: -300, max: 300 }) }),
    radius: fc.integer({ min: 200, max: 900 }),
    from: fc.double({ min: -3, max: 3, noNaN: true }),
    sweep: fc.constant(Math.PI / 2),
  });

  it('knows a box beside the hinge from one in the way', () => {
    const door: Sector = { centre: { x: 0, y: 0 }, radius: 800, from: -Math.PI / 2, sweep: Math.PI / 2 };
    expect(reachIntoSector(square(-600, -600, 600), door)).toBeLessThanOrEqual(0);
    expect(reachIntoSector(square(800, -600, 600), door)).toBeLessThanOrEqual(0);
    // Beside the hinge, half a millimetre in at most: not in the way; more is.
    expect(reachIntoSector(square(-599.5, -600, 600), door)).toBe(0);
    expect(reachIntoSector(square(-599.4, -600, 600), door)).toBeGreaterThan(799);
    expect(reachIntoSector(square(750, -600, 600), door)).toBeCloseTo(50, 6);
    expect(reachIntoSector(square(-100, -700, 600), door)).toBeCloseTo(700, 6);
  });

  it('agrees with sampling on random boxes', () => {
    fc.assert(
      fc.property(box, sector, (polygon, swing) => {
        const inside = samples(polygon, 30).filter((point) => inSector(point, swing));
        const nearest = Math.min(
          ...inside.map(({ x, y }) => Math.hypot(x - swing.centre.x, y - swing.centre.y)),
        );
        const reach = reachIntoSector(polygon, swing);
        if (inside.length > 0) expect(reach).toBeGreaterThanOrEqual(swing.radius - nearest - 1e-6);
        if (reach > 1) expect(intersect([polygon], [fan(swing)]).length).toBeGreaterThan(0);
      }),
    );
  });
});
