import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { setEdgeWay } from '../commands/set-edge-way';
import { setRoom } from '../commands/set-room';
import { setTopCorner } from '../commands/set-top-corner';
import type { RoomBuilder } from '../demo/build-room';
import type { EdgeProfile } from '../document/limits';
import { tops } from '../surfaces/tops';
import { volumeOf } from './mesh';
import { sceneOf } from './scene';

/** A top free all round, 30 thick: 640 by 600 with these overhangs. */
function free(profile: EdgeProfile) {
  const builder = rectangle(4000, 3000);
  builder.place('F600', { on: 'floor', x: 1500, y: -1200, turn: 0.3 });
  builder.run(setRoom, { edgeProfile: profile });
  return builder;
}
const [LONG, DEEP, THICK] = [640, 620, 30];
const volume = ({ design }: RoomBuilder) =>
  sceneOf(design)
    .find(({ of }) => of === 'top')!
    .parts.reduce((sum, { mesh }) => sum + volumeOf(mesh), 0);
/** What is left within a rectangle when so much is taken off all round, from nothing to a depth, over that height. */
const band = (by: number) => LONG * DEEP * by - (LONG + DEEP) * by * by + (4 / 3) * by ** 3;

describe('a top with worked edges', () => {
  it('holds what is left of it: eased above and below, bevelled above, half round', () => {
    expect(volume(free('square'))).toBeCloseTo(LONG * DEEP * THICK, 2);
    expect(volume(free('raw'))).toBeCloseTo(LONG * DEEP * THICK, 2);
    expect(volume(free('eased'))).toBeCloseTo(LONG * DEEP * (THICK - 6) + 2 * band(3), 2);
    expect(volume(free('bevelled'))).toBeCloseTo(LONG * DEEP * (THICK - 15) + band(15), 2);
    // Of a half circle in eight straight steps about the same is left: all but (1 - sin 22.5 / 22.5) of it is.
    const round = volume(free('rounded'));
    const whole = LONG * DEEP * THICK;
    const off = 2 * (LONG + DEEP) * (15 * 30 - (Math.PI * 15 * 15) / 2);
    expect(whole - round).toBeGreaterThan(off * 0.95);
    expect(whole - round).toBeLessThan(off * 1.2);
  });

  it('is worked along the edges that say so only, round corners too, and left square where its edge is too short', () => {
    const builder = free('square');
    const at = [{ item: 'item-1', side: 'front' }] as const;
    builder.run(setEdgeWay, { at, way: { profile: 'bevelled' } });
    // A wedge of 15 by 15 off the front.
    expect(volume(builder)).toBeCloseTo(LONG * DEEP * THICK - (LONG * 15 * 15) / 2, 2);
    builder.run(setEdgeWay, { at, way: { profile: null } });
    builder.run(setTopCorner, { at: [{ item: 'item-1', corner: 'frontRight' }], shape: { radius: 200 } });
    const sharp = volume(builder);
    builder.run(setRoom, { edgeProfile: 'eased' });
    const eased = volume(builder);
    const perimeter = 2 * (LONG + DEEP) - 400 + 100 * Math.PI;
    expect((sharp - eased) / (perimeter * 9)).toBeCloseTo(1, 2);
    // Its chords of a radius of 4 are shorter than what a half round takes off.
    builder.run(setTopCorner, { at: [{ item: 'item-1', corner: 'frontRight' }], shape: { radius: 4 } });
    builder.run(setRoom, { edgeProfile: 'rounded' });
    expect(volume(builder)).toBeCloseTo(tops(builder.design)[0]!.area * THICK, -3);
  });
});
