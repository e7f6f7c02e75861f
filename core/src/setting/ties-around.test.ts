import { describe, expect, it } from 'vitest';
import { build, floor, onA, put, raise, rounded } from '../../testing/placing';
import { rectangle } from '../../testing/rooms';
import { bendFace } from '../commands/bend-face';
import { editFaces } from '../commands/edit-faces';
import type { RoomBuilder } from '../demo/build-room';
import { itemBoxes } from './item-box';
import { tieOn, tiesInPlan, tiesOf, type TieSide } from './ties';

const boxOf = ({ design }: RoomBuilder, id: string) => itemBoxes(design).find((box) => box.id === id)!;
function read(builder: RoomBuilder, side: TieSide, id = 'own') {
  const tie = tieOn(builder.design, boxOf(builder, id), side);
  return tie && [rounded(tie.distance), tie.to.kind, tie.to.id];
}
const column = (builder: RoomBuilder, x: number, y: number, change = {}) =>
  build(builder, 'column', floor(x, y), change);

describe('ties up and down', () => {
  const hung = () => {
    const builder = rectangle(4000, 3000);
    put(builder, 'own', 'U600/720', onA(1000));
    return builder;
  };

  it('are to the floor and the ceiling, or what stands and hangs there, with the top that runs over it', () => {
    const builder = hung();
    expect([read(builder, 'below'), read(builder, 'above')]).toEqual([
      [1400, 'floor', 'room'],
      [280, 'ceiling', 'room'],
    ]);
    put(builder, 'base', 'F600', onA(1599.4));
    expect(read(builder, 'below')).toEqual([1400 - 870 - 30, 'item', 'base']);
    put(builder, 'tall', 'T300/1950', onA(700.6));
    raise(builder, 'own', 1960);
    expect(read(builder, 'below')).toEqual([10, 'item', 'tall']);
    expect(read(builder, 'below', 'base')).toEqual([0, 'floor', 'room']);
    expect(read(builder, 'above', 'base')).toEqual([1960 - 870, 'item', 'own']);
  });

  it('are to what lies over it in plan by more than a touch only', () => {
    for (const [at, to] of [
      [1599.5, 'floor'],
      [1599.4, 'item'],
    ] as const) {
      const builder = hung();
      put(builder, 'base', 'F600', onA(at));
      expect([at, read(builder, 'below')![1]]).toEqual([at, to]);
    }
  });

  it('are to the nearest, fixed things too, and not to what it goes past with its middle', () => {
    const builder = hung();
    const box = { width: 600, depth: 300, placement: onA(1000) };
    column(builder, 0, 0, { ...box, height: 1000 });
    expect(read(builder, 'below')).toEqual([400, 'fixed', 'column']);
    column(builder, 0, 0, { ...box, height: 1760 });
    expect(read(builder, 'below')).toEqual([-360, 'fixed', 'column']);
    column(builder, 0, 0, { ...box, height: 1761 });
    expect(read(builder, 'below')).toEqual([1400, 'floor', 'room']);
    column(builder, 0, 0, { ...box, up: 1760, height: 600 });
    expect(read(builder, 'above')).toEqual([-360, 'fixed', 'column']);
    column(builder, 0, 0, { ...box, up: 1759, height: 600 });
    expect(read(builder, 'above')).toEqual([280, 'ceiling', 'room']);
    put(builder, 'lower', 'U600/600', onA(1000));
    raise(builder, 'lower', 700);
    expect(read(builder, 'below')).toEqual([100, 'item', 'lower']);
  });

  it('are to the ceiling where it is lowest over it', () => {
    const builder = hung();
    builder.run(editFaces, { faces: ['face-a', 'face-b'], change: { ceilingHeight: 2200 } });
    expect(read(builder, 'above')).toEqual([80, 'ceiling', 'room']);
  });
});

