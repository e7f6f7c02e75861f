import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { rectangle } from '../../../testing/rooms';
import { designTileCommand } from '../../cli/design-tile';
import { putZone } from '../../commands/put-zone';
import { recordOf } from '../../document/design';
import type { ZoneRecord } from '../../document/records';
import { must } from '../../result';
import { usualZone } from './usual-zone';
import { layZone } from './zone-laying';
import { reuseOf, usualSpares, zoneOrder } from './zone-order';

const box = (w: number, h: number) => [
  { x: 0, y: 0 },
  { x: w, y: 0 },
  { x: w, y: h },
  { x: 0, y: h },
];
const zoneOf = (change: Partial<ZoneRecord> = {}): ZoneRecord => ({
  ...{ kind: 'zone', id: 'z', placement: { on: 'floor', x: 0, y: 0, turn: 0 } },
  ...{ pattern: { type: 'grid' }, tile: { w: 300, h: 300 }, joint: 3, origin: { x: 0, y: 0 }, angle: 0 },
  ...change,
});
const ordered = (zone: ZoneRecord, w: number, h: number, reuse = reuseOf({})) => {
  const laid = must(layZone(zone, [box(w, h)]));
  return { laid, order: must(zoneOrder(zone, laid, { reuse })) };
};

describe('the order of a zone', () => {
  it('has two cuts from a tile where both keep a side of it, and none where nothing is used again', () => {
    // Three by two whole, and a column of two 140 wide that keep their left, bottom and top.
    const zone = zoneOf({ spares: 0, perBox: 4 });
    const { order } = ordered(zone, 909 + 140, 606);
    expect(order).toMatchObject({ tiles: 7, withoutReuse: 8, bought: 7 });
    // One is turned by half and lies at the right of its tile; 140 + 3 + 140 fit on 300.
    expect(order.sizes).toMatchObject([{ tile: { w: 300, h: 300 }, whole: 6, tiles: 7, boxes: 2 }]);
    expect(ordered(zone, 909 + 140, 606, null).order).toMatchObject({ tiles: 8, withoutReuse: 8 });
    // 148.5 and the saw's 3 take all 300; a hair more takes another tile.
    expect(ordered(zone, 909 + 148.5, 606).order.tiles).toBe(7);
    expect(ordered(zone, 909 + 148.6, 606).order.tiles).toBe(8);
  });

  it('has spares by its own word or the rule of thumb, and no boxes where it is not known how they come', () => {
    const { order } = ordered(zoneOf(), 909, 606);
    expect(order).toMatchObject({ tiles: 6, bought: 7, spares: 0.1 });
    expect(order.sizes[0]!.boxes).toBeNull();
    expect(ordered(zoneOf({ spares: 0.5 }), 909, 606).order.bought).toBe(9);
    const spares = (change: Partial<ZoneRecord>) => usualSpares(zoneOf(change));
    expect([
      spares({}),
      spares({ angle: Math.PI / 2 }),
      spares({ angle: Math.PI / 4 }),
      spares({ pattern: { type: 'herringbone90' } }),
      spares({ pattern: { type: 'chevron' }, angle: Math.PI / 4 }),
    ]).toEqual([0.1, 0.1, 0.15, 0.2, 0.2]);
  });

  it('has joints, grout and adhesive of what is really laid', () => {
    const { order, laid } = ordered(zoneOf({ tile: { w: 300, h: 300, thickness: 10 } }), 1000, 1000);
    const joints = 1e6 - laid.laid.tiledArea;
    expect(order.jointLength).toBeCloseTo(joints / 3, 6);
    expect(order.grout.litres).toBeCloseTo((joints * 10) / 1e6, 9);
    expect(order.grout.kg).toBeCloseTo(order.grout.litres * 1.7, 9);
    // A square metre with the notch for tiles up to 300, one bag.
    expect(order.adhesive).toEqual({ kgPerM2: 3.5, bagKg: 25, cover: null, backButter: 0, kg: 3.5, bags: 1 });
    const spread = (w: number) => ordered(zoneOf({ tile: { w, h: 90 } }), 1000, 1000).order.adhesive;
    expect([100, 100.1, 300, 300.1, 380, 380.1, 600, 600.1].map((w) => spread(w).kgPerM2)).toEqual([
      2.75, 3.5, 3.5, 4.5, 4.5, 4.5, 4.5, 5.5,
    ]);
    expect([380, 380.1].map((w) => spread(w).backButter)).toEqual([0, 0.125]);
    expect(ordered(zoneOf({ joint: 0 }), 900, 600).order).toMatchObject({ jointLength: 0, grout: { kg: 0 } });
  });

  it('never claims fewer tiles than their area, nor more than pieces, size by size', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('grid', 'running', 'herringbone90', 'pinwheel', 'hexagon', 'three-sizes'),
        fc.integer({ min: 700, max: 2200 }),
        fc.integer({ min: 700, max: 2200 }),
        fc.nat(300),
        (type, w, h, x) => {
          const zone = zoneOf({
            pattern: { type } as ZoneRecord['pattern'],
            tile: { w: 240, h: 120 },
            origin: { x, y: x / 2 },
          });
          const { order, laid } = ordered(zone, w, h);
          expect(order.sizes.reduce((sum, { lying }) => sum + lying, 0)).toBeCloseTo(laid.laid.tiledArea, 3);
          expect(order.withoutReuse).toBe(laid.laid.pieces.length);
          for (const { tiles, withoutReuse, bought, waste, offcuts, lying, tile } of order.sizes) {
            expect(tiles).toBeLessThanOrEqual(withoutReuse);
            expect(tiles * tile.w * tile.h).toBeGreaterThanOrEqual(lying - 1e-3);
            expect(bought).toBeGreaterThanOrEqual(tiles);
            expect(waste).toBeCloseTo(1 - lying / (bought * tile.w * tile.h), 9);
            expect(offcuts).toBeLessThanOrEqual(waste);
          }
        },
      ),
      { numRuns: 25 },
    );
  });
});

