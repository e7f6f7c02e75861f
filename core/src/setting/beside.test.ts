import { describe, expect, it } from 'vitest';
import { say } from '../wording/words';
import { rectangle } from '../../testing/rooms';
import { editItems } from '../commands/edit-items';
import { putFixed } from '../commands/put-fixed';
import { setRoom } from '../commands/set-room';
import type { RoomBuilder } from '../demo/build-room';
import { toRadians } from '../units/angles';
import { apartFrom } from './apart';
import { besideFixed, besideFree, besidePlaces } from './beside';
import { collision, bodiesNear, bodiesOf, itemBody } from './bodies';
import { catchHeight } from './catch-height';
import { gapChains } from './gap-chains';
import { hug } from './hug';
import { islands, standTogether } from './islands';
import { itemBoxes } from './item-box';
import { openLengths } from './open-lengths';
import { runs } from './runs';
import { roomShape } from '../survey/room-shape';

const floor = (x: number, y: number, degrees = 0) =>
  ({ on: 'floor', x, y, turn: toRadians(degrees) }) as const;
const boxOf = ({ design }: RoomBuilder, id: string) => itemBoxes(design).find((box) => box.id === id)!;

describe('runs', () => {
  const together = (along: number, off: number, degrees = 0) => {
    const builder = rectangle(5000, 4000);
    builder.place('F600', floor(1000, -1500));
    builder.place('F600', floor(1000 + along, -1500 - off, degrees));
    return runs(builder.design).map((run) => run.map(({ id }) => id));
  };

  it('are neighbours end to end within 3, in line within 60, turned within a tenth of a degree, left to right', () => {
    const one = [['item-1', 'item-2']];
    expect([together(600, 0), together(603, 0), together(597, 0)]).toEqual([one, one, one]);
    expect([together(603.1, 0).length, together(596.9, 0).length]).toEqual([2, 2]);
    expect([together(600, 60).length, together(600, 60.1).length, together(600, -60).length]).toEqual([
      1, 2, 1,
    ]);
    expect([together(600, 0, 0.09).length, together(600, 0, 0.11).length]).toEqual([1, 2]);
    expect(together(-600, 0)).toEqual([['item-2', 'item-1']]);
    expect(together(1200, 0, 180)).toHaveLength(2);
  });

  it('are of what carries a top and stands on the floor', () => {
    const builder = rectangle(5000, 4000);
    builder.set('F600', 'face-a', 0);
    builder.set('COLD600', 'face-a', 600);
    builder.set('U600/720', 'face-a', 0);
    builder.set('DISH600', 'face-a', 1200);
    expect(runs(builder.design).map((run) => run.map(({ record }) => record.code))).toEqual([
      ['F600'],
      ['DISH600'],
    ]);
  });
});

describe('islands', () => {
  it('are what stands free and touches, the widest first, and none of furniture or panels alone', () => {
    const builder = rectangle(5000, 4000);
    builder.place('F600', floor(1000, -1500));
    builder.place('F900', floor(1600, -1500));
    builder.place('F600', floor(3500, -1500));
    builder.place('CHAIR450', floor(1000, -3000));
    builder.place('PB600', floor(500, -3500));
    builder.set('F600', 'face-a', 0);
    expect(islands(builder.design).map((island) => island.map(({ id }) => id))).toEqual([
      ['item-2', 'item-1'],
      ['item-3'],
    ]);
    expect(standTogether(boxOf(builder, 'item-1'), boxOf(builder, 'item-3'))).toBe(false);
  });

  it('touch within three millimetres', () => {
    const touch = (gap: number) => {
      const builder = rectangle(5000, 4000);
      builder.place('F600', floor(1000, -1500));
      builder.place('F600', floor(1600 + gap, -1500));
      return islands(builder.design).length;
    };
    expect([3, 3.1].map(touch)).toEqual([1, 2]);
  });
});

describe('how far items stand apart', () => {
  it('is from edge to edge beside or before the chosen one, on the side its middle is', () => {
    const builder = rectangle(5000, 4000);
    builder.place('F600', floor(1000, -1500));
    builder.place('F900', floor(2000, -2500));
    const apart = (way: 'beside' | 'before') =>
      apartFrom(boxOf(builder, 'item-2'), boxOf(builder, 'item-1'), way);
    expect(apart('beside')).toEqual({ way: 'beside', sign: 1, distance: 400 });
    expect(apart('before')).toEqual({ way: 'before', sign: 1, distance: 440 });
    const back = (way: 'beside' | 'before') =>
      apartFrom(boxOf(builder, 'item-1'), boxOf(builder, 'item-2'), way);
    expect(back('beside')).toEqual({ way: 'beside', sign: -1, distance: 400 });
    expect(back('before')).toEqual({ way: 'before', sign: -1, distance: 440 });
    builder.place('F300', floor(1150, -1500));
    expect(apartFrom(boxOf(builder, 'item-3'), boxOf(builder, 'item-1'), 'beside')).toMatchObject({
      ...{ sign: 1, distance: -450 },
    });
  });
});

