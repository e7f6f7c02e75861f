import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { rotate, type Point } from '../geometry/point';
import type { Polygon } from '../geometry/polygon';
import { must } from '../result';
import { bestBond, bestGrid } from './best-grid';
import { countTiles } from './count';
import { endSizes, sizeAtEdge } from './grid-edges';
import { lay } from './lay';
import { cellOf, type TileSize } from './pattern';
import { repeatOf } from './patterns';

const places = (...all: [number, number][]): Point[] => all.map(([x, y]) => ({ x, y }));
const box = (left: number, bottom: number, right: number, top: number) =>
  places([left, bottom], [right, bottom], [right, top], [left, top]);

describe('the size of a row at an edge', () => {
  const row = { size: 300, joint: 3 };

  it('is what is left of a tile beyond it, or before it', () => {
    expect(sizeAtEdge({ at: 100, side: 'low' }, 0, row)).toBe(200);
    expect(sizeAtEdge({ at: 100, side: 'high' }, 0, row)).toBe(100);
    expect(sizeAtEdge({ at: 100 - 606, side: 'low' }, 0, row)).toBe(200);
  });

  it('is a whole tile where the edge is at one or in a joint', () => {
    for (const at of [0, 300, 301.5, 303])
      for (const side of ['low', 'high'] as const) expect(sizeAtEdge({ at, side }, 0, row)).toBe(300);
    expect(sizeAtEdge({ at: 299.99, side: 'low' }, 0, row)).toBeCloseTo(0.01, 9);
    expect(sizeAtEdge({ at: 299.99, side: 'high' }, 0, row)).toBeCloseTo(299.99, 9);
    expect(sizeAtEdge({ at: 303.01, side: 'high' }, 0, row)).toBeCloseTo(0.01, 9);
  });

  it('of a stretch is what its first and last row show, and one row counts at both ends', () => {
    expect(endSizes([0, 1000], 0, row)).toEqual([300, 91]);
    expect(endSizes([301, 1000], 0, row)).toEqual([300, 91]);
    expect(endSizes([10, 210], 0, row)).toEqual([200, 200]);
    expect(endSizes([-20, 320], 0, row)).toEqual([17, 17]);
    expect(endSizes([0, 302], 0, row)).toEqual([300, 300]);
  });
});

/** A zone of upright and level edges: steps from corner to corner, and a hole or none. */
const zones: fc.Arbitrary<Polygon[]> = fc
  .record({
    width: fc.integer({ min: 700, max: 2_400 }),
    depth: fc.integer({ min: 700, max: 2_400 }),
    notch: fc.record({ x: fc.integer({ min: 50, max: 600 }), y: fc.integer({ min: 50, max: 600 }) }),
    nook: fc.record({
      from: fc.integer({ min: 60, max: 250 }),
      wide: fc.integer({ min: 60, max: 380 }),
      deep: fc.integer({ min: 40, max: 300 }),
    }),
    hole: fc.option(
      fc.record({
        x: fc.integer({ min: 30, max: 200 }),
        y: fc.integer({ min: 30, max: 60 }),
        w: fc.integer({ min: 40, max: 200 }),
        h: fc.integer({ min: 40, max: 80 }),
      }),
    ),
  })
  .map(({ width, depth, notch, nook, hole }) => {
    const outer = places(
      [0, 0],
      [width, 0],
      [width, depth - notch.y],
      [width - notch.x, depth - notch.y],
      [width - notch.x, depth],
      [0, depth],
      [0, nook.from + nook.wide],
      [-nook.deep, nook.from + nook.wide],
      [-nook.deep, nook.from],
      [0, nook.from],
    );
    if (!hole || hole.x + hole.w > width - 20) return [outer];
    return [outer, box(hole.x, hole.y, hole.x + hole.w, hole.y + hole.h).reverse()];
  })
  .filter(([outer]) => outer!.every(({ y }, index) => index === 0 || y >= 0));

const tiles = fc.record({ w: fc.integer({ min: 90, max: 620 }), h: fc.integer({ min: 60, max: 420 }) });

/** What is left of the tile at an edge, tile by tile: a count by itself. */
function rowAt(at: number, goesOn: boolean, start: number, size: number, joint: number): number {
  for (let tile = start - 40 * (size + joint); tile < 6_000; tile += size + joint)
    if (tile + 1e-6 < at && at < tile + size - 1e-6) return goesOn ? tile + size - at : at - tile;
  return size;
}

/** The narrowest row at any edge across one way. */
function narrowest(
  zone: readonly Polygon[],
  way: 'x' | 'y',
  start: number,
  size: number,
  joint: number,
): number {
  const other = way === 'x' ? 'y' : 'x';
  let least = size;
  for (const ring of zone)
    for (const [index, a] of ring.entries()) {
      const b = ring[(index + 1) % ring.length]!;
      if (a[way] !== b[way]) continue;
      const goesOn = way === 'x' ? b[other] < a[other] : b[other] > a[other];
      least = Math.min(least, rowAt(a[way], goesOn, start, size, joint));
    }
  return least;
}

