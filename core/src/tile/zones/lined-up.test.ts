import { describe, expect, it } from 'vitest';
import { cornered, rectangle } from '../../../testing/rooms';
import { putZone } from '../../commands/put-zone';
import type { RoomBuilder } from '../../demo/build-room';
import type { ZoneRecord } from '../../document/records';
import { must } from '../../result';
import { linedUp } from './lined-up';
import { usualZone } from './usual-zone';
import { findZone } from './zone-areas';
import { layZone } from './zone-laying';

const tile = { pattern: { type: 'grid' }, tile: { w: 200, h: 200 }, joint: 2 } as const;
function tiled(room: RoomBuilder, id: string, face: string | null, change: Partial<ZoneRecord>): void {
  room.run(putZone, { ...usualZone(room.design, { id, face }), ...tile, ...change });
}
const ask = (room: RoomBuilder, id: string, other: string) =>
  linedUp(room.design, findZone(room.design, id)!, findZone(room.design, other)!);

describe('a zone that goes on from another', () => {
  it('has its courses at the same heights, and its joints round the corner, on either side', () => {
    const room = rectangle(4000, 3000);
    tiled(room, 'a', 'face-a', { origin: { x: 50, y: 70 } });
    tiled(room, 'b', 'face-b', { origin: { x: 0, y: 0 } });
    tiled(room, 'd', 'face-d', { origin: { x: 9, y: 0 } });
    tiled(room, 'c', 'face-c', { origin: { x: 9, y: 0 } });
    expect(ask(room, 'b', 'a')).toEqual({ x: 50 - 4000, y: 70 });
    expect(ask(room, 'd', 'a')).toEqual({ x: 50 + 3000, y: 70 });
    // Across the room only heights can be the same.
    expect(ask(room, 'c', 'a')).toEqual({ x: 9, y: 70 });
    // What is cut off at the corner on one face is what the other begins with.
    const b = { ...findZone(room.design, 'b')!.record, origin: ask(room, 'b', 'a')! };
    const size = (record: ZoneRecord, rings: Parameters<typeof layZone>[1], x: number) =>
      must(layZone(record, rings)).edges.find((edge) => edge.a.x === x && edge.b.x === x)!.size!;
    const a = findZone(room.design, 'a')!;
    const [end, begun] = [size(a.record, a.rings, 4000), size(b, findZone(room.design, 'b')!.rings, 0)];
    expect(end + begun).toBeCloseTo(200, 9);
  });

  it('counts from where each is placed', () => {
    const room = rectangle(4000, 3000);
    const from = { on: 'face', face: 'face-a', from: 'right', distance: 1000, off: 0 } as const;
    tiled(room, 'a', 'face-a', { placement: from, origin: { x: 50, y: 70 } });
    tiled(room, 'b', 'face-b', {
      placement: { ...from, face: 'face-b', from: 'left' },
      origin: { x: 0, y: 0 },
    });
    expect(ask(room, 'b', 'a')).toEqual({ x: 3000 + 50 - 4000 - 1000, y: 70 });
  });

  it('has joints that meet those of the floor before it, along a face that the floor runs along', () => {
    const room = rectangle(4000, 3000);
    tiled(room, 'floor', null, { origin: { x: 130, y: -40 } });
    tiled(room, 'a', 'face-a', { origin: { x: 0, y: 33 } });
    tiled(room, 'b', 'face-b', { origin: { x: 0, y: 33 } });
    expect(ask(room, 'a', 'floor')).toEqual({ x: 130, y: 33 });
    expect(ask(room, 'b', 'floor')).toEqual({ x: 40, y: 33 });
    expect(ask(room, 'floor', 'a')).toEqual({ x: 0, y: -40 });
    tiled(room, 'floor', null, { origin: { x: 130, y: -40 }, angle: 0.3 });
    expect(ask(room, 'a', 'floor')).toBeNull();
    tiled(room, 'floor', null, { origin: { x: 130, y: -40 }, angle: Math.PI / 2 });
    expect(ask(room, 'a', 'floor')).toEqual({ x: 130, y: 33 });
  });

  it('does not meet a face that stands at a slant to the floor, and begins where another zone of the floor does', () => {
    const room = cornered([
      { x: 0, y: 0 },
      { x: 4000, y: 0 },
      { x: 4600, y: -3000 },
      { x: 0, y: -3000 },
    ]);
    tiled(room, 'floor', null, { origin: { x: 130, y: -40 } });
    tiled(room, 'b', 'face-b', { origin: { x: 0, y: 33 } });
    expect(ask(room, 'b', 'floor')).toBeNull();
    const corners = [
      { x: 0, y: 0 },
      { x: 500, y: 0 },
      { x: 500, y: 500 },
    ];
    const placement = { on: 'floor', x: 1000, y: -2000, turn: 0 } as const;
    tiled(room, 'inlay', null, { placement, corners, origin: { x: 0, y: 0 } });
    expect(ask(room, 'inlay', 'floor')).toEqual({ x: -870, y: 1960 });
  });
});