describe('bodies', () => {
  const builder = rectangle(5000, 4000);
  builder.set('F600', 'face-a', 0);
  builder.run(putFixed, {
    ...({
      kind: 'fixed',
      id: 'column',
      type: 'column',
      width: 300,
      depth: 300,
      height: 2400,
      up: 0,
    } as const),
    placement: { on: 'floor', x: 2000, y: -2000, turn: 0 },
  });

  it('are items by their code and fixed things by what they are, found near a place', () => {
    expect(bodiesOf(builder.design).map(({ id, name, low, high }) => [id, say(name), low, high])).toEqual([
      ['item-1', 'F600', 0, 870],
      ['column', 'the column', 0, 2400],
    ]);
    const near = (x: number, y: number, wider = 0) =>
      bodiesNear(builder.design, [{ x, y }], wider).map(({ id }) => id);
    expect([near(300, -300), near(2100, -2100), near(1000, -1000)]).toEqual([['item-1'], ['column'], []]);
    expect([near(700, -300, 99), near(700, -300, 100)]).toEqual([[], ['item-1']]);
    expect(bodiesNear(rectangle().design, [{ x: 0, y: 0 }], 1e6)).toEqual([]);
  });

  it('collide where they share height and floor by more than a touch', () => {
    const one = itemBody(boxOf(builder, 'item-1'));
    const at = (change: Partial<typeof one>) => collision(one, { ...one, id: 'other', ...change });
    expect(at({})).toBeCloseTo(560, 6);
    expect([at({ low: 869.4 }) !== null, at({ low: 869.5 }), at({ low: 900, high: 1000 })]).toEqual([
      ...[true, null, null],
    ]);
    expect([at({ high: 0.6 }) !== null, at({ high: 0.5 })]).toEqual([true, null]);
  });
});

describe('the height of what hangs', () => {
  const builder = rectangle(5000, 3000);
  const other = builder.set('U600/720', 'face-a', 0);
  builder.run(editItems, { ids: [other], change: { up: 1500 } });
  builder.open('face-a', 'door', 2000, { width: 800, height: 2000, casing: 70 });
  builder.open('face-c', 'door', 2000, { width: 800, height: 2100, casing: 0 });
  const face = roomShape(builder.design).byId.get('face-a')!;
  const setting = { width: 600, depth: 350, low: 1400, high: 1760 };
  const at = (wanted: number, snap = 20, own = {}) =>
    catchHeight(builder.design, face, { ...setting, ...own }, wanted, snap);

  it('is its usual one, or in line with the others and heads of its face, within reach', () => {
    expect(at(1415)).toEqual({ up: 1400, by: null });
    // Undersides, tops, on it, under it: 1500, 2220 - 360, 2220, 1500 - 360.
    expect([1512, 1875, 2205, 1128].map((wanted) => at(wanted))).toEqual([
      ...[1500, 1860, 2220, 1140].map((up) => ({ up, by: other })),
    ]);
    expect(at(2061)).toEqual({ up: 2070, by: 'opening-2' });
    expect(at(2104)).toEqual({ up: 2104, by: null });
    expect([at(1520).by, at(1519.9).by]).toEqual([null, other]);
    expect(at(1512, 20, { except: new Set([other]) })).toEqual({ up: 1512, by: null });
  });

  it('is on whole steps else, and never under the floor', () => {
    builder.run(setRoom, { step: 5 });
    expect(catchHeight(builder.design, face, setting, 1613, 10)).toEqual({ up: 1615, by: null });
    expect(catchHeight(builder.design, face, setting, -40, 10)).toEqual({ up: 0, by: null });
  });
});

