import fc from 'fast-check';
import { ClipType, FillRule, PathType, type Paths64 } from 'clipper2-ts/dist/Core.js';
import { Clipper64 } from 'clipper2-ts/dist/Engine.js';
import { describe, expect, it } from 'vitest';
import { rotate, type Point } from '../geometry/point';
import { signedArea, type Polygon } from '../geometry/polygon';
import { must } from '../result';
import { countTiles } from './count';
import type { Origin } from './frame';
import { lay, NOTHING } from './lay';
import { cellOf, type Cell } from './pattern';
import { patternTypes, repeatOf, type PatternChoice, type PatternType } from './patterns';

const box = (left: number, bottom: number, right: number, top: number): Point[] => [
  { x: left, y: bottom },
  { x: right, y: bottom },
  { x: right, y: top },
  { x: left, y: top },
];
const places = (...all: [number, number][]): Point[] => all.map(([x, y]) => ({ x, y }));
const hole = (ring: Polygon): Point[] => ring.toReversed();
const grid = (w: number, h: number, joint: number) =>
  must(cellOf(repeatOf({ type: 'grid' }), { w, h }, joint));
const counted = (zone: readonly Polygon[], cell: Cell, at: Point = { x: 0, y: 0 }, angle = 0) =>
  countTiles(must(lay(zone, cell, { at, angle })));

/** The library's unit: so many to a mm, finer than what is told apart. */
const FINE = 20_000;
const fine = (rings: readonly Polygon[]): Paths64 =>
  rings.map((ring) => ring.map(({ x, y }) => ({ x: Math.round(x * FINE), y: Math.round(y * FINE) })));

/** Rounding moves an edge by half a unit: of a piece of so much area that is so much, mm². */
const roundingOf = (area: number): number => (Math.sqrt(area) * 4) / FINE;

interface Expected {
  area: number;
  whole: number;
  cut: number;
  split: number;
  parts: number;
  /** A piece or a part is so near to a limit that the library's rounding decides. */
  doubtful: boolean;
}

/** The same count by the polygon library alone: every piece that could lie in the zone, one by one. */
function byLibrary(zone: readonly Polygon[], { a, b, pieces }: Cell, { at, angle }: Origin): Expected {
  const clip = fine(zone);
  const turn = (angle * Math.PI) / 180;
  const found: Expected = { area: 0, whole: 0, cut: 0, split: 0, parts: 0, doubtful: false };
  const far = Math.max(...zone.flat().map(({ x, y }) => Math.hypot(x - at.x, y - at.y)));
  const short = Math.abs(a.x * b.y - a.y * b.x) / Math.max(Math.hypot(a.x, a.y), Math.hypot(b.x, b.y));
  const reach = Math.max(...pieces.flatMap(({ ring }) => ring.map(({ x, y }) => Math.hypot(x, y))));
  const most = Math.ceil((far + reach) / short) + 1;
  for (let i = -most; i <= most; i++)
    for (let k = -most; k <= most; k++) {
      const from = { x: i * a.x + k * b.x, y: i * a.y + k * b.y };
      if (Math.hypot(from.x, from.y) > far + reach) continue;
      for (const piece of pieces) {
        const ring = piece.ring.map((corner) => {
          const { x, y } = rotate({ x: corner.x + from.x, y: corner.y + from.y }, turn);
          return { x: x + at.x, y: y + at.y };
        });
        const engine = new Clipper64();
        engine.addPaths(fine([ring]), PathType.Subject);
        engine.addPaths(clip, PathType.Clip);
        const solution: Paths64 = [];
        engine.execute(ClipType.Intersection, FillRule.Positive, solution);
        const areas = solution.map((path) => signedArea(path) / FINE ** 2);
        const area = areas.reduce((sum, one) => sum + one, 0);
        const near = (one: number, limit: number) => Math.abs(one - limit) < limit * 0.5;
        const missing = 1 - area / piece.area;
        const rounding = roundingOf(piece.area);
        if (areas.some((one) => near(one, NOTHING) || (one > 0 && one < rounding && one > NOTHING / 2)))
          found.doubtful = true;
        if (missing > 0 && missing * piece.area < 2 * rounding && missing * piece.area > 1e-7 * piece.area)
          found.doubtful ||= missing > 2e-7;
        if (area <= NOTHING) continue;
        found.area += area;
        if (missing <= 1e-6) found.whole += 1;
        else {
          const parts = areas.filter((one) => one > NOTHING).length;
          found.cut += 1;
          found.parts += parts;
          if (parts > 1) found.split += 1;
        }
      }
    }
  return found;
}

