import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { editFaces } from '../commands/edit-faces';
import { putFixed, usualFixed } from '../commands/put-fixed';
import { setItem } from '../commands/set-item';
import type { RoomBuilder } from '../demo/build-room';
import { findItem } from '../ranges/shelf';
import { checkReach } from '../reach/check-reach';
import { must } from '../result';
import { hug } from './hug';
import { settingOf } from './landing';
import { nextPlace } from './next-place';
import { itemBoxes } from './item-box';

const item = (code: string) => must(findItem('fathom', code));
const land = (builder: RoomBuilder, code: string, x: number, y: number, snap = 40) =>
  hug(builder.design, settingOf(item(code)), { x, y: -y }, snap);
const blocked = (builder: RoomBuilder) =>
  checkReach(builder.design).findings.filter(
    ({ verdict, rule }) => verdict === 'blocked' && rule.endsWith('collision'),
  );

function set(builder: RoomBuilder, code: string, landing: ReturnType<typeof land>): void {
  const { placement, up, hand } = landing;
  const id = `set-${itemBoxes(builder.design).length}`;
  builder.run(setItem, {
    id,
    range: 'fathom',
    code,
    placement,
    ...(up === undefined ? {} : { up }),
    ...(hand ? { hand } : {}),
  });
}

describe('hugging under what is overhead', () => {
  it('hangs a wall cabinet under a soffit, and at its standard height beside it', () => {
    const builder = rectangle();
    builder.run(putFixed, {
      ...usualFixed(builder.design, 'soffit', 'soffit', 'face-a'),
      width: 1500,
      height: 400,
      up: 2000,
    });
    const under = land(builder, 'U600/720', 700, 200);
    expect(under).toMatchObject({ up: 1280, caught: { by: 'overhead' }, placement: { face: 'face-a' } });
    set(builder, 'U600/720', under);
    expect(blocked(builder)).toEqual([]);
    const beside = land(builder, 'U600/720', 3000, 200);
    expect(beside.up).toBeUndefined();
  });

  it('hangs it under a ceiling that slopes down to the wall', () => {
    const builder = rectangle();
    builder.run(editFaces, { faces: ['face-a', 'face-b'], change: { ceilingHeight: 1900 } });
    const low = land(builder, 'U600/720', 2000, 200);
    expect(low.up).toBeCloseTo(1900 - 720, 3);
    set(builder, 'U600/720', low);
    expect(blocked(builder)).toEqual([]);
    expect(land(builder, 'U600/720', 2000, 2800).up).toBeUndefined();
    expect(nextPlace(builder.design, settingOf(item('U600/720')))?.up).toBeCloseTo(1180, 3);
  });
});