describe('what stands beside an open length', () => {
  it('is followed outwards on both sides, end to end', () => {
    const builder = rectangle(5000, 3000);
    builder.set('F600', 'face-a', 0);
    builder.set('F600', 'face-a', 602);
    builder.set('F300', 'face-a', 2000);
    builder.set('F300', 'face-a', 2300);
    builder.set('F300', 'face-a', 2604);
    builder.set('U600/720', 'face-a', 602);
    const open = openLengths(builder.design).find(({ from }) => Math.round(from) === 1202)!;
    const { left, right } = gapChains(builder.design, open);
    expect([left.map(({ id }) => id), right.map(({ id }) => id)]).toEqual([
      ['item-2', 'item-1'],
      ['item-3', 'item-4'],
    ]);
  });

  it('in the run of what hangs is what hangs, with its panels', () => {
    const builder = rectangle(5000, 3000);
    for (const [code, at] of [
      ['U600/720', 0],
      ['U600/720', 600],
      ['FU50/720', 1200],
      ['U600/720', 2000],
      ['F600', 600],
      ['F600', 2600],
    ] as const)
      builder.set(code, 'face-a', at);
    builder.place('U600/720', { on: 'face', face: 'face-c', from: 'left', distance: 2600, off: 0 });
    builder.place('PS600', { on: 'face', face: 'face-a', from: 'left', distance: 2600, off: 0 });
    const open = openLengths(builder.design).find(
      ({ band, face, from }) => band === 'wall' && face.id === 'face-a' && Math.round(from) === 1250,
    )!;
    const { left, right } = gapChains(builder.design, open);
    expect([left, right].map((chain) => chain.map(({ id }) => id))).toEqual([
      ['item-3', 'item-2', 'item-1'],
      ['item-4', 'item-8'],
    ]);
  });
});

describe('a place against a fixed thing', () => {
  const builder = rectangle(5000, 4000);
  const wall = (height: number, up: number) =>
    builder.run(putFixed, {
      ...({ kind: 'fixed', id: 'wall', type: 'partition', width: 2000, depth: 100 } as const),
      ...{ height, up },
      placement: { on: 'floor', x: 1500, y: -2000, turn: 0 },
    });
  wall(2400, 0);
  const base = { width: 600, depth: 560, low: 0, high: 870 };
  const at = (x: number, y: number, snap = 30) => hug(builder.design, base, { x, y }, snap);

  it('is with its back to the side it is near, kept to that side, drawn to its ends', () => {
    expect(at(2500, -2400)).toEqual({
      placement: { on: 'floor', x: 2200, y: -2100, turn: 0 },
      caught: { by: 'fixed', id: 'wall' },
      away: 300,
    });
    expect(at(1820, -2400).placement).toMatchObject({ x: 1500, y: -2100 });
    expect(at(3185, -2400).placement).toMatchObject({ x: 2900, y: -2100 });
    // On the other side it looks the other way.
    const behind = at(2500, -1700);
    expect(behind.placement).toMatchObject({ x: 2800, y: -2000 });
    expect(Math.abs((behind.placement as { turn: number }).turn)).toBeCloseTo(Math.PI, 6);
  });

  it('reaches 350 past half its depth, and no further than its ends', () => {
    expect(at(2500, -2100 - 630)).toMatchObject({ caught: { by: 'fixed' } });
    expect(at(2500, -2100 - 631).caught).toBeNull();
    expect(at(1499, -2400).caught).toBeNull();
    // Nothing stands against a soffit, or what is over it.
    wall(1000, 900);
    expect(at(2500, -2400).caught).toBeNull();
  });
});

describe('a place beside what stands free', () => {
  const free = (turn = 0) => {
    const builder = rectangle(8000, 6000);
    builder.place('F900', { on: 'floor', x: 3000, y: -3000, turn });
    return builder;
  };
  const setting = { width: 600, depth: 500, low: 0, high: 870 };
  const flat = ({ placement, middle }: ReturnType<typeof besidePlaces>[number]) => {
    if (placement.on !== 'floor') throw new Error('on a face');
    const { x, y, turn } = placement;
    const values = [x, y, Math.cos(turn), Math.sin(turn), middle.x, middle.y];
    return values.map((value) => Math.round(value * 1e3) / 1e3 + 0);
  };

  it('is right or left of it, or behind it at either end, as it is turned', () => {
    const places = (turn: number) => besidePlaces(boxOf(free(turn), 'item-1'), setting).map(flat);
    expect(places(0)).toEqual([
      [3900, -3000, 1, 0, 4200, -3250],
      [2400, -3000, 1, 0, 2700, -3250],
      [3900, -3000, -1, 0, 3600, -2750],
      [3600, -3000, -1, 0, 3300, -2750],
    ]);
    // Turned to the left by a right angle, its front looks to the right.
    expect(places(Math.PI / 2)).toEqual([
      [3000, -2100, 0, 1, 3250, -1800],
      [3000, -3600, 0, 1, 3250, -3300],
      [3000, -2100, 0, -1, 2750, -2400],
      [3000, -2400, 0, -1, 2750, -2700],
    ]);
  });

  it('is the nearest whose middle is within reach, beside what is as high and stands against no face', () => {
    const builder = free();
    builder.place('F300', { on: 'floor', x: 4800, y: -3000, turn: 0 });
    builder.set('F600', 'face-a', 3000);
    const at = (x: number, y: number, reach: number, change = {}) =>
      besideFree(builder.design, { ...setting, ...change }, { x, y }, reach);
    expect(at(4240, -3250, 40)?.caught).toEqual({ by: 'beside', id: 'item-1' });
    expect(at(4240, -3250, 39)).toBeNull();
    // Left of the other its middle is 4500: nearer from 4350 on.
    expect([4349, 4351].map((x) => at(x, -3250, 400)?.caught?.id)).toEqual(['item-1', 'item-2']);
    expect(at(4240, -3250, 300, { except: new Set(['item-1']) })?.caught?.id).toBe('item-2');
    expect(at(4240, -3250, 300, { except: new Set(['item-1', 'item-2']) })).toBeNull();
    expect([870, 869].map((low) => at(4240, -3250, 300, { low, high: 1500 }) !== null)).toEqual([
      false,
      true,
    ]);
    builder.run(editItems, { ids: ['item-1', 'item-2'], change: { up: 600 } });
    expect([600, 601].map((high) => at(4240, -3250, 300, { high }) !== null)).toEqual([false, true]);
    expect(at(3900, -280, 300)).toBeNull();
  });
});

