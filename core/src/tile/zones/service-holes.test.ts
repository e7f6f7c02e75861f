import { describe, expect, it } from 'vitest';
import { rectangle } from '../../../testing/rooms';
import { putService } from '../../commands/put-service';
import { putZone } from '../../commands/put-zone';
import { setRoom } from '../../commands/set-room';
import { setTiling } from '../../commands/set-tiling';
import type { RoomBuilder } from '../../demo/build-room';
import { recordOf } from '../../document/design';
import type { ServiceRecord, ZoneRecord } from '../../document/records';
import { boundsOf, signedArea } from '../../geometry/polygon';
import { must } from '../../result';
import { catchPlaces } from './catch-places';
import { snapOrigin } from './snap-origin';
import { usualZone } from './usual-zone';
import { findZone } from './zone-areas';
import { tiledZone } from './zone-laying';

function tile(room: RoomBuilder, face: string | null, change: Partial<ZoneRecord> = {}): void {
  const usual = usualZone(room.design, { id: 'zone', face });
  room.run(putZone, { ...usual, pattern: { type: 'grid' }, tile: { w: 297, h: 297 }, joint: 3, ...change });
}
const onFace = (id: string, type: ServiceRecord['type'], distance: number, up: number): ServiceRecord => ({
  ...{ kind: 'service', id, type, up },
  placement: { on: 'face', face: 'face-a', from: 'left', distance, off: 0 },
});
const area = (room: RoomBuilder) => findZone(room.design, 'zone')!;
const laid = (room: RoomBuilder) => must(tiledZone(area(room)));
/** A regular polygon of 24 corners in a circle, mm². */
const round = (wide: number) => 12 * Math.sin(Math.PI / 12) * (wide / 2) ** 2;

describe('the holes of services', () => {
  it('are bored where they come out of the wall, by what comes through', () => {
    const room = rectangle(3000, 3000);
    tile(room, 'face-a', { origin: { x: 0, y: 0 } });
    const { count } = laid(room);
    room.run(putService, onFace('one', 'socket', 450, 450));
    room.run(putService, onFace('two', 'cold', 1050, 450));
    const bored = laid(room);
    expect(area(room).holes.map(({ type, at }) => [type, at.x, at.y])).toEqual([
      ['socket', 450, 450],
      ['cold', 1050, 450],
    ]);
    expect(bored.count.tiledArea).toBeCloseTo(count.tiledArea - round(70) - round(30), 6);
    expect(bored.count.cut).toBe(count.cut + 2);
    // They are no edges: nothing is cut narrow, nothing is set out by them.
    expect(bored.edges).toEqual(laid(room).edges);
    expect([bored.narrowest, bored.slivers.size]).toEqual([laid(room).narrowest, 0]);
    expect(area(room).field).toBe(area(room).rings);
  });

  it('are boxes where rooms are measured in inches', () => {
    const room = rectangle(3048, 3048);
    room.run(setRoom, { unit: 'in' });
    tile(room, 'face-a');
    room.run(putService, onFace('one', 'switch', 1500, 1200));
    const { left, right, bottom, top } = boundsOf(area(room).holes[0]!.ring);
    expect([right - left, top - bottom]).toEqual([expect.closeTo(57.15, 6), expect.closeTo(88.9, 6)]);
    expect(signedArea(area(room).holes[0]!.ring)).toBeLessThan(0);
  });

  it('are in the floor for its drains and under a toilet, once; a ceiling light has none', () => {
    const room = rectangle(3000, 3000);
    tile(room, null);
    const put = (id: string, type: ServiceRecord['type'], up: number) =>
      room.run(putService, {
        ...{ kind: 'service', id, type, up },
        placement: { on: 'floor', x: 1500, y: -1500, turn: 0 },
      });
    put('drain', 'drain', 0);
    put('light', 'light', 2400);
    expect(area(room).holes.map(({ type }) => type)).toEqual(['drain']);
    const toilet = room.set('WC360-F', 'face-a', 400);
    expect(area(room).holes).toHaveLength(2);
    const [, flange] = area(room).holes;
    // What was surveyed within a hand of it is the same; what is tiled round has no hole.
    const at = area(room).surface.toPlan(flange!.at);
    const survey = (off: number) => {
      const placement = { on: 'floor', x: at.x + off, y: at.y, turn: 0 } as const;
      room.run(putService, { ...{ kind: 'service', id: 'soil', type: 'drain', up: 0 }, placement });
      return area(room).holes.length;
    };
    expect([survey(61), survey(59)]).toEqual([3, 2]);
    room.run(setTiling, { ids: [toilet], way: 'around' });
    expect(area(room).holes).toHaveLength(1);
  });

  it('go through a border too', () => {
    const room = rectangle(3000, 3000);
    const border = { inset: 0, tile: { w: 297, h: 97 }, corners: 'butt' } as const;
    tile(room, 'face-a', { border });
    const { count } = laid(room);
    room.run(putService, onFace('one', 'cold', 1500, 50));
    expect(laid(room).count.tiledArea).toBeCloseTo(count.tiledArea - round(30), 3);
  });
});

describe('a field that is dragged', () => {
  it('is caught by the middles of services, openings and fixtures', () => {
    const room = rectangle(3333, 3000);
    tile(room, 'face-a', { origin: { x: 0, y: 0 } });
    room.run(putService, onFace('one', 'socket', 1000, 1100));
    const { record, field, ...rest } = area(room);
    const places = catchPlaces(room.design, { ...rest });
    expect(places).toEqual([{ thing: 'service', at: { x: 1000, y: 1100 }, ways: expect.any(Array) }]);
    const landing = (x: number, y: number, near = 6) => snapOrigin(record, field, { x, y }, near, places);
    // A tile centred on 1000 begins at 851.5, three before it at −48.5; up at 951.5, 51.5.
    expect(landing(-46, 49)).toEqual({
      origin: { x: -48.5, y: 51.5 },
      along: 'tile-service',
      across: 'tile-service',
    });
    expect(landing(-42.4, 49)).toMatchObject({ along: null });
    // A joint on it: tiles begin 1.5 beside it.
    expect(landing(99, 0)).toMatchObject({ origin: { x: 101.5 }, along: 'joint-service' });
  });

  it('is caught by a door along its wall alone, on the floor too', () => {
    const room = rectangle(3333, 3000);
    const opened = room.open('face-a', 'door', 1000);
    tile(room, null, { origin: { x: 0, y: 0 } });
    const [door, ...others] = catchPlaces(room.design, area(room));
    expect(others).toEqual([]);
    const { width } = recordOf(room.design, 'opening', opened)!;
    const middle = 1000 + width / 2;
    expect(door!.at.x).toBeCloseTo(middle, 6);
    expect(door!.ways).toHaveLength(1);
    const { record, field } = area(room);
    const landing = snapOrigin(record, field, { x: middle - 148.5 + 4, y: -777 }, 5, [door!]);
    expect(landing).toMatchObject({ origin: { x: middle - 148.5 }, along: 'tile-opening' });
  });
});