const choice = (type: PatternType): fc.Arbitrary<PatternChoice> => {
  if (type === 'running' || type === 'vertical')
    return fc
      .constantFrom([1, 2] as const, [1, 3] as const, [2, 5] as const)
      .map((offset) => ({ type, offset }));
  if (type === 'plank') return fc.constantFrom([0, 310, 140], [0, -95]).map((stagger) => ({ type, stagger }));
  if (type === 'basketweave') return fc.constantFrom(2, 3).map((n) => ({ type, n }));
  return fc.constant({ type });
};

/** A zone about a metre wide, not always square, with holes that stand clear, touch, or lie over one another. */
const zones: fc.Arbitrary<Polygon[]> = fc
  .record({
    radii: fc.array(fc.integer({ min: 250, max: 700 }), { minLength: 3, maxLength: 9 }),
    turned: fc.double({ min: 0, max: 1, noNaN: true }),
    square: fc.boolean(),
    holes: fc.array(
      fc.record({
        x: fc.integer({ min: -140, max: 140 }),
        y: fc.integer({ min: -140, max: 140 }),
        size: fc.integer({ min: 20, max: 130 }),
        corners: fc.integer({ min: 3, max: 12 }),
      }),
      { maxLength: 2 },
    ),
  })
  .map(({ radii, turned, square, holes }) => {
    const outer = square
      ? [
          { x: -radii[0]!, y: -radii[1]! },
          { x: radii[2]!, y: -radii[1]! },
          // Nor does its inner corner lie on one.
          { x: radii[2]!, y: 100.2719 },
          { x: 150.3127, y: 100.2719 },
          { x: 150.3127, y: radii[1]! },
          { x: -radii[0]!, y: radii[1]! },
        ]
      : radii.map((radius, index) => {
          const angle = ((index + turned * 0.8) / radii.length) * 2 * Math.PI;
          // No corner of it lies on a joint but by chance: a neck of no width parts a piece or not by rounding.
          const far = radius * 1.000723;
          return { x: far * Math.cos(angle), y: far * Math.sin(angle) };
        });
    // Nor does a corner of one hole lie on an edge of the other but by chance.
    const cut = holes.map(({ x, y, size, corners }, hole) =>
      Array.from({ length: corners }, (_, index) => {
        const angle = -((index + turned) / corners) * 2 * Math.PI;
        const beside = 0.377 + hole * 0.19307;
        return { x: x + beside + size * Math.cos(angle), y: y + beside / 2 + size * Math.sin(angle) };
      }),
    );
    return [outer, ...cut];
  })
  .filter(([outer]) => signedArea(outer!) > 30_000);

