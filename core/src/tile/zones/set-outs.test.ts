import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { rectangle } from '../../../testing/rooms';
import { putStandpoint } from '../../commands/put-standpoint';
import { tilePatterns } from '../../document/limits';
import type { ZonePlace, ZoneRecord } from '../../document/records';
import type { Polygon } from '../../geometry/polygon';
import { must } from '../../result';
import { finishes } from '../../surfaces/finishes';
import { bestGrid } from '../best-grid';
import { endSizes } from '../grid-edges';
import { mapOffsets, onMap, type OffsetMap } from './offset-map';
import { isBetterSetOut, scoreSetOut } from './set-out-score';
import { bestSetOuts, layingOf, searchSetOuts, usualAims } from './set-outs';
import { sightEdges } from './sight-edges';
import { snapOrigin } from './snap-origin';
import { centralOrigin, laidIn, usualZone } from './usual-zone';
import { findZone } from './zone-areas';
import { layZone, sliverOf } from './zone-laying';

const places = (...all: [number, number][]): ZonePlace[] => all.map(([x, y]) => ({ x, y }));
const box = (left: number, bottom: number, right: number, top: number) =>
  places([left, bottom], [right, bottom], [right, top], [left, top]);
const zoneOf = (change: Partial<ZoneRecord> = {}): ZoneRecord => ({
  ...{ kind: 'zone', id: 'z', placement: { on: 'floor', x: 0, y: 0, turn: 0 } },
  ...{ pattern: { type: 'grid' }, tile: { w: 300, h: 300 }, joint: 3, origin: { x: 0, y: 0 }, angle: 0 },
  ...change,
});
const laid = (zone: ZoneRecord, rings: readonly Polygon[]) => must(layZone(zone, rings));
/** What a set-out is told as. */
const told = (zone: ZoneRecord, rings: readonly Polygon[]) => {
  const { edges, narrowest, slivers, count } = laid(zone, rings);
  return { sizes: edges.map(({ size }) => size), narrowest, slivers: slivers.size, count };
};

describe('the cuts at the edges of a zone', () => {
  it('are what is left of the rows there, nothing where a tile or a joint ends', () => {
    const rings = [box(0, 0, 1000, 700)];
    // 303 · 3 = 909 and 606: 91 and 94 are left.
    expect(told(zoneOf(), rings)).toMatchObject({ sizes: [null, 91, 94, null], narrowest: 91, slivers: 0 });
    expect(told(zoneOf({ sliver: 91 }), rings).slivers).toBe(0);
    // Three in the last column are narrower than 92, and the corner is cut both ways.
    expect(told(zoneOf({ sliver: 92 }), rings).slivers).toBe(3);
    expect(told(zoneOf({ sliver: 95 }), rings).slivers).toBe(6);
    expect(told(zoneOf({ origin: { x: -3, y: 0 } }), [box(0, 0, 300, 606)]).sizes).toEqual([
      null,
      null,
      null,
      297,
    ]);
  });

  it('are those of a re-entrant edge and of what stands within too', () => {
    const hole = box(500, 300, 800, 500).reverse();
    const { edges } = laid(zoneOf(), [box(0, 0, 1212, 909), hole]);
    const at = (x: number, y: number) =>
      edges.find(({ a, b }) => (a.x + b.x) / 2 === x && (a.y + b.y) / 2 === y)!;
    // The second column runs from 303: 197 are left before the hole; behind it, from 800, 106 of the third.
    expect([at(500, 400).size, at(800, 400).size]).toEqual([197, 106]);
    // Over 500 the second row, from 303, still has 103; under 300 the first ends where the hole begins.
    expect([at(650, 500).size, at(650, 300).size]).toEqual([103, null]);
    expect(at(500, 400)).toMatchObject({ widest: 197, whole: 300 });
  });

  it('are those of the rows nearest the ends of any rectangle along the grid', () => {
    const size = fc.integer({ min: 400, max: 4000 });
    fc.assert(
      fc.property(
        size,
        size,
        fc.integer({ min: 60, max: 600 }),
        fc.integer({ min: 0, max: 9 }),
        fc.nat(600),
        (w, h, tile, joint, x) => {
          // Where no two rows show, what shows of one counts at both ends.
          fc.pre(Math.min(w, h) > 2 * Math.max(tile, 200) + 3 * joint);
          const zone = zoneOf({ tile: { w: tile, h: 200 }, joint, origin: { x, y: 17 } });
          const [bottom, right, top, left] = told(zone, [box(0, 0, w, h)]).sizes;
          const [fromLeft, fromRight] = endSizes([0, w], x, { size: tile, joint });
          const [fromBottom, fromTop] = endSizes([0, h], 17, { size: 200, joint });
          const wanted = (cut: number, whole: number) => (cut > whole - 1e-6 ? null : cut);
          const same = (one: number | null | undefined, other: number | null) =>
            other === null ? expect(one).toBeNull() : expect(one).toBeCloseTo(other, 6);
          same(left, wanted(fromLeft, tile));
          same(right, wanted(fromRight, tile));
          same(bottom, wanted(fromBottom, 200));
          same(top, wanted(fromTop, 200));
        },
      ),
      { numRuns: 200 },
    );
  });

  it('are slivers below 50 mm, below half of a small tile, or below what is said', () => {
    expect([zoneOf(), zoneOf({ tile: { w: 90, h: 40 } }), zoneOf({ sliver: 7 })].map(sliverOf)).toEqual([
      50, 20, 7,
    ]);
  });
});

