import { describe, expect, it } from 'vitest';
import { rectangle } from '../../../testing/rooms';
import { putZone } from '../../commands/put-zone';
import { splitZone } from '../../commands/split-zone';
import { stretchRoom } from '../../commands/stretch-room';
import type { RoomBuilder } from '../../demo/build-room';
import type { ZonePlace } from '../../document/records';
import { signedArea } from '../../geometry/polygon';
import { must } from '../../result';
import { refusalText } from '../../wording/refusal-text';
import { usualZone } from './usual-zone';
import { findZone } from './zone-areas';
import { tiledZone } from './zone-laying';

const at = (x: number, y: number): ZonePlace => ({ x, y });
const area = ({ design }: RoomBuilder, id: string) => must(tiledZone(findZone(design, id)!)).laid.zoneArea;
const split = (room: RoomBuilder, through: readonly [ZonePlace, ZonePlace]) =>
  room.run(splitZone, { id: 'all', through, part: 'part' });

describe('a zone that is split', () => {
  it('gives its smaller part to another, laid as it is; what has all of the floor still has the rest of it', () => {
    const room = rectangle(4000, 3000);
    room.run(putZone, { ...usualZone(room.design, { id: 'all', face: null }), name: 'Floor of the hall' });
    const { corners: _, ...before } = findZone(room.design, 'all')!.record;
    split(room, [at(1500, 0), at(1500, -10)]);
    expect(findZone(room.design, 'all')!.record).toEqual(before);
    const { name, ...laid } = before;
    const part = findZone(room.design, 'part')!.record;
    expect(name).toBe('Floor of the hall');
    expect(part).toEqual({ ...laid, id: 'part', corners: part.corners, gap: laid.joint });
    const [w, h] = [1500 - 2 * laid.joint, 3000 - 2 * laid.joint];
    expect([area(room, 'part'), area(room, 'all')]).toEqual([w * h, 2500 * 3000]);
    // What is left of the whole floor follows the room.
    room.run(stretchRoom, { through: at(3500, -1500), towards: 0, by: 500 });
    expect(area(room, 'all')).toBeCloseTo(3000 * 3000, 3);
  });

  it('of an outline of its own is two outlines, by any line', () => {
    const room = rectangle(4000, 3000);
    const corners = [at(0, 0), at(2000, 0), at(2000, -1000), at(0, -1000)];
    room.run(putZone, usualZone(room.design, { id: 'all', face: null, corners }));
    split(room, [at(0, 0), at(500, -1000)]);
    const [one, other] = ['part', 'all'].map((id) => findZone(room.design, id)!.record.corners!);
    expect([one, other].map((ring) => Math.abs(signedArea(ring!)))).toEqual([250_000, 1_750_000]);
    expect(area(room, 'all')).toBeCloseTo(1_750_000, 0);
  });

  it.each([
    ['beside it', [at(4100, 0), at(4100, -10)]],
    ['through one place', [at(100, -100), at(100, -100)]],
  ] as const)('is refused by a line %s', (_, through) => {
    const room = rectangle(4000, 3000);
    room.run(putZone, usualZone(room.design, { id: 'all', face: null }));
    const refused = splitZone.run(room.design, { id: 'all', through, part: 'part' });
    expect(refused.ok ? '' : refusalText(refused.refusal)).toContain('right across');
  });

  it('is refused where a side would be in two pieces', () => {
    const room = rectangle(4000, 3000);
    const bay = [
      at(0, 0),
      at(3000, 0),
      at(3000, -2000),
      at(2000, -2000),
      at(2000, -500),
      at(1000, -500),
      at(1000, -2000),
      at(0, -2000),
    ];
    room.run(putZone, usualZone(room.design, { id: 'all', face: null, corners: bay }));
    expect(
      splitZone.run(room.design, { id: 'all', through: [at(0, -1000), at(10, -1000)], part: 'p' }).ok,
    ).toBe(false);
    expect(
      splitZone.run(room.design, { id: 'all', through: [at(0, -400), at(10, -400)], part: 'p' }).ok,
    ).toBe(true);
  });
});
