import { describe, expect, it } from 'vitest';
import { build, floor, onA, put, rounded } from '../../testing/placing';
import { rectangle } from '../../testing/rooms';
import { editItems } from '../commands/edit-items';
import { setRoom } from '../commands/set-room';
import type { RoomBuilder } from '../demo/build-room';
import { roomShape } from '../survey/room-shape';
import { hug, hugFace } from './hug';
import type { Landing, Setting } from './landing';

const base = (width: number, change: Partial<Setting> = {}): Setting => ({
  ...{ width, depth: 560, low: 0, high: 870 },
  ...change,
});
const hung = (width: number, change: Partial<Setting> = {}): Setting => ({
  ...{ width, depth: 350, low: 1400, high: 2120 },
  ...change,
});
/** Where a landing on face A has its left end, mm, and what caught it. */
function read(
  { placement, caught }: Landing,
  setting: Setting,
  length = 4000,
): [number, string | undefined, string | undefined] {
  if (placement.on !== 'face') return [NaN, caught?.by, caught?.id];
  const left = placement.from === 'left' ? placement.distance : length - placement.distance - setting.width;
  return [rounded(left), caught?.by, caught?.id];
}
/** Moved along face A so that its left end is wanted there. */
function along({ design }: RoomBuilder, setting: Setting, left: number, snap = 40) {
  const face = roomShape(design).byId.get('face-a')!;
  return read(hugFace(design, setting, face, left + setting.width / 2, snap), setting, face.length);
}
/** Held in the room so that its left end is wanted there, its back so far off the face. */
function held({ design }: RoomBuilder, setting: Setting, left: number, off = 0, snap = 40) {
  const middle = { x: left + setting.width / 2, y: -off - setting.depth / 2 };
  return read(hug(design, setting, middle, snap), setting);
}
const column = (builder: RoomBuilder, id: string, width: number, at: number) =>
  build(builder, 'column', onA(at), { id, width, depth: 400 });

describe('moving along a face', () => {
  it('lands in the nearest free stretch that is no further than its own width', () => {
    const builder = rectangle(4000, 3000);
    put(builder, 'one', 'F1200', onA(1000));
    put(builder, 'two', 'F900', onA(2200));
    expect(along(builder, base(600), 420)).toEqual([400, 'item', 'one']);
    expect(along(builder, base(600), 1000)).toEqual([400, 'item', 'one']);
    expect(along(builder, base(600), 2500)).toEqual([3100, 'item', 'two']);
    // Further in than that it lies over what is set there, and is shown to.
    expect(along(builder, base(600), 1001)).toEqual([1001, 'face', 'face-a']);
    expect(along(builder, base(600), 2499)).toEqual([2499, 'face', 'face-a']);
  });

  it('lies over what is set where all is taken, clear of what is built', () => {
    const builder = rectangle(2400, 3000);
    for (const at of [0, 600, 1200, 1800]) put(builder, `at-${at}`, 'F600', onA(at));
    expect(along(builder, base(600), 700)).toEqual([700, 'face', 'face-a']);
    expect([-90, 2300].map((at) => along(builder, base(600), at)[0])).toEqual([0, 1800]);
    column(builder, 'column', 300, 1200);
    expect([590, 610, 1049, 1051, 1600].map((at) => along(builder, base(600), at)[0])).toEqual([
      ...[590, 600, 600, 1500, 1600],
    ]);
  });

  it('is kept on the face where nothing of it is free of what is built', () => {
    const builder = rectangle(2400, 3000);
    column(builder, 'column', 2400, 0);
    expect([-200, 700, 2300].map((at) => along(builder, base(600), at))).toEqual([
      [0, 'face', 'face-a'],
      [700, 'face', 'face-a'],
      [1800, 'face', 'face-a'],
    ]);
  });

  it('comes to lie on whole steps from the nearer end, unless that is taken', () => {
    const builder = rectangle(4000, 3000);
    builder.run(setRoom, { step: 5 });
    put(builder, 'one', 'F600', onA(0.3));
    put(builder, 'two', 'F600', onA(3399.6));
    const at = (left: number) => along(builder, base(600), left, 1)[0];
    expect([602, 603, 1697, 1698]).toEqual([602, 603, 1697, 1698]);
    expect([602.4, 603, 1697.4].map(at)).toEqual([602.4, 605, 1695]);
    // From the right end on: 4000 - 600 - 1005.
    expect([at(2396), at(2797.7), at(2797)]).toEqual([2395, 2797.7, 2795]);
    // Hardly left of the middle, 1700.15: a whole step up would lie beyond it, and be 1700.09 from the right.
    const odd = rectangle(4000.3, 3000);
    odd.run(setRoom, { step: 25.4 / 16 });
    expect(along(odd, base(600), 1699.42, 1)[0]).toBeCloseTo(1070 * (25.4 / 16), 6);
    expect(along(odd, base(600), 1701, 1)[0]).toBeCloseTo(4000.3 - 600 - 1070 * (25.4 / 16), 6);
  });
});