describe('the best set-outs of a zone', () => {
  const question = (zone: ZoneRecord, rings: readonly Polygon[], sight: number[] = []) => ({
    ...{ zone, rings, sight, aims: usualAims },
  });

  it('of a grid in random rooms are never below any tried in turn, and what the best by edges is', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1800, max: 2600 }),
        fc.integer({ min: 1800, max: 2600 }),
        fc.integer({ min: 740, max: 900 }),
        fc.constantFrom([300, 300], [320, 250], [330, 200]),
        (w, h, in_, [tw, th]) => {
          const rings = [places([0, 0], [w, 0], [w, h - in_], [w - in_, h - in_], [w - in_, h], [0, h])];
          const zone = zoneOf({ tile: { w: tw!, h: th! } });
          const { answers, proven } = bestSetOuts({ ...question(zone, rings), aims: ['narrowest'] });
          const { best } = bestGrid({ zone: rings, tile: zone.tile, angle: 0, joints: [3] });
          expect(proven).toBe(true);
          const found = answers[0]!.score.narrowest;
          expect(found).toBeGreaterThanOrEqual(best - 1e-6);
          for (let x = 0; x < tw! + 3; x += 41)
            for (let y = 0; y < th! + 3; y += 37)
              expect(
                told({ ...zone, origin: { x, y } }, rings).narrowest ?? Math.min(tw!, th!),
              ).toBeLessThanOrEqual(found + 0.06);
        },
      ),
      { numRuns: 12 },
    );
  });

  it.each(['running', 'herringbone90', 'hexagon', 'octagon-dot'] as const)(
    'of %s are better than most, and differ',
    (type) => {
      const zone = zoneOf({ pattern: { type }, tile: { w: 200, h: type === 'herringbone90' ? 100 : 200 } });
      const rings = [box(0, 0, 1730, 1210)];
      const { answers } = bestSetOuts(question(zone, rings));
      expect(answers.length).toBeGreaterThan(1);
      for (const [index, one] of answers.entries()) {
        // Each is what is laid there, and no better than the one before it.
        expect(scoreSetOut(zone, laid({ ...zone, origin: one.origin }, rings), new Set())).toEqual(one.score);
        const before = answers[index - 1];
        if (before) expect(isBetterSetOut(before.score, one.score, usualAims)).toBeLessThanOrEqual(0);
      }
      const random = Array.from({ length: 40 }, (_, at) => ({ x: (at * 67) % 409, y: (at * 113) % 401 }));
      const better = random.filter(
        (origin) =>
          isBetterSetOut(
            scoreSetOut(zone, laid({ ...zone, origin }, rings), new Set()),
            answers[0]!.score,
            usualAims,
          ) < 0,
      );
      expect(better.length).toBeLessThanOrEqual(2);
    },
  );

  it('have whole tiles where the eye meets them, if nothing worse comes of it', () => {
    const rings = [box(0, 0, 1600, 1600)];
    // Equal cuts are (1600 - 1215) / 2 wide each way; with the bottom whole the top has 85.
    const even = bestSetOuts(question(zoneOf(), rings)).answers[0]!;
    expect(even.score).toMatchObject({ slivers: 0, narrowest: 192.5 });
    const seen = bestSetOuts(question(zoneOf(), rings, [0])).answers[0]!;
    expect(seen.score).toMatchObject({ slivers: 0, sight: 0, narrowest: 85 });
    expect(told({ ...zoneOf(), origin: seen.origin }, rings).sizes[0]).toBeNull();
  });

  it('have another joint where that is allowed, and what is whole in sight among those tried, however narrow the rest', () => {
    // With joints of 3 a row of 300 leaves 10 at 1522; with 1 joint wider each it is 5 less, with narrower ones more.
    const rings = [box(0, 0, 1522, 1522)];
    const joints = [2, 2.5, 3, 3.5, 4];
    const layings = joints.map((joint) => ({ ...layingOf(zoneOf()), joint }));
    const { answers, proven } = bestSetOuts({ ...question(zoneOf(), rings), layings, aims: ['narrowest'] });
    expect(proven).toBe(true);
    const exact = bestGrid({ zone: rings, tile: { w: 300, h: 300 }, angle: 0, joints });
    expect(answers[0]!.score.narrowest).toBeCloseTo(exact.best, 6);
    expect(answers[0]!.laying.joint).toBe(exact.joint);
    expect(new Set(answers.map(({ laying }) => laying.joint)).size).toBeGreaterThan(1);
    // Many edges, so that starts that are whole at one score far behind: a comb with teeth of all widths.
    const teeth = Array.from({ length: 14 }, (_, at) => [
      [at * 211, 900 + (at % 5) * 61],
      [at * 211 + 120, 900 + (at % 5) * 61],
      [at * 211 + 120, 700],
      [(at + 1) * 211, 700],
    ]).flat() as [number, number][];
    const comb = [places([0, 0], [14 * 211, 0], ...teeth.reverse())];
    const { edges } = laid(zoneOf(), comb);
    const bottom = edges.findIndex(({ a, b }) => a.y === 0 && b.y === 0);
    const seen = bestSetOuts({ ...question(zoneOf(), comb, [bottom]), aims: ['sight', 'narrowest'] })
      .answers[0]!;
    expect(seen.score.sight).toBe(0);
  });

  it('tell how far they are, to the end', () => {
    const shares = [
      ...searchSetOuts(question(zoneOf({ pattern: { type: 'hexagon' } }), [box(0, 0, 900, 900)])),
    ];
    expect(shares.at(-1)).toBe(1);
    expect(shares.every((share, index) => index === 0 || share >= shares[index - 1]!)).toBe(true);
  });
});