describe('a laid zone, by hand', () => {
  const zone = [box(0, 0, 1000, 600)];

  it('has whole tiles, cut ones, and joints between', () => {
    // 300 and 3 of joint: three whole and 91 left along; 200 and 3: two whole and 194 left up.
    const count = counted(zone, grid(300, 200, 3));
    expect(count).toMatchObject({
      whole: 6,
      cut: 6,
      splitPieces: 0,
      cutParts: 6,
      bySlot: { tile: { whole: 6, cut: 6 } },
    });
    expect(count.tiledArea).toBeCloseTo((3 * 300 + 91) * (2 * 200 + 194), 6);
    expect(count.tiledArea + count.jointArea).toBeCloseTo(600_000, 6);
  });

  it('has no piece where it ends in a joint or at a tile', () => {
    expect(counted([box(0, 0, 906, 403)], grid(300, 200, 3))).toMatchObject({ whole: 6, cut: 0 });
    expect(counted([box(0, 0, 909, 406)], grid(300, 200, 3))).toMatchObject({ whole: 6, cut: 0 });
    expect(counted([box(0, 0, 909.01, 406)], grid(300, 200, 3))).toMatchObject({ whole: 6, cut: 2 });
  });

  it('counts what is left of a piece above a thousandth of a square millimetre, and what lacks more than a millionth', () => {
    const wide = (by: number) => counted([box(0, 0, 300 + by, 200)], grid(300, 200, 0));
    expect(wide(4e-6)).toMatchObject({ whole: 1, cut: 0 });
    expect(wide(6e-6)).toMatchObject({ whole: 1, cut: 1 });
    expect(wide(-2.9e-4)).toMatchObject({ whole: 1, cut: 0 });
    expect(wide(-3.1e-4)).toMatchObject({ whole: 0, cut: 1 });
  });

  it('counts a piece that an obstacle parts as one cut piece of two parts', () => {
    const pierced = [box(0, 0, 300, 200), hole(box(100, -10, 120, 210))];
    expect(counted(pierced, grid(300, 200, 3))).toMatchObject({
      whole: 0,
      cut: 1,
      splitPieces: 1,
      cutParts: 2,
    });
    // Not right through: one part, as one with a hole in its middle is.
    expect(counted([box(0, 0, 300, 200), hole(box(100, 10, 120, 210))], grid(300, 200, 3))).toMatchObject({
      ...{ cut: 1, splitPieces: 0, cutParts: 1 },
      tiledArea: 60_000 - 20 * 190,
    });
    const [piece] = must(
      lay([box(0, 0, 300, 200), hole(box(100, 50, 120, 80))], grid(300, 200, 3), {
        at: { x: 0, y: 0 },
        angle: 0,
      }),
    ).pieces;
    expect(
      piece!
        .outline()
        .map(signedArea)
        .sort((a, b) => a - b),
    ).toEqual([-600, 60_000]);
  });

  it('leaves out what lies in a hole within a hole, and lays an island in one', () => {
    const nested = [box(0, 0, 900, 600), hole(box(100, 100, 500, 500)), hole(box(200, 200, 300, 300))];
    expect(counted(nested, grid(100, 100, 0))).toMatchObject({ whole: 54 - 16, cut: 0 });
    const island = [box(0, 0, 900, 600), hole(box(100, 100, 500, 500)), box(200, 200, 300, 300)];
    expect(counted(island, grid(100, 100, 0))).toMatchObject({ whole: 54 - 16 + 1, cut: 0 });
  });

  it('is what lies in no hole, though holes lie at an edge, over one another or out of it', () => {
    const outer = box(0, 0, 900, 600);
    const notched = counted(
      [[...outer.slice(0, 2), ...places([900, 200], [700, 200], [700, 400], [900, 400]), ...outer.slice(2)]],
      grid(170, 130, 2),
    );
    for (const holes of [
      [box(700, 200, 900, 400)],
      [box(700, 200, 960, 400)],
      [box(700, 200, 900, 330), box(700, 250, 1_000, 400)],
      [box(700, 200, 900, 400), box(1_000, 100, 1_200, 300)],
      [box(700, 200, 900, 400), box(750, 250, 800, 300)],
    ]) {
      const { tiledArea, jointArea, ...count } = counted([outer, ...holes.map(hole)], grid(170, 130, 2));
      const { tiledArea: tiled, jointArea: joints, ...expected } = notched;
      expect(count).toEqual(expected);
      expect(tiledArea).toBeCloseTo(tiled, 4);
      expect(jointArea).toBeCloseTo(joints, 4);
    }
  });

  it('is nothing where a hole goes all round it', () => {
    const around = [box(0, 0, 900, 600), hole(box(-1_000, -1_000, 2_000, 2_000))];
    expect(counted(around, grid(170, 130, 2))).toMatchObject({
      whole: 0,
      cut: 0,
      tiledArea: 0,
      jointArea: 0,
    });
  });

  it('is turned about its origin, counter-clockwise', () => {
    const [piece] = must(
      lay([box(0, 0, 100, 100)], grid(400, 20, 0), { at: { x: 100, y: 0 }, angle: 90 }),
    ).pieces;
    // The first row runs up the right side, to its left.
    expect(
      piece!
        .outline()[0]!
        .map(({ x, y }) => [Math.round(x), Math.round(y)])
        .sort(),
    ).toEqual(
      [
        [100, 0],
        [100, 100],
        [80, 0],
        [80, 100],
      ].sort(),
    );
  });

  it('keeps every corner of a piece that is cut by edges a hair off its own', () => {
    // Mitred at both ends, its long sides no more than so much out of the tile's: those cross them somewhere.
    for (const hair of [-3e-5, -2e-7, -2e-9, -3e-10, 3e-10, 2e-9, 2e-7, 3e-5])
      for (const turn of [0, 0.7]) {
        const ring = places([49.2, hair / 6], [303, hair], [281.9, 21.08 - hair], [28.1, 21.08 + hair / 2]);
        const zone = [ring.map((at) => rotate(at, turn))];
        const angle = (turn * 180) / Math.PI;
        const [piece] = must(lay(zone, grid(331, 21.08, 3), { at: { x: 0, y: 0 }, angle })).pieces;
        const outline = piece!.outline();
        expect(outline.reduce((sum, one) => sum + signedArea(one), 0)).toBeCloseTo(piece!.area, 1);
        expect(piece!.area).toBeCloseTo(21.08 * 253.8, 1);
      }
  });

  it('looks for pieces where it is, however far holes stick out of it', () => {
    const squares = must(cellOf(repeatOf({ type: 'grid' }), { w: 20, h: 20 }, 0));
    const far = box(50, -1e6, 1e6, 1e6).toReversed();
    const { pieces } = must(lay([box(0, 0, 100, 40), far], squares, { at: { x: 0, y: 0 }, angle: 0 }));
    expect(pieces.map(({ area }) => Math.round(area))).toEqual([400, 400, 200, 400, 400, 200]);
    expect(must(lay([far], squares, { at: { x: 0, y: 0 }, angle: 0 })).pieces).toEqual([]);
  });

  it('refuses more pieces than can be laid at once', () => {
    const small = grid(1, 1, 0);
    expect(lay([box(0, 0, 700, 700)], small, { at: { x: 0, y: 0 }, angle: 0 }).ok).toBe(true);
    expect(lay([box(0, 0, 708, 707)], small, { at: { x: 0, y: 0 }, angle: 0 })).toMatchObject({
      ok: false,
      refusal: { code: 'tiles-too-many', data: { most: 500_000 } },
    });
  });
});