describe('what draws an item along a face', () => {
  const withWindow = () => {
    const builder = rectangle(4000, 3000);
    builder.open('face-a', 'window', 1500, { width: 1000, casing: 0 });
    builder.open('face-c', 'window', 500, { width: 1000, casing: 0 });
    builder.open('face-a', 'door', 3000, { width: 800, casing: 0 });
    return builder;
  };

  it('is the middle of a window of that face, within half the snap, or more where an end draws it too', () => {
    const builder = withWindow();
    expect(along(builder, base(800), 1619)).toEqual([1600, 'centre', 'opening-1']);
    expect(along(builder, base(800), 1581)).toEqual([1600, 'centre', 'opening-1']);
    expect(along(builder, base(800), 1620)).toEqual([1620, 'face', 'face-a']);
    expect(along(builder, base(800), 1580)).toEqual([1580, 'face', 'face-a']);
    // On face C a window is as far from the right end; a door draws nothing.
    expect(along(builder, base(400), 810)).toEqual([810, 'face', 'face-a']);
    put(builder, 'one', 'F600', onA(980));
    expect(along(builder, base(800), 1581)).toEqual([1600, 'centre', 'opening-1']);
    expect(along(builder, base(800), 1580)).toEqual([1580, 'item', 'one']);
    expect(along(builder, base(800), 1619, 80)).toEqual([1600, 'centre', 'opening-1']);
  });

  it('is no place that is taken', () => {
    const builder = withWindow();
    put(builder, 'one', 'F600', onA(1010));
    expect(along(builder, base(800), 1605, 14)).toEqual([1610, 'item', 'one']);
    const right = withWindow();
    put(right, 'two', 'F300', onA(2390));
    expect(along(right, base(800), 1595, 14)).toEqual([1590, 'item', 'two']);
  });

  it('is, for what hangs, an edge of what stands below on that face', () => {
    const builder = rectangle(4000, 3000);
    put(builder, 'one', 'F600', onA(1000));
    put(builder, 'across', 'F600', { on: 'face', face: 'face-c', from: 'right', distance: 2000, off: 0 });
    const at = (left: number) => along(builder, hung(400), left);
    expect([at(1019), at(981), at(1020)]).toEqual([
      [1000, 'below', 'one'],
      [1000, 'below', 'one'],
      [1020, 'face', 'face-a'],
    ]);
    expect([at(1610), at(590), at(1210)]).toEqual([
      [1600, 'below', 'one'],
      [600, 'below', 'one'],
      [1200, 'below', 'one'],
    ]);
    expect([at(2010), at(1410)]).toEqual([
      [2010, 'face', 'face-a'],
      [1410, 'face', 'face-a'],
    ]);
    expect(along(builder, base(400, { low: 299, high: 320 }), 1610, 40)[1]).toBe('item');
    expect(along(builder, hung(400, { low: 1300, high: 1301 }), 1610)[1]).toBe('below');
    builder.run(editItems, { ids: ['one'], change: { up: 300 } });
    expect(at(1010)).toEqual([1010, 'face', 'face-a']);
    builder.run(editItems, { ids: ['one'], change: { up: 299 } });
    expect(at(1010)).toEqual([1000, 'below', 'one']);
  });

  it('is, for a hood, the middle of what is cooked on, within half its width or three snaps', () => {
    const builder = rectangle(4000, 3000);
    put(builder, 'cooker', 'COOK900', onA(1000), 'generic-mm');
    const hood = hung(600, { overCooking: true });
    const at = (left: number, snap: number) => along(builder, hood, left, snap);
    expect([at(701, 14), at(700, 14)]).toEqual([
      [1150, 'centre', 'cooker'],
      [700, 'face', 'face-a'],
    ]);
    expect([at(1599, 14), at(1600, 14)]).toEqual([
      [1150, 'centre', 'cooker'],
      [1600, 'face', 'face-a'],
    ]);
    expect([at(1150 - 479, 160), at(1150 - 481, 160)[1]]).toEqual([[1150, 'centre', 'cooker'], 'face']);
    // Other things are drawn to its edges, and a hood to those of what is not cooked on.
    expect(along(builder, hung(600), 1010)).toEqual([1000, 'below', 'cooker']);
    put(builder, 'one', 'F600', onA(3000));
    expect(at(3010, 40)).toEqual([3000, 'below', 'one']);
    // A middle counts a snap more than an edge.
    expect(along(builder, { ...hood, width: 860 }, 1012, 40)).toEqual([1020, 'centre', 'cooker']);
  });
});