describe('the map of offsets', () => {
  const last = (zone: ZoneRecord, rings: readonly Polygon[]): OffsetMap =>
    [...mapOffsets(zone, rings)].at(-1)!;

  it.each(['grid', 'herringbone90'] as const)('of %s has at each offset what is laid there', (type) => {
    const rings = [places([0, 0], [2000, 0], [2000, 1200], [900, 1200], [900, 1900], [0, 1900])];
    const zone = zoneOf({
      pattern: { type },
      tile: { w: 300, h: 150 },
      angle: type === 'grid' ? Math.PI / 2 : 0,
    });
    const map = last(zone, rings);
    expect(map.values).toHaveLength(map.columns * map.rows);
    for (const [column, row] of [
      [0, 0],
      [3, 5],
      [9, 2],
      [map.columns - 1, map.rows - 1],
    ] as const) {
      const [i, k] = [column / map.columns, row / map.rows];
      const origin = { x: i * map.a.x + k * map.b.x, y: i * map.a.y + k * map.b.y };
      const value = map.values[row * map.columns + column]!;
      const { narrowest } = told({ ...zone, origin }, rings);
      expect(value).toBeCloseTo(narrowest ?? 150, 6);
      expect(onMap(zone, map, origin)[0]).toBeCloseTo(i, 9);
      expect(onMap(zone, map, origin)[1]).toBeCloseTo(k, 9);
    }
  });

  it('is the same a repeat on, and a row on in a bond', () => {
    const zone = zoneOf({ pattern: { type: 'running', offset: { n: 1, d: 3 } }, tile: { w: 300, h: 100 } });
    const rings = [box(0, 0, 1000, 1000)];
    const map = last(zone, rings);
    const at = { x: 40, y: 30 };
    const here = onMap(zone, map, at);
    const alike = (origin: ZonePlace) => {
      const there = onMap(zone, map, origin);
      expect(there[0]).toBeCloseTo(here[0], 9);
      expect(there[1]).toBeCloseTo(here[1], 9);
      expect(told({ ...zone, origin }, rings).count).toEqual(told({ ...zone, origin: at }, rings).count);
    };
    alike({ x: 40 + 303, y: 30 });
    alike({ x: 40, y: 30 - 309 });
    // A row up, the pattern begins where its second row did: a third of a tile on.
    alike({ x: 40 + 101, y: 30 + 103 });
    alike({ x: 40 - 202, y: 30 - 206 });
  });
});