describe('hugging corners and islands', () => {
  it('puts the corner of a corner cabinet into the nearer corner', () => {
    const builder = rectangle();
    const left = land(builder, 'F900-L', 300, 300);
    expect(left).toMatchObject({ hand: 'left', placement: { from: 'left', distance: 0 } });
    set(builder, 'F900-L', left);
    const right = land(builder, 'F900-L', 3500, 300);
    expect(right).toMatchObject({ hand: 'right', placement: { from: 'right', distance: 0 } });
    set(builder, 'F900-L', right);
    // A run goes on from both its legs.
    set(builder, 'F600', land(builder, 'F600', 1100, 250, 400));
    set(builder, 'F600', land(builder, 'F600', 250, 1100, 400));
    expect(itemBoxes(builder.design).map(({ against }) => [against?.face.letter, against?.along])).toEqual([
      ['A', 0],
      ['A', 3100],
      ['A', 900],
      ['D', 3000 - 900 - 600],
    ]);
    expect(blocked(builder)).toEqual([]);
  });

  it('sets items on both sides of a partition', () => {
    const builder = rectangle();
    builder.run(putFixed, {
      ...usualFixed(builder.design, 'wall', 'partition', 'face-a'),
      placement: { on: 'face', face: 'face-a', from: 'left', distance: 2000, off: 0 },
    });
    for (const x of [1750, 2350]) set(builder, 'F500', land(builder, 'F500', x, 250));
    expect(itemBoxes(builder.design).map(({ against }) => against?.along)).toEqual([1500, 2100]);
    expect(blocked(builder)).toEqual([]);
  });

  it('turns the back to a partition on the side it comes near, and stands beside its neighbour there', () => {
    const builder = rectangle(5000, 4000);
    builder.run(putFixed, {
      ...usualFixed(builder.design, 'wall', 'partition', 'face-a'),
      depth: 1800,
      placement: { on: 'face', face: 'face-a', from: 'left', distance: 2000, off: 0 },
    });
    // Out of reach of face A, its back to the partition's right side: it looks to the right.
    const right = land(builder, 'F600', 2400, 1400, 60);
    expect(right).toMatchObject({
      caught: { by: 'fixed', id: 'wall' },
      placement: { on: 'floor', turn: Math.PI / 2 },
    });
    set(builder, 'F600', right);
    const [box] = itemBoxes(builder.design);
    expect(box!.n.x).toBeCloseTo(1, 9);
    expect(Math.min(...box!.footprint.map(({ x }) => x))).toBeCloseTo(2100, 6);
    const left = land(builder, 'F600', 1700, 1400, 60);
    set(builder, 'F600', left);
    expect(itemBoxes(builder.design)[1]!.n.x).toBeCloseTo(-1, 9);
    // The partition ends 1800 out: within the snap of it, what is set ends there.
    expect(land(builder, 'F600', 2400, 1490, 60).placement).toMatchObject({ y: -1800 });
    expect(blocked(builder)).toEqual([]);
  });

  it('goes on beside a chosen free-standing item, from the keyboard too, and keeps its direction where it is moved free', () => {
    const builder = rectangle(5000, 4000);
    const island = builder.place('F900', { on: 'floor', x: 2000, y: -1800, turn: 0 });
    const next = nextPlace(builder.design, settingOf(item('F600')), island);
    expect(next?.placement).toEqual({ on: 'floor', x: 2900, y: -1800, turn: 0 });
    builder.place('F600', next!.placement);
    const third = nextPlace(builder.design, settingOf(item('F600')), island);
    expect(third?.placement).toEqual({ on: 'floor', x: 1400, y: -1800, turn: 0 });
    const turned = { ...settingOf(item('STOOL380/650')), turn: 0.6 };
    expect(hug(builder.design, turned, { x: 3800, y: -2600 }, 20).placement).toMatchObject({
      on: 'floor',
      turn: 0.6,
    });
  });
});

describe('what stands about', () => {
  it('is set by keyboard in the free middle of the room, the next one clear of it', () => {
    const builder = rectangle();
    for (const [index, at] of [
      { x: 1810, y: -1310 },
      { x: 1810 - 400, y: -1310 },
    ].entries()) {
      const landing = nextPlace(builder.design, settingOf(item('STOOL380/650')))!;
      if (index === 0) expect(landing.placement).toEqual({ on: 'floor', ...at, turn: 0 });
      expect(landing.placement.on).toBe('floor');
      set(builder, 'STOOL380/650', landing);
    }
    expect(blocked(builder)).toEqual([]);
  });
});

describe('what hangs', () => {
  it('is set by keyboard over the chosen cabinet, or in the first free stretch where that is taken', () => {
    const builder = rectangle();
    const base = builder.set('F600', 'face-a', 1300);
    const wall = settingOf(item('U600/720'));
    expect(nextPlace(builder.design, wall, base)?.placement).toMatchObject({ from: 'left', distance: 1300 });
    set(builder, 'U600/720', nextPlace(builder.design, wall, base)!);
    expect(nextPlace(builder.design, wall, base)?.placement).toMatchObject({ from: 'left', distance: 0 });
  });
});