describe('the best set-out of a grid', () => {
  it('is never below any start tried in turn, and is what it says', () => {
    fc.assert(
      fc.property(zones, tiles, fc.constantFrom(0, 2, 3.5), (zone, tile, joint) => {
        const { best, bestX, bestY, offset, proven } = bestGrid({ zone, tile, angle: 0, joints: [joint] });
        expect(proven).toBe(true);
        expect(best).toBe(Math.min(bestX, bestY));
        expect(narrowest(zone, 'x', offset.x, tile.w, joint)).toBeCloseTo(bestX, 6);
        expect(narrowest(zone, 'y', offset.y, tile.h, joint)).toBeCloseTo(bestY, 6);
        let [mostX, mostY] = [0, 0];
        for (let start = 0; start < tile.w + joint; start += 0.5)
          mostX = Math.max(mostX, narrowest(zone, 'x', start, tile.w, joint));
        for (let start = 0; start < tile.h + joint; start += 0.5)
          mostY = Math.max(mostY, narrowest(zone, 'y', start, tile.h, joint));
        expect(bestX).toBeGreaterThanOrEqual(mostX - 1e-9);
        expect(bestY).toBeGreaterThanOrEqual(mostY - 1e-9);
        // Sizes change by no more than the start does, so that a scan is as near as its step.
        expect(bestX).toBeLessThanOrEqual(mostX + 0.5);
        expect(bestY).toBeLessThanOrEqual(mostY + 0.5);
      }),
      { numRuns: Number(process.env['TILE_RUNS'] ?? 25) },
    );
  });

  it('is the same of a zone that is turned with the grid', () => {
    const zone = [places([0, 0], [1_930, 0], [1_930, 1_210], [800, 1_210], [800, 1_777], [0, 1_777])];
    const question = { tile: { w: 300, h: 200 }, joints: [3] };
    const straight = bestGrid({ zone, angle: 0, ...question });
    const turn = (30 * Math.PI) / 180;
    const turned = bestGrid({
      zone: zone.map((ring) => ring.map((one) => rotate(one, turn))),
      angle: 30,
      ...question,
    });
    expect(turned.best).toBeCloseTo(straight.best, 6);
    expect(turned.proven).toBe(true);
    const back = rotate(turned.offset, -turn);
    expect(narrowest(zone, 'x', back.x, 300, 3)).toBeGreaterThan(straight.bestX - 1e-5);
    expect(
      bestGrid({ zone: [places([0, 0], [900, 0], [950, 800], [0, 800])], angle: 0, ...question }).proven,
    ).toBe(false);
  });

  it('knows no edge where a hole lies at one, over another or out of the zone', () => {
    const question = { tile: { w: 300, h: 200 }, angle: 0, joints: [3] };
    const outer = box(0, 0, 1_930, 1_210);
    const hole = (...all: [number, number, number, number]) => box(...all).reverse();
    // A notch in the left side, by itself and as a hole there.
    const notched = [
      places([0, 0], [1_930, 0], [1_930, 1_210], [0, 1_210], [0, 700], [137, 700], [137, 410], [0, 410]),
    ];
    const { best, bestX, bestY, offset } = bestGrid({ zone: notched, ...question });
    for (const holes of [
      [hole(0, 410, 137, 700)],
      [hole(-50, 410, 137, 700)],
      [hole(-50, 410, 137, 600), hole(0, 500, 137, 700)],
      [hole(-50, 410, 137, 600), hole(0, 600, 137, 700)],
    ])
      expect(bestGrid({ zone: [outer, ...holes], ...question })).toMatchObject({
        best,
        bestX,
        bestY,
        offset,
        proven: true,
      });
  });

  it('takes the joint that is best, both ends of the range tried', () => {
    // Three tiles of 300 and two joints are 904 wide at 2: no cut at all, but only there. 910 is left with a joint of 3 at either end.
    const zone = [box(0, 0, 904, 400)];
    const tile = { w: 300, h: 400 };
    expect(bestGrid({ zone, tile, angle: 0, joints: [3, 4, 2] })).toMatchObject({ joint: 2, best: 300 });
    const wider = [box(0, 0, 910, 400)];
    expect(bestGrid({ zone: wider, tile, angle: 0, joints: [2, 3, 4, 5] })).toMatchObject({
      joint: 3,
      best: 300,
    });
  });
});