describe('a field that is moved', () => {
  const rings = [box(0, 0, 1000, 700)];

  it.each([
    [2, 0, 'edge'],
    [5, 0, 'edge'],
    [5.01, 5.01, null],
    // The last tile ends at the right: 1000 - 300 - 2 · 303.
    [96, 94, 'edge'],
    // A tile in the middle: 500 - 150 - 303; a joint: 500 + 1.5 - 303.
    [49, 47, 'tile-middle'],
    [200, 198.5, 'joint-middle'],
  ])('from %f comes to %f, caught by %s', (x, landed, what) => {
    const landing = snapOrigin(zoneOf(), rings, { x, y: 150 }, 5);
    expect(landing.along).toBe(what);
    expect(landing.origin.x).toBeCloseTo(landed, 9);
  });

  it('is not caught where nothing may catch, nor in a pattern without rows', () => {
    const free = { origin: { x: 2, y: 2 }, along: null, across: null };
    expect(snapOrigin(zoneOf(), rings, { x: 2, y: 2 }, 0)).toEqual(free);
    expect(snapOrigin(zoneOf({ pattern: { type: 'hexagon' } }), rings, { x: 2, y: 2 }, 5)).toEqual(free);
  });

  it('is caught along its own ways where it is turned', () => {
    const turned = snapOrigin(zoneOf({ angle: Math.PI / 2 }), rings, { x: -1, y: 2 }, 5);
    expect([turned.along, turned.across]).toEqual(['edge', 'edge']);
    // Its rows run up: a tile begins at the bottom, and its tiles go on to the left: one ends at 0, 303 on.
    expect(turned.origin.y).toBeCloseTo(0, 9);
    expect(turned.origin.x).toBeCloseTo(-3, 9);
  });

  it('has its origin in the middle of the zone, laying the same', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...tilePatterns),
        fc.integer({ min: -5000, max: 5000 }),
        fc.nat(8),
        (type, x, angle) => {
          const zone = zoneOf({
            pattern: { type },
            tile: { w: 200, h: type === 'basketweave' ? 98.5 : 100 },
            angle: angle * 0.3,
          });
          if (!layZone(zone, rings).ok) return;
          const origin = { x, y: 1700 - x / 3 };
          const central = centralOrigin(zone, rings, origin);
          const [one, other] = [origin, central].map((own) => told({ ...zone, origin: own }, rings));
          expect(other!.count.whole).toBe(one!.count.whole);
          expect(other!.count.cut).toBe(one!.count.cut);
          expect(Math.hypot(central.x - 500, central.y - 350)).toBeLessThan(1100);
        },
      ),
      { numRuns: 80 },
    );
  });
});

