import { describe, expect, it } from 'vitest';
import { ownTile } from '../../../testing/more-command-cases';
import { rectangle } from '../../../testing/rooms';
import { layTile } from '../../commands/lay-tile';
import { putZone } from '../../commands/put-zone';
import { setOutZones } from '../../commands/set-out-zones';
import { recordOf, recordsOf } from '../../document/design';
import type { ZoneRecord } from '../../document/records';
import { signedArea } from '../../geometry/polygon';
import { must } from '../../result';
import { finishFrom } from '../../surfaces/finishes';
import { cutPlan } from './cut-plan';
import { cutTypes } from './cut-types';
import { laidAs, layingOf } from './set-outs';
import { laidWith, usualZone } from './usual-zone';
import { layZone } from './zone-laying';
import { zoneOrder } from './zone-order';
import { zonePrice } from './zone-price';

const place = ([x, y]: readonly [number, number]) => ({ x, y });
const rings = [
  (
    [
      [0, 0],
      [1000, 0],
      [1000, 750],
      [0, 750],
    ] as const
  ).map(place),
];
const zone = laidWith(
  {
    ...{ kind: 'zone', id: 'one', placement: { on: 'floor', x: 0, y: 0, turn: 0 } },
    ...{ pattern: { type: 'grid' }, tile: { w: 100, h: 100 }, joint: 3, origin: { x: 0, y: 0 }, angle: 0 },
    ...{ perBox: 7, spares: 0.1 },
  } as ZoneRecord,
  finishFrom(ownTile),
)!;

describe('a mosaic', () => {
  it('is laid as its tile says, and nothing stays of the tile before', () => {
    expect(zone).toMatchObject({
      ...{ finish: 'Sorrel', joint: 2, perBox: 11, sheet: { w: 300, h: 300 } },
      tile: { w: 23, h: 23, thickness: 6 },
    });
    const { sheet: _, perBox: __, thickness: ___, ...tile } = ownTile.tile!;
    const plain = laidWith(zone, finishFrom({ ...ownTile, tile }))!;
    expect([plain.sheet, plain.perBox, plain.tile.thickness]).toEqual([undefined, undefined, undefined]);
    const { tile: ____, ...paint } = ownTile;
    expect(laidWith(zone, finishFrom(paint))).toBeNull();
  });

  it('is counted by its tiles, and ordered and cut by its sheets, along their joints', () => {
    const laid = must(layZone(zone, rings));
    expect(laid.count).toMatchObject({ whole: 40 * 30, cut: 0 });
    const pieces = laid.sheets!.pieces;
    expect(pieces.filter(({ whole }) => whole)).toHaveLength(6);
    expect(pieces.reduce((sum, piece) => sum + signedArea(piece.outline()[0]!), 0)).toBeCloseTo(750_000, 3);
    const order = must(zoneOrder(zone, laid));
    // Three are 150 high, two 100 wide, one is both: two halves come from one sheet, both sides from another.
    expect(order).toMatchObject({ tiles: 9, withoutReuse: 12, bought: 10 });
    expect(order.sizes).toMatchObject([{ tile: { w: 300, h: 300 }, boxes: 1, whole: 6 }]);
    const plan = cutPlan(order, cutTypes(laid.ordered));
    expect(plan.reduce((sum, { alike }) => sum + alike.length, 0)).toBe(3);
    expect(plan.flatMap(({ alike }) => alike.flat()).every(({ number }) => number > 0)).toBe(true);
    // A saw that takes a little leaves no two halves.
    expect(must(zoneOrder({ ...zone, reuse: { kerf: 1 } }, laid)).tiles).toBeGreaterThan(9);
    // What fills the joints is that of its tiles.
    expect(order.grout.litres).toBeCloseTo(((750_000 - 1200 * 23 * 23) * 6) / 1e6, 9);
  });

  it('is none any more where a search has found another tile, nor in its boxes', () => {
    const room = rectangle(4000, 3000);
    room.run(layTile, { zone, own: [ownTile] });
    const origin = { x: 1, y: 2 };
    const plain = { angle: 0, finish: 'Jetty', joint: 3, tile: { w: 600, h: 300 } };
    const { sheet: _, perBox: __, ...rest } = zone;
    room.run(setOutZones, { zones: [{ id: 'one', origin, laying: plain }] });
    expect(recordOf(room.design, 'zone', 'one')).toEqual({ ...rest, ...plain, origin });
    room.run(setOutZones, { zones: [{ id: 'one', origin, laying: layingOf(zone) }] });
    expect(recordOf(room.design, 'zone', 'one')).toEqual({ ...zone, origin });
    // As it is, it is written as it was: what was made of it is known again.
    expect(JSON.stringify(laidAs(zone, layingOf(zone)))).toBe(JSON.stringify(zone));
  });

  it('costs what its sheets do', () => {
    const room = rectangle(4000, 3000);
    room.run(putZone, { ...usualZone(room.design, { id: 'one', face: null }) });
    room.run(layTile, { zone, own: [ownTile] });
    expect(recordOf(room.design, 'finish', 'own-tile')).toEqual(ownTile);
    const order = must(zoneOrder(zone, must(layZone(zone, rings))));
    // A box of eleven sheets is bought.
    expect(zonePrice(room.design, zone, order)).toBeCloseTo(11 * 0.09 * 62, 9);
    const by = (per: 'm' | 'm2', amount: number) => ({ ...ownTile, id: 'other', price: { amount, per } });
    room.run(layTile, { zone, own: [by('m2', 10)] });
    // The name is of one only.
    expect(recordsOf(room.design, 'finish').map(({ id }) => id)).toEqual(['other']);
    expect(zonePrice(room.design, zone, order)).toBeCloseTo(11 * 0.9, 9);
    room.run(layTile, { zone, own: [by('m', 10)] });
    expect(zonePrice(room.design, zone, order)).toBeNull();
  });
});
