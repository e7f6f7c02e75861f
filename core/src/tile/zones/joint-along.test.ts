import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { rectangle } from '../../../testing/rooms';
import { putZone } from '../../commands/put-zone';
import { splitZone } from '../../commands/split-zone';
import type { RoomBuilder } from '../../demo/build-room';
import type { ZonePlace, ZoneRecord } from '../../document/records';
import { must } from '../../result';
import { jointAlong } from './joint-along';
import { usualZone } from './usual-zone';
import { findZone } from './zone-areas';
import { tiledZone } from './zone-laying';
import { zoneOrder } from './zone-order';

const at = (x: number, y: number): ZonePlace => ({ x, y });
const box = (left: number, right: number, bottom: number, top: number) => [
  at(left, -bottom),
  at(right, -bottom),
  at(right, -top),
  at(left, -top),
];
const whole = (change: Partial<ZoneRecord> = {}): RoomBuilder => {
  const room = rectangle(4000, 3000);
  room.run(putZone, { ...usualZone(room.design, { id: 'all', face: null }), joint: 3, ...change });
  return room;
};
const letIn = (room: RoomBuilder, corners: ZonePlace[], change: Partial<ZoneRecord> = {}) =>
  room.run(putZone, { ...usualZone(room.design, { id: 'inlay', face: null, corners }), joint: 3, ...change });
const along = ({ design }: RoomBuilder, id: string) => jointAlong(design, findZone(design, id)!);

describe('the joint along other zones', () => {
  it('of an inlay goes round it, and is grouted with it', () => {
    const room = whole();
    letIn(room, box(1500, 2500, 1000, 1800), { gap: 3 });
    // Twice 1000 and twice 800 by 3; what both take at the corners once.
    const { area, length } = along(room, 'inlay');
    expect(area).toBeCloseTo(3 * 2 * 1800 - 4 * 9, 3);
    expect(length).toBeCloseTo(area / 3, 6);
    expect(along(room, 'all')).toEqual({ area: 0, length: 0 });
    const zone = findZone(room.design, 'inlay')!;
    const laid = must(tiledZone(zone));
    const [alone, order] = [{}, { along: { area, length } }].map((given) =>
      must(zoneOrder({ ...zone.record, tile: { ...zone.record.tile, thickness: 10 } }, laid, given)),
    );
    expect(order!.grout.litres - alone!.grout.litres).toBeCloseTo((area * 10) / 1e6, 9);
    expect(order!.jointLength - alone!.jointLength).toBeCloseTo(length, 6);
  });

  it('is not along walls', () => {
    const room = whole();
    letIn(room, box(0, 1000, 0, 800), { gap: 3 });
    expect(along(room, 'inlay').area).toBeCloseTo(3 * 1800 - 9, 3);
    const split = whole();
    split.run(splitZone, { id: 'all', through: [at(1500, 0), at(1500, -10)], part: 'part' });
    expect(along(split, 'part').area).toBeCloseTo(3 * 3000, 3);
    expect(along(whole({ gap: 3 }), 'all').area).toBe(0);
  });

  it.each([
    [0, 3, 3, false],
    [2.9, 3, 3, true],
    [3, 3, 3, true],
    [3.01, 3, 3, false],
    [5, 3, 5, true],
    [5, 5, 3, true],
    [5.01, 5, 5, false],
  ])('of a gap of %d between tiles with joints of %d and %d: grouted %s', (gap, own, its, isGrouted) => {
    const room = whole({ joint: its });
    letIn(room, box(1500, 2500, 1000, 1800), { gap, joint: own });
    expect(along(room, 'inlay').area > 0).toBe(isGrouted);
  });

  it('fills all that is not tiled, whatever lies in what, and however it is turned', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 600, max: 3400 }),
        fc.integer({ min: 600, max: 2400 }),
        fc.integer({ min: 3, max: 8 }),
        fc.integer({ min: 60, max: 560 }),
        fc.double({ min: 0, max: 3, noNaN: true }),
        (x, y, corners, radius, turn) => {
          const room = whole();
          const ring = Array.from({ length: corners }, (_, index) => {
            const angle = turn - (index * 2 * Math.PI) / corners;
            return at(x + radius * Math.cos(angle), -y + radius * Math.sin(angle));
          });
          letIn(room, ring, { gap: 3, tile: { w: 48, h: 48 } });
          const laid = ['all', 'inlay'].map((id) => must(tiledZone(findZone(room.design, id)!)));
          const tiles = laid.reduce((sum, { laid: { tiledArea } }) => sum + tiledArea, 0);
          const joints = laid.reduce((sum, { count }) => sum + count.jointArea, along(room, 'inlay').area);
          expect(Math.abs(tiles + joints - 4000 * 3000)).toBeLessThan(20);
        },
      ),
      { numRuns: 40 },
    );
  });
});