describe('the edges the eye meets first', () => {
  it('are across from the doors and before the standpoints, or those that are said', () => {
    const room = rectangle(4000, 3000);
    room.open('face-b', 'door', 1000, { width: 800 });
    const zone = usualZone(room.design, { id: 'z', face: null });
    const shown = (change: Partial<ZoneRecord> = {}) => {
      const design = { ...room.design, records: { ...room.design.records, z: { ...zone, ...change } } };
      const area = findZone(design, 'z')!;
      const { edges } = laid(area.record, area.rings);
      return [...sightEdges(design, area, edges)].map((index) => {
        const { a, b } = edges[index]!;
        return [Math.round((a.x + b.x) / 2), Math.round((a.y + b.y) / 2)];
      });
    };
    expect(shown()).toEqual([[0, -1500]]);
    expect(shown({ sight: [{ x: 2000, y: -380 }] })).toEqual([[2000, 0]]);
    // Too far from any edge it says nothing.
    expect(shown({ sight: [{ x: 2000, y: -1500 }] })).toEqual([]);
    expect(shown({ sight: [] })).toEqual([]);
    room.run(putStandpoint, {
      ...{
        kind: 'standpoint',
        id: 's',
        name: 'By the sink',
        x: 2000,
        y: -1500,
        eye: 1600,
        turn: -Math.PI / 2,
        nod: 0,
      },
    });
    expect(shown()).toEqual([
      [0, -1500],
      [2000, -3000],
    ]);
  });

  it('are over the longest top on a face, none on a bare one', () => {
    const room = rectangle(4000, 3000);
    const zone = usualZone(room.design, { id: 'z', face: 'face-a' });
    const shown = () => {
      const design = { ...room.design, records: { ...room.design.records, z: zone } };
      const area = findZone(design, 'z')!;
      const { edges } = laid(zone, area.rings);
      return [...sightEdges(design, area, edges)].map((index) => edges[index]!.a.y);
    };
    expect(shown()).toEqual([]);
    room.set('F900', 'face-a', 0);
    room.set('COOK600', 'face-a', 900);
    room.set('F600', 'face-a', 1500);
    expect(shown()).toEqual([900]);
  });
});

describe('a zone as it usually is', () => {
  it('takes the tile of the room, laid as that says', () => {
    const brick = finishes.find(({ tile }) => tile?.offset === 0.5)!;
    expect(laidIn(brick)).toMatchObject({
      finish: brick.name,
      pattern: { type: 'running', offset: { n: 1, d: 2 } },
    });
    const third = { ...brick, tile: { ...brick.tile!, offset: 1 / 3 } };
    expect(laidIn(third)).toMatchObject({ pattern: { type: 'running', offset: { n: 1, d: 3 } } });
    expect(laidIn({ ...brick, tile: { ...brick.tile!, offset: 2 / 3 } })!.pattern).toEqual({
      type: 'running',
      offset: { n: 2, d: 3 },
    });
    const { tile: _, ...paint } = brick;
    expect(laidIn(paint)).toBeNull();
    const room = rectangle(4000, 3000);
    const zone = usualZone(room.design, { id: 'z', face: null });
    expect(zone.finish).toBe('Marram');
    // Begun where the narrowest cut is widest.
    const { best } = bestGrid({
      zone: [box(0, -3000, 4000, 0)],
      tile: zone.tile,
      angle: 0,
      joints: [zone.joint],
    });
    expect(told(zone, [box(0, -3000, 4000, 0)]).narrowest ?? 300).toBeCloseTo(best, 6);
  });
});