describe('a place against a partition', () => {
  const wall = (x: number, y: number, change = {}) => ({
    ...({
      kind: 'fixed',
      id: `wall-${x}`,
      type: 'partition',
      width: 1200,
      depth: 100,
      height: 2400,
      up: 0,
    } as const),
    placement: { on: 'floor' as const, x, y, turn: 0 },
    ...change,
  });
  const base = { width: 600, depth: 560, low: 0, high: 870 };
  const built = (...walls: ReturnType<typeof wall>[]) => {
    const builder = rectangle(5000, 4000);
    for (const record of walls) builder.run(putFixed, record);
    return (x: number, y: number, change = {}, snap = 30) =>
      besideFixed(builder.design, { ...base, ...change }, { x, y }, snap);
  };

  it('is on a side as long as it or longer, and before it, between its ends', () => {
    const at = built(wall(1500, -2000));
    expect([1200, 1201].map((width) => at(2000, -2400, { width }) !== null)).toEqual([true, false]);
    // On the side itself nothing is before it; the other side is further off than it reaches.
    expect(at(2000, -2100)?.away).toBeUndefined();
    expect(at(2000, -2100.1)?.away).toBeCloseTo(0.1, 6);
    expect([1500, 2700].map((x) => at(x, -2400) !== null)).toEqual([true, true]);
    expect([1499.9, 2700.1].map((x) => at(x, -2400) !== null)).toEqual([false, false]);
    const x = (middle: number) => (at(middle, -2400)!.placement as { x: number }).x;
    expect([1829.9, 1830, 2370, 2370.1].map(x)).toEqual([1500, 1530, 2070, 2100]);
  });

  it('is at the side that is nearest, of what stands as high', () => {
    const at = built(wall(1500, -2000), wall(1600, -2700));
    // Between the two: 2100 to 2700 is before both.
    expect(at(2200, -2399)).toMatchObject({ caught: { id: 'wall-1500' }, away: 299 });
    expect(at(2200, -2401)).toMatchObject({ caught: { id: 'wall-1600' }, away: 299 });
    const heights = built(wall(1500, -2000, { up: 870, height: 500 }));
    expect([870, 871].map((high) => heights(2000, -2400, { high }) !== null)).toEqual([false, true]);
    expect([1369, 1370].map((low) => heights(2000, -2400, { low, high: 2000 }) !== null)).toEqual([
      true,
      false,
    ]);
    const beam = built(wall(1500, -2000, { type: 'radiator' as const }));
    expect(beam(2000, -2400)).toBeNull();
  });

  it('is within the room, up to the wall that the partition meets', () => {
    const at = built(wall(0, -2000), wall(3800.6, -1000));
    expect(at(300, -2400)?.placement).toEqual({ on: 'floor', x: 0, y: -2100, turn: 0 });
    // The end of this one is 0.6 past the wall: what is set at it would be too.
    expect(at(4700, -1400)).toBeNull();
    expect(at(4600, -1400)).not.toBeNull();
    // It stands 500 from the wall at the front: nothing 560 deep goes there.
    const near = built(wall(1500, -3400));
    expect([500, 501].map((depth) => near(2000, -3600, { depth }) !== null)).toEqual([true, false]);
  });
});