describe('the set-out with the fewest cuts', () => {
  it('scores enough, and cuts no more than any start tried that does', () => {
    fc.assert(
      fc.property(
        zones,
        tiles,
        fc.constantFrom(2, 3),
        fc.constantFrom(30, 60, 100),
        (zone, tile, joint, limit) => {
          const found = bestGrid({ zone, tile, angle: 0, joints: [joint], limit });
          const widest = bestGrid({ zone, tile, angle: 0, joints: [joint] });
          const enough = Math.min(limit, widest.best);
          expect(found.best).toBeGreaterThanOrEqual(enough - 1e-6);
          const counted = (x: number, y: number) => countOf(zone, tile, joint, { x, y });
          const own = counted(found.offset.x, found.offset.y);
          expect(found.count).toEqual({ whole: own.whole, cut: own.cut });
          const good = (way: 'x' | 'y', size: number) =>
            Array.from({ length: 17 }, (_, step) => (step / 17) * (size + joint)).filter(
              (start) => narrowest(zone, way, start, size, joint) >= enough,
            );
          for (const x of [found.offset.x, ...good('x', tile.w)].slice(0, 6))
            for (const y of [found.offset.y, ...good('y', tile.h)].slice(0, 6)) {
              const other = counted(x, y);
              expect([own.cut, own.whole <= other.whole || own.cut < other.cut]).toEqual([
                Math.min(own.cut, other.cut),
                true,
              ]);
            }
        },
      ),
      { numRuns: Number(process.env['TILE_RUNS'] ?? 12) },
    );
  });

  it('leaves whole tiles where the room is made for them', () => {
    const zone = [box(0, 0, 906, 600)];
    expect(bestGrid({ zone, tile: { w: 300, h: 300 }, angle: 0, joints: [3], limit: 50 }).count).toEqual({
      whole: 3,
      cut: 3,
    });
    expect(
      bestGrid({ zone: [box(0, 0, 903, 603)], tile: { w: 300, h: 300 }, angle: 0, joints: [3], limit: 50 })
        .count,
    ).toEqual({
      whole: 4,
      cut: 2,
    });
  });
});

describe('the best set-out of a bond', () => {
  /** The narrowest end of any row at any upright edge it comes to, row by row: a count by itself. */
  function narrowestEnd(
    zone: readonly Polygon[],
    at: Point,
    { w, h }: TileSize,
    joint: number,
    shifts: readonly number[],
  ) {
    let least = w;
    for (let row = -400; row < 400; row++) {
      const [low, high] = [at.y + row * (h + joint), at.y + row * (h + joint) + h];
      const shift = shifts[((row % shifts.length) + shifts.length) % shifts.length]!;
      for (const ring of zone)
        for (const [index, a] of ring.entries()) {
          const b = ring[(index + 1) % ring.length]!;
          if (a.x !== b.x || Math.min(high, Math.max(a.y, b.y)) - Math.max(low, Math.min(a.y, b.y)) < 1e-6)
            continue;
          least = Math.min(least, rowAt(a.x - shift, b.y < a.y, at.x, w, joint));
        }
    }
    return least;
  }

  it('is never below any start tried in turn, where every row comes to every edge', () => {
    const setup = fc.record({
      zone: zones,
      tile: fc.record({ w: fc.integer({ min: 90, max: 620 }), h: fc.integer({ min: 12, max: 20 }) }),
      joint: fc.constantFrom(0, 2),
      shares: fc.constantFrom([0, 1 / 2], [0, 1 / 3, 2 / 3], [0, 0.31]),
    });
    fc.assert(
      fc.property(setup, ({ zone, tile, joint, shares }) => {
        const shifts = shares.map((share) => Math.round(share * (tile.w + joint)));
        const { bestX, offset, proven } = bestBond({
          zone,
          tile,
          angle: 0,
          joints: [joint],
          shifts: () => shifts,
        });
        const isLong = zone.every((ring) =>
          ring.every((a, index) => {
            const b = ring[(index + 1) % ring.length]!;
            return a.x !== b.x || Math.abs(a.y - b.y) >= shifts.length * (tile.h + joint);
          }),
        );
        expect(proven).toBe(isLong);
        expect(narrowestEnd(zone, offset, tile, joint, shifts)).toBeGreaterThanOrEqual(bestX - 1e-6);
        if (!isLong) return;
        expect(narrowestEnd(zone, offset, tile, joint, shifts)).toBeCloseTo(bestX, 6);
        for (let start = 0; start < tile.w + joint; start += 7.25)
          expect(narrowestEnd(zone, { x: start, y: offset.y }, tile, joint, shifts)).toBeLessThanOrEqual(
            bestX + 1e-6,
          );
      }),
      { numRuns: 12 },
    );
  });

  it('of one row is that of a grid', () => {
    const zone = [places([0, 0], [1_930, 0], [1_930, 1_210], [800, 1_210], [800, 1_777], [0, 1_777])];
    const question = { zone, tile: { w: 300, h: 200 }, angle: 0, joints: [2, 3] };
    expect(bestBond({ ...question, shifts: () => [0] })).toEqual(bestGrid(question));
  });
});

function countOf(zone: readonly Polygon[], tile: TileSize, joint: number, at: Point) {
  const cell = must(cellOf(repeatOf({ type: 'grid' }), tile, joint));
  return countTiles(must(lay(zone, cell, { at, angle: 0 })));
}
