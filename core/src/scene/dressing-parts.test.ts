import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { setFinish } from '../commands/set-finish';
import { setItem } from '../commands/set-item';
import { setRoom } from '../commands/set-room';
import { recordOf } from '../document/design';
import { itemsOf, ranges } from '../index';
import { kindOf } from '../ranges/kinds';
import { findItem, shelfOf } from '../ranges/shelf';
import { checkReach } from '../reach/check-reach';
import { must } from '../result';
import { hug } from '../setting/hug';
import { itemBoxes } from '../setting/item-box';
import { settingOf } from '../setting/landing';
import { openLengths } from '../setting/open-lengths';
import { trimsAlongWalls } from '../surfaces/trims-along-walls';
import { volumeOf } from './mesh';
import { lampsOf } from './light/lamps';
import { sceneOf } from './scene';

const dressing = ranges.flatMap((range) =>
  itemsOf(range).filter(({ type }) => kindOf(type).group === 'dressing' || type === 'mirror-round'),
);
const inRoom = (code: string, range: string) => {
  const builder = rectangle(6000, 5000);
  builder.run(setItem, { id: 'it', range, code, placement: { on: 'floor', x: 3000, y: -2500, turn: 0.4 } });
  return builder;
};

describe('what dresses a room', () => {
  it.each(dressing.map(({ code, range }) => [code, range] as const))(
    'is seen within its extent, closed to no more than its height: %s of %s',
    (code, range) => {
      const { design } = inRoom(code, range);
      const [box] = itemBoxes(design);
      const { origin, u, n, low, high, record } = box!;
      const group = sceneOf(design).find(({ source }) => source === 'it')!;
      let [top, bottom] = [-Infinity, Infinity];
      for (const { mesh, substance } of group.parts) {
        // A mirror is a face before what holds it; all else is closed, the right way out.
        if (substance !== 'mirror') expect(volumeOf(mesh)).toBeGreaterThan(0);
        for (let i = 0; i < mesh.positions.length; i += 3) {
          const [x, y, z] = mesh.positions.slice(i, i + 3) as [number, number, number];
          const along = (x - origin.x) * u.x + (y - origin.y) * u.y;
          const out = (x - origin.x) * n.x + (y - origin.y) * n.y;
          // A rim lies within its box; a polygon about a circle goes past it by less than half a hundredth.
          expect(along).toBeGreaterThan(-0.01 * record.width - 1e-6);
          expect(along).toBeLessThan(1.01 * record.width + 1e-6);
          expect(out).toBeGreaterThan(-0.01 * record.depth - 1e-6);
          expect(out).toBeLessThan(1.01 * record.depth + 1e-6);
          [top, bottom] = [Math.max(top, z), Math.min(bottom, z)];
        }
      }
      const about = 0.005 * (high - low) + 1;
      expect(Math.abs(bottom - low)).toBeLessThan(about);
      expect(Math.abs(top - high)).toBeLessThan(about);
    },
  );

  it('has cloth of its own finish, or the room’s, and never that of the fronts', () => {
    const builder = inRoom('CURT2000', 'generic-mm');
    const cloth = () =>
      sceneOf(builder.design)
        .find(({ source }) => source === 'it')!
        .parts.find(({ substance }) => substance === 'fabric')!.finish?.name;
    builder.run(setRoom, { frontFinish: 'Kelp' });
    expect(cloth()).toBeUndefined();
    builder.run(setFinish, { part: 'dressing', finish: 'Hemp', to: { room: 'usual' } });
    expect(cloth()).toBe('Hemp');
    builder.run(setFinish, { part: 'dressing', finish: 'Barge red', to: { items: ['it'] } });
    expect(cloth()).toBe('Barge red');
    expect(recordOf(builder.design, 'item', 'it')!.finishes).toEqual({ dressing: 'Barge red' });
  });

  it('parts nothing: runs go on behind it, skirtings pass it, no finding is about it', () => {
    const builder = rectangle(4000, 3000);
    builder.open('face-c', 'window', 1400);
    builder.open('face-b', 'door', 1000);
    builder.set('F600', 'face-a', 0);
    builder.set('F600', 'face-a', 2000);
    const before = { gaps: openLengths(builder.design), skirting: trimsAlongWalls(builder.design) };
    const about = checkReach(builder.design).findings;
    const put = (code: string, x: number, y: number) => {
      const setting = settingOf(must(findItem('generic-mm', code)));
      const { placement } = hug(builder.design, setting, { x, y }, 30);
      builder.run(setItem, { id: `${code.replace('/', '-')}-${x}`, range: 'generic-mm', code, placement });
      return placement;
    };
    // A rug under the front of a cabinet and in the way of the door, a plant in a gap, a picture, a blind over the window.
    put('RUG1200', 900, -500);
    put('RUG1200', 3500, -1400);
    put('PLANT500/600', 1300, -300);
    expect(put('PIC700/500', 1300, -100)).toMatchObject({ on: 'face', face: 'face-a' });
    const blind = put('BLIND1200/500', 2000, -2950);
    expect(blind).toMatchObject({ on: 'face', face: 'face-c' });
    expect(openLengths(builder.design).map(({ length }) => length)).toEqual(
      before.gaps.map(({ length }) => length),
    );
    expect(trimsAlongWalls(builder.design).map(({ path }) => path)).toEqual(
      before.skirting.map(({ path }) => path),
    );
    expect(checkReach(builder.design).findings).toEqual(about);
  });

  it('shines where it is a lamp', () => {
    const lamps = (code: string) => {
      const bare = lampsOf(rectangle(6000, 5000).design).length;
      return lampsOf(inRoom(code, 'generic-mm').design).slice(bare);
    };
    expect(lamps('PEND450')).toMatchObject([{ from: [expect.any(Number), expect.any(Number), 1602] }]);
    expect(lamps('LAMPF400')[0]!.light[0]).toBeGreaterThan(lamps('LAMPT280')[0]!.light[0]);
    expect(lamps('RUG1200')).toEqual([]);
  });

  it('hangs down from the ceiling, however high that is', () => {
    const builder = rectangle(4000, 3000);
    const setting = settingOf(must(findItem('generic-mm', 'PEND350')));
    const up = () => hug(builder.design, setting, { x: 2000, y: -1500 }, 10).up;
    expect(up()).toBe(1600);
    builder.run(setRoom, { ceilingHeight: 2700 });
    expect(up()).toBe(1900);
    builder.run(setRoom, { ceilingHeight: 2300 });
    expect(up()).toBe(1500);
  });

  it('is on the shelf of every range', () => {
    for (const range of ['fathom', 'saltbox', 'generic-mm', 'generic-in'])
      expect(shelfOf(range).filter(({ type }) => kindOf(type).group === 'dressing').length).toBeGreaterThan(
        20,
      );
  });
});