describe('ties in plan', () => {
  const free = () => {
    const builder = rectangle(6000, 5000);
    put(builder, 'own', 'F600', floor(3000, -2000));
    return builder;
  };

  it('are to the walls all round, from the middle of each side', () => {
    const builder = free();
    const ties = tiesInPlan(builder.design, boxOf(builder, 'own'));
    expect(
      ties.map(({ side, distance, to, from, at }) => [
        side,
        rounded(distance),
        to.id,
        ...[from.x, from.y, at.x, at.y].map(rounded),
      ]),
    ).toEqual([
      ['left', 3000, 'face-d', 3000, -2280, 0, -2280],
      ['right', 2400, 'face-b', 3600, -2280, 6000, -2280],
      ['behind', 2000, 'face-a', 3300, -2000, 3300, 0],
      ['front', 2440, 'face-c', 3300, -2560, 3300, -5000],
    ]);
    expect(tiesOf(builder.design, boxOf(builder, 'own')).map(({ side }) => side)).toEqual([
      'left',
      'right',
      'behind',
      'front',
      'below',
      'above',
    ]);
  });

  it('are to what shares its height and its strip by more than a touch', () => {
    const builder = free();
    column(builder, 4000, -2559.4);
    expect(read(builder, 'right')).toEqual([400, 'fixed', 'column']);
    column(builder, 4000, -2559.5);
    expect(read(builder, 'right')).toEqual([2400, 'wall', 'face-b']);
    column(builder, 4000, -2300, { up: 870, height: 500 });
    expect(read(builder, 'right')![1]).toBe('wall');
    column(builder, 4000, -2300, { up: 869, height: 500 });
    expect(read(builder, 'right')![1]).toBe('fixed');
    raise(builder, 'own', 1369);
    expect(read(builder, 'right')).toEqual([2400, 'wall', 'face-b']);
    raise(builder, 'own', 1368);
    expect(read(builder, 'right')![1]).toBe('fixed');
  });

  it('are to what goes into it up to its half, and past what touches it on the other side', () => {
    const builder = free();
    const right = (x: number) => {
      put(builder, 'other', 'F300', floor(x, -2000));
      return read(builder, 'right');
    };
    expect(right(3650)).toEqual([50, 'item', 'other']);
    const twice = (x: number) => {
      const own = free();
      put(own, 'other', 'F900', floor(x, -2000));
      return read(own, 'right');
    };
    expect([twice(3300), twice(3299)]).toEqual([
      [-300, 'item', 'other'],
      [2400, 'wall', 'face-b'],
    ]);
    expect([twice(2700.5), twice(2100)]).toEqual([
      [2400, 'wall', 'face-b'],
      [2400, 'wall', 'face-b'],
    ]);
  });

  it('are to such items only as count, within a reach', () => {
    const builder = free();
    put(builder, 'near', 'F300', floor(3700, -2000));
    put(builder, 'far', 'F300', floor(4400, -2000));
    const to = (counts: (id: string) => boolean, reach?: number) =>
      tieOn(builder.design, boxOf(builder, 'own'), 'right', ({ id }) => counts(id), reach)!.to.id;
    expect([to(() => true), to((id) => id === 'far'), to(() => false)]).toEqual(['near', 'far', 'face-b']);
    expect([to((id) => id === 'far', 799), to((id) => id === 'far', 800)]).toEqual(['face-b', 'far']);
  });

  it('are not, to its sides, to the bent face it stands against, but to other bent ones', () => {
    const builder = rectangle(6000, 5000);
    builder.run(bendFace, { face: 'face-a', bend: { side: 'in', depth: 600 } });
    builder.run(bendFace, { face: 'face-b', bend: { side: 'in', depth: 300 } });
    put(builder, 'own', 'F600', onA(1000));
    expect([read(builder, 'left')![2], read(builder, 'right')![2], read(builder, 'behind')![2]]).toEqual([
      'face-d',
      'face-b',
      'face-a',
    ]);
    put(builder, 'free', 'F600', floor(500, -700));
    expect(read(builder, 'right', 'free')![2]).not.toBe('face-d');
  });
});
