import { describe, expect, it } from 'vitest';
import { rectangle } from '../../../testing/rooms';
import { putZone } from '../../commands/put-zone';
import type { RoomBuilder } from '../../demo/build-room';
import type { ZonePlace, ZoneRecord } from '../../document/records';
import { setIn } from '../../geometry/set-in';
import { signedArea, type Polygon } from '../../geometry/polygon';
import { must } from '../../result';
import { buildUpOf, zoneOrder } from './zone-order';
import { usualZone } from './usual-zone';
import { findZone } from './zone-areas';
import { tiledZone } from './zone-laying';
import { trimLengths } from './zone-trim';

const box = (left: number, bottom: number, right: number, top: number): ZonePlace[] => [
  { x: left, y: bottom },
  { x: right, y: bottom },
  { x: right, y: top },
  { x: left, y: top },
];
function tile(room: RoomBuilder, id: string, face: string | null, change: Partial<ZoneRecord> = {}): void {
  const { corners } = change;
  room.run(putZone, { ...usualZone(room.design, { id, face, ...(corners && { corners }) }), ...change });
}
const area = (region: readonly Polygon[]) => region.reduce((sum, ring) => sum + signedArea(ring), 0);
const laid = (room: RoomBuilder, id: string) => must(tiledZone(findZone(room.design, id)!));
const trim = (room: RoomBuilder, id: string) => trimLengths(room.design).get(id);

describe('the gap at the edges of a zone', () => {
  it('is left along walls and what is tiled round, inside and outside corners square', () => {
    const room = rectangle(4000, 3000);
    tile(room, 'floor', null, { gap: 6 });
    expect(laid(room, 'floor').laid.zoneArea).toBeCloseTo(3988 * 2988, 3);
    room.set('F600', 'face-a', 1000);
    // The plinth stands at the wall, 510 deep: a notch that is 6 wider on both sides and deeper.
    expect(laid(room, 'floor').laid.zoneArea).toBeCloseTo(3988 * 2988 - 612 * 510, 2);
  });

  it('is square at every kind of corner, and leaves nothing of what is no wider than two', () => {
    expect(area(setIn([box(0, 0, 100, 50)], 10))).toBeCloseTo(80 * 30, 6);
    expect(area(setIn([box(0, 0, 100, 50), box(40, 20, 60, 30).reverse()], 5))).toBeCloseTo(
      90 * 40 - 30 * 20,
      6,
    );
    expect(setIn([box(0, 0, 100, 20)], 10)).toEqual([]);
    const ell = [
      { x: 0, y: 0 },
      { x: 100, y: 0 },
      { x: 100, y: 40 },
      { x: 50, y: 40 },
      { x: 50, y: 90 },
      { x: 0, y: 90 },
    ];
    expect(area(setIn([ell], 5))).toBeCloseTo(90 * 30 + 40 * 50, 6);
  });
});

describe('a zone from a file of which its gap leaves nothing', () => {
  it('has no area, though another is let into it and it has a border', () => {
    const room = rectangle(4000, 3000);
    const border = { inset: 0, tile: { w: 40, h: 40 }, corners: 'butt' as const, finish: 'Jetty' };
    tile(room, 'strip', 'face-a', { corners: box(500, 0, 600, 1200), gap: 48 });
    tile(room, 'inlay', 'face-a', { corners: box(520, 100, 580, 200) });
    // 4 wide, of which the inlay takes all for 100 of its height.
    expect(laid(room, 'strip').laid.zoneArea).toBeCloseTo(4 * (1200 - 96) - 4 * 100, 3);
    const strip = room.design.records['strip'] as ZoneRecord;
    const { records } = room.design;
    const gone = { ...strip, gap: 50, border: { ...border, islands: false } };
    const found = findZone({ ...room.design, records: { ...records, strip: gone } }, 'strip')!;
    expect(found.rings).toEqual([]);
    expect(must(tiledZone(found)).laid).toEqual({ pieces: [], zoneArea: 0, tiledArea: 0 });
  });
});

describe('the trim of a zone', () => {
  it('is where it ends on a bare wall or floor, not at a wall or another zone', () => {
    const room = rectangle(4000, 3000);
    tile(room, 'floor', null);
    expect(trim(room, 'floor')).toBe(0);
    // To 1200 high all along a wall: its top is seen.
    tile(room, 'low', 'face-a', { corners: box(0, 0, 4000, 1200) });
    expect(trim(room, 'low')).toBeCloseTo(4000, 2);
    // Let into it, and going on from it: nothing of it is seen but beyond.
    tile(room, 'band', 'face-a', { corners: box(1000, 300, 2000, 600) });
    expect(trim(room, 'band')).toBe(0);
    tile(room, 'over', 'face-a', { corners: box(1000, 1200, 2000, 1500) });
    expect(trim(room, 'over')).toBeCloseTo(1000 + 2 * 300, 2);
    expect(trim(room, 'low')).toBeCloseTo(3000, 2);
  });

  it('is not lessened by the gap at the edges', () => {
    const room = rectangle(4000, 3000);
    tile(room, 'low', 'face-a', { corners: box(500, 0, 1500, 1200), gap: 5 });
    expect(trim(room, 'low')).toBeCloseTo(1000 + 2 * 1200, 2);
  });
});

describe('what a zone is laid in', () => {
  const room = rectangle(4000, 3000);
  const order = (change: Partial<ZoneRecord>) => {
    tile(room, 'floor', null, { tile: { w: 297, h: 297 }, pattern: { type: 'grid' }, joint: 3, ...change });
    const { record } = findZone(room.design, 'floor')!;
    return must(zoneOrder(record, laid(room, 'floor')));
  };

  it('is by the notch unless said, by what is spread, and by what a bag covers before all', () => {
    expect(order({}).adhesive).toMatchObject({ kgPerM2: 3.5, kg: 42, bags: 2 });
    expect(order({ materials: { kgPerM2: 5, bagKg: 20 } }).adhesive).toMatchObject({ kg: 60, bags: 3 });
    // 12 m² at exactly 4 a bag are three; at a hair less, four.
    expect(order({ materials: { cover: 4, kgPerM2: 5 } }).adhesive).toMatchObject({ kg: null, bags: 3 });
    expect(order({ materials: { cover: 3.999 } }).adhesive.bags).toBe(4);
    expect(order({ materials: { kgPerM2: 5, backButter: 0.1 } }).adhesive.kg).toBeCloseTo(66, 6);
    const [usual, heavy] = [order({}), order({ materials: { density: 3.4 } })];
    expect(heavy.grout.kg).toBeCloseTo(2 * usual.grout.kg, 6);
  });

  it('raises the floor by the tile and the bed its notch leaves, or as is said', () => {
    const up = (w: number, change: Partial<ZoneRecord> = {}) => buildUpOf({ tile: { w, h: 60 }, ...change });
    expect([up(100), up(101), up(300), up(301), up(600), up(601)]).toEqual([12, 13, 13, 14, 14, 15]);
    expect(up(300, { tile: { w: 300, h: 60, thickness: 20 }, materials: { bed: 30 } })).toBe(50);
  });
});