describe('a laid zone', () => {
  it('agrees with a polygon library, whatever the pattern, the zone, the origin and the angle', () => {
    const setup = fc.constantFrom(...patternTypes).chain((type) =>
      fc.record({
        choice: choice(type),
        zone: zones,
        h: fc.integer({ min: 45, max: 160 }),
        long: fc.constantFrom(2.4, 3),
        joint: fc.constantFrom(0, 1.5, 3, 7),
        at: fc.record({
          x: fc.integer({ min: -300, max: 300 }),
          y: fc.double({ min: -300, max: 300, noNaN: true }),
        }),
        angle: fc.oneof(fc.constantFrom(0, 45, 90, -30), fc.double({ min: -180, max: 180, noNaN: true })),
      }),
    );
    let doubtful = 0;
    fc.assert(
      fc.property(setup, ({ choice: chosen, zone, h, long, joint, at, angle }) => {
        const w = chosen.type === 'basketweave' ? chosen.n * (h + joint) - joint : long * h + 3 * joint;
        const cell = must(cellOf(repeatOf(chosen), { w, h }, joint));
        const expected = byLibrary(zone, cell, { at, angle });
        const laid = must(lay(zone, cell, { at, angle }));
        const { tiledArea, whole, cut, splitPieces, cutParts } = countTiles(laid);
        // Of so little that is cut off the library may see nothing: such a piece it may take for a whole one.
        const nipped = laid.pieces.filter(({ piece, area }) => {
          const missing = piece.area - area;
          return missing > 2e-7 * piece.area && missing < 2 * roundingOf(piece.area);
        }).length;
        expect(Math.abs(tiledArea / expected.area - 1)).toBeLessThan(2e-6);
        if (expected.doubtful) doubtful += 1;
        else {
          const lost = expected.whole - whole;
          expect(Math.abs(lost)).toBeLessThanOrEqual(nipped);
          expect({ cut, splitPieces, cutParts }).toEqual({
            ...{ cut: expected.cut + lost, splitPieces: expected.split },
            cutParts: expected.parts + lost,
          });
        }
      }),
      { numRuns: RUNS },
    );
    expect(doubtful).toBeLessThan(RUNS / 2);
  });
});

const RUNS = Number(process.env['TILE_RUNS'] ?? 60);