describe('landing in the room', () => {
  it('is against the nearest face it goes on, within 350 past half its depth', () => {
    const builder = rectangle(4000, 3000);
    expect([held(builder, base(600), 1000, 350)[0], held(builder, base(600), 1000, 351)[0]]).toEqual([
      1000,
      NaN,
    ]);
    // Nearer to face B, which is too short for it.
    const narrow = rectangle(4000, 500);
    const at = (width: number) =>
      hug(narrow.design, base(width, { depth: 300 }), { x: 3900, y: -240 }, 14).placement;
    expect([at(600), at(500)]).toMatchObject([{ face: 'face-a' }, { face: 'face-b' }]);
    const far = hug(builder.design, base(600), { x: 300, y: -290 }, 14);
    expect(far.placement).toMatchObject({ face: 'face-a' });
    expect(hug(builder.design, base(600), { x: 290, y: -310 }, 14).placement).toMatchObject({
      face: 'face-d',
    });
  });

  it('is against a face from outside too, up to half its width past its ends', () => {
    const builder = rectangle(4000, 3000);
    const at = (x: number, y: number) => hug(builder.design, base(600), { x, y }, 14).placement;
    expect(at(-299, 2000)).toMatchObject({ face: 'face-a', distance: 0 });
    expect(at(4299, 2000)).toMatchObject({ face: 'face-a', from: 'right', distance: 0 });
    expect([at(-301, 2000), at(4301, 2000)]).toMatchObject([{ on: 'floor' }, { on: 'floor' }]);
    expect(at(2000, 5000)).toMatchObject({ face: 'face-a' });
  });

  it('is on the next face where the nearest is taken, and beside what stands free within three snaps', () => {
    const builder = rectangle(4000, 3000);
    column(builder, 'column', 4000, 0);
    const { placement } = hug(builder.design, base(600), { x: 320, y: -300 }, 14);
    expect(placement).toMatchObject({ on: 'face', face: 'face-d' });
    const island = rectangle(8000, 6000);
    put(island, 'island', 'F900', floor(3000, -3000));
    const at = (x: number) => hug(island.design, base(600), { x, y: -3280 }, 30).caught;
    expect([at(4200 + 90), at(4200 + 91)]).toEqual([{ by: 'beside', id: 'island' }, null]);
  });

  it('is at a partition rather than at a wall that is farther off', () => {
    const builder = rectangle(5000, 4000);
    build(builder, 'partition', floor(1500, -1000), { id: 'wall', width: 2000, depth: 100 });
    const at = (y: number) => hug(builder.design, base(600), { x: 2500, y }, 14).caught?.id;
    expect([at(-450), at(-1400)]).toEqual(['face-a', 'wall']);
    // Between the two it is at the nearer: they are 1000 apart.
    expect([at(-499), at(-501)]).toEqual(['face-a', 'wall']);
  });
});