describe('the command line', () => {
  it('prints every zone: where it is, its counts and cuts, and what is ordered', () => {
    const room = rectangle(4000, 3000);
    room.set('F600', 'face-a', 0);
    room.run(putZone, { ...usualZone(room.design, { id: 'floor', face: null }), name: 'Kitchen', perBox: 8 });
    room.run(putZone, usualZone(room.design, { id: 'wall', face: 'face-b' }));
    const { zones } = must(designTileCommand(room.design)) as { zones: Record<string, never>[] };
    expect(zones).toMatchObject([
      { id: 'floor', letter: 'T1', name: 'Kitchen', on: 'floor', finish: 'Marram', angle: 0 },
      { id: 'wall', letter: 'T2', name: null, on: 'B' },
    ]);
    for (const zone of zones as unknown as {
      area: number;
      tiledArea: number;
      jointArea: number;
      whole: number;
      cut: number;
      order: { withoutReuse: number };
    }[]) {
      expect(zone.tiledArea + zone.jointArea).toBeCloseTo(zone.area, 3);
      expect(zone.whole + zone.cut).toBe(zone.order.withoutReuse);
    }
    expect(zones[0]).toMatchObject({ area: 12e6 - 600 * 510 });
    // What can't be laid says why, and the others are told.
    const floor = {
      ...recordOf(room.design, 'zone', 'floor')!,
      pattern: { type: 'basketweave' },
    } as ZoneRecord;
    const withFloor = (change: Partial<ZoneRecord>) =>
      must(
        designTileCommand({
          ...room.design,
          records: { ...room.design.records, floor: { ...floor, ...change } },
        }),
      ) as { zones: { problem?: string; whole?: number }[] };
    // Two of 300 with 3 between are 603 long; a hair more or less than half a millimetre off is not.
    expect(withFloor({}).zones[0]!.problem).toContain('A weave of 2 needs its tile 603 mm long');
    expect([602.5, 603.5].map((w) => withFloor({ tile: { w, h: 300 } }).zones[0]!.problem)).toEqual([
      undefined,
      undefined,
    ]);
    for (const w of [602.4, 603.6])
      expect(withFloor({ tile: { w, h: 300 } }).zones[0]!.problem).toContain('A weave');
    expect(withFloor({}).zones[1]!.whole).toBeGreaterThan(0);
  });
});
