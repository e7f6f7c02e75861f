import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { clipHalfPlane } from '../geometry/convex';
import { direction, dot, inward, place, scale, subtract, type Point } from '../geometry/point';
import {
  joined,
  merged,
  parallel,
  stretchesOfPath,
  stretchOfPolygon,
  stretchOfSegment,
  type Strip,
} from './strip';

const strip: Strip = { origin: { x: 0, y: 0 }, u: { x: 1, y: 0 }, n: { x: 0, y: -1 }, near: 0, far: 600 };
const box = (left: number, right: number, near: number, far: number): Point[] => [
  { x: left, y: -near },
  { x: right, y: -near },
  { x: right, y: -far },
  { x: left, y: -far },
];

describe('what something takes of a strip', () => {
  it('is from its first to its last place along it, of a polygon that is in it by more than a touch', () => {
    expect(stretchOfPolygon(strip, box(100, 300, 50, 200))).toEqual([100, 300]);
    expect(stretchOfPolygon(strip, box(-500, 300, -50, 900))).toEqual([-500, 300]);
    expect([599, 599.4, 599.51, 600].map((near) => stretchOfPolygon(strip, box(0, 9, near, 900)))).toEqual([
      ...[[0, 9], [0, 9], null, null],
    ]);
    expect([1, 0.6, 0.49, 0].map((far) => stretchOfPolygon(strip, box(0, 9, -900, far)))).toEqual([
      ...[[0, 9], [0, 9], null, null],
    ]);
  });

  it('is measured over all its depth, not only where it is in by more than a touch', () => {
    // A triangle that stands in from the near edge on: at the touch it is narrower than at the edge.
    const spike: Point[] = [
      { x: 0, y: 100 },
      { x: 200, y: 100 },
      { x: 100, y: -100 },
    ];
    expect(stretchOfPolygon(strip, spike)).toEqual([50, 150]);
    const [from, to] = stretchOfSegment(strip, { x: 0, y: 100 }, { x: 100, y: -100 })!;
    expect([from, to]).toEqual([50, 100]);
    expect(stretchOfSegment(strip, { x: 100, y: -100 }, { x: 0, y: 100 })).toEqual([50, 100]);
  });

  it('of a segment is none where it runs along an edge or beside, and all of it within', () => {
    const level = (y: number) => stretchOfSegment(strip, { x: 100, y: -y }, { x: 400, y: -y });
    expect([0, 0.4, 0.5, 300, 599.5, 599.6, 600, 700].map(level)).toEqual([
      ...[null, null, [100, 400], [100, 400], [100, 400], null, null, null],
    ]);
    expect(stretchOfSegment(strip, { x: 50, y: 200 }, { x: 50, y: -1000 })).toEqual([50, 50]);
  });

  it('is the same wherever the strip lies: against clipping it by its two edges', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -3, max: 3, noNaN: true }),
        fc.tuple(fc.integer({ min: -900, max: 900 }), fc.integer({ min: -900, max: 900 })),
        fc.integer({ min: 20, max: 700 }),
        fc.integer({ min: 20, max: 700 }),
        fc.double({ min: -3, max: 3, noNaN: true }),
        (turn, [x, y], width, depth, own) => {
          const u = direction(turn);
          const n = inward(u);
          const turned = { origin: { x: 300, y: -200 }, u, n, near: 10, far: 500 };
          const v = direction(own);
          const corner = (along: number, out: number) => place({ x, y }, v, along, inward(v), out);
          const polygon = [corner(0, 0), corner(width, 0), corner(width, depth), corner(0, depth)];
          const found = stretchOfPolygon(turned, polygon);
          const local = polygon.map((point) => subtract(point, turned.origin));
          const within = clipHalfPlane(clipHalfPlane(local, n, 10.5), scale(n, -1), -499.5);
          expect(found === null).toBe(within.length < 3);
          if (!found) return;
          const inside = clipHalfPlane(clipHalfPlane(local, n, 10), scale(n, -1), -500).map((point) =>
            dot(point, u),
          );
          expect(found[0]).toBeCloseTo(Math.min(...inside), 6);
          expect(found[1]).toBeCloseTo(Math.max(...inside), 6);
        },
      ),
      { numRuns: 150 },
    );
  });
});

describe('stretches', () => {
  it('of a line are one for each time it comes in', () => {
    const path: Point[] = [
      { x: 0, y: 100 },
      { x: 100, y: -300 },
      { x: 200, y: -300 },
      { x: 300, y: 500 },
      { x: 400, y: 500 },
      { x: 400, y: -200 },
    ];
    const [first, second, ...others] = stretchesOfPath(strip, path);
    expect([first![0], second, others]).toEqual([25, [400, 400], []]);
    expect(first![1]).toBeCloseTo(237.5, 6);
  });

  it('of a line that leaves the strip in a corner beyond it and comes back elsewhere are two', () => {
    const band = { origin: { x: 0, y: 0 }, u: { x: 1, y: 0 }, n: { x: 0, y: 1 }, near: 0, far: 100 };
    // Out at 300 and back at 700, its corner 200 beyond: in the strip up to 400 and from 600 on.
    const away = [300, 500, 700].map((x, index) => ({ x, y: index === 1 ? 200 : 0 }));
    expect(stretchesOfPath(band, away)).toEqual([
      [300, 400],
      [600, 700],
    ]);
    const within = away.map(({ x, y }) => ({ x, y: y / 4 }));
    expect(stretchesOfPath(band, within)).toEqual([[300, 700]]);
  });

  it('that follow one another are joined, and parted by what is none', () => {
    expect(joined([[5, 9], [3, 6], null, [1, 2], null])).toEqual([
      [3, 9],
      [1, 2],
    ]);
    expect(joined([null, null])).toEqual([]);
  });

  it('that meet within a touch are merged, in any order', () => {
    expect(
      merged([
        [10, 20],
        [0, 5],
        [20.5, 30],
        [2, 4],
        [30.51, 40],
      ]),
    ).toEqual([
      [0, 5],
      [10, 30],
      [30.51, 40],
    ]);
  });
});

it('directions are parallel either way round within an angle', () => {
  const at = (degrees: number) => direction((degrees * Math.PI) / 180);
  const within = (0.1 * Math.PI) / 180;
  expect(
    [0, 0.09, 0.11, 180, 179.95, 179.8, 90].map((degrees) => parallel(at(0), at(degrees), within)),
  ).toEqual([...[true, true, false, true, true, false, false]]);
});
