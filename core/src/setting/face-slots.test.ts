import { describe, expect, it } from 'vitest';
import { floor, onA, put, rounded, settingFor } from '../../testing/placing';
import { rectangle } from '../../testing/rooms';
import { bendFace } from '../commands/bend-face';
import { editFaces } from '../commands/edit-faces';
import { editItems } from '../commands/edit-items';
import { putFixed } from '../commands/put-fixed';
import type { RoomBuilder } from '../demo/build-room';
import { spanOf } from '../survey/placed-face';
import { roomShape } from '../survey/room-shape';
import { alcoveOf, longestFree } from './alcove';
import { blockOf, placeBlock } from './block';
import { fitsIn, fitted, hangUnder, landIn, slotsFor, turnAt } from './face-slots';
import { itemBoxes, type ItemBox } from './item-box';
import type { Setting } from './landing';

const faceOf = ({ design }: RoomBuilder, id = 'face-a') => roomShape(design).byId.get(id)!;
const boxesOf = ({ design }: RoomBuilder, ...ids: string[]) =>
  ids.map((id) => itemBoxes(design).find((box) => box.id === id)!) as [ItemBox, ...ItemBox[]];
const size = (width: number, change: Partial<Setting> = {}): Setting => ({
  ...{ width, depth: 560, low: 0, high: 870 },
  ...change,
});

describe('the free stretches something goes into', () => {
  const run = () => {
    const builder = rectangle(4000, 3000);
    put(builder, 'left', 'F600', onA(1000));
    put(builder, 'right', 'F600', onA(2200));
    return builder;
  };
  const slots = (width: number) => {
    const builder = run();
    return slotsFor(builder.design, faceOf(builder), size(width)).map(({ from, to }) =>
      [from, to].map(rounded),
    );
  };

  it('are as long as it or longer', () => {
    expect([slots(600), slots(600.1), slots(1200), slots(1200.1)]).toEqual([
      [
        [0, 1000],
        [1600, 2200],
        [2800, 4000],
      ],
      [
        [0, 1000],
        [2800, 4000],
      ],
      [[2800, 4000]],
      [],
    ]);
  });

  it('take it at a place where it lies within them', () => {
    const builder = run();
    const [first] = slotsFor(builder.design, faceOf(builder), size(600));
    expect([-0.001, 0, 400, 400.001].map((at) => fitsIn(first!, size(600), at))).toEqual([
      false,
      true,
      true,
      false,
    ]);
  });

  it('take it where it is wanted, at the nearer end within the snap, and say what it stands against', () => {
    const builder = run();
    const [first, middle, last] = slotsFor(builder.design, faceOf(builder), size(600));
    const land = (slot = first!, wanted: number, snap = 50, width = 600) => {
      const { along, caught } = landIn(slot, size(width), wanted, snap);
      return [rounded(along), caught.by, caught.id];
    };
    expect(land(first, 49.9)).toEqual([0, 'wall', 'face-d']);
    expect(land(first, 50)).toEqual([50, 'face', 'face-a']);
    expect(land(first, 350)).toEqual([350, 'face', 'face-a']);
    expect(land(first, 350.1)).toEqual([400, 'item', 'left']);
    expect(land(last, 2800)).toEqual([2800, 'item', 'right']);
    // Between two ends within the snap the nearer counts, the left one of two as near.
    expect([139, 140, 141].map((at) => land(middle, 1600 + at, 300, 320)[0])).toEqual([1600, 1600, 1880]);
    expect(landIn(first!, size(600), 100, 0).last).toBe(400);
  });

  it('are narrower for it on a bent face, by what its corners take', () => {
    for (const side of ['in', 'out'] as const) {
      const builder = rectangle(4000, 3000);
      builder.run(bendFace, { face: 'face-a', bend: { side, depth: 400 } });
      const face = faceOf(builder);
      const [slot] = slotsFor(builder.design, face, size(600));
      const spare = (spanOf(face, 600, 560) - 600) / 2;
      const { first, last } = landIn(slot!, size(600), 0, 0);
      expect([first - slot!.from, slot!.to - last - 600].map(rounded)).toEqual([spare, spare].map(rounded));
      expect(Math.sign(spare)).toBe(side === 'out' ? 1 : -1);
    }
  });
});

describe('a landing on a face', () => {
  it('gives a corner cabinet the hand of the end it is nearer to, and lowers what is under something', () => {
    const builder = rectangle(4000, 3000);
    const face = faceOf(builder);
    const corner = size(900, { corner: true });
    const hand = (from: 'left' | 'right', distance: number, setting = corner) =>
      fitted(setting, setting, face, {
        ...{ placement: { on: 'face', face: 'face-a', from, distance, off: 0 }, caught: null },
      });
    expect([hand('left', 1550), hand('left', 1551)]).toEqual([{ hand: 'left' }, { hand: 'right' }]);
    expect([hand('right', 1550), hand('right', 1549)]).toEqual([{ hand: 'left' }, { hand: 'right' }]);
    expect(hand('left', 0, size(900))).toEqual({});
    expect(fitted(corner, corner, face, { placement: floor(0, 0), caught: null })).toEqual({});
    const hung = size(600, { low: 1400, high: 2120 });
    const caught = { by: 'wall', id: 'face-d' } as const;
    expect(fitted(hung, { ...hung, low: 1300 }, face, { placement: onA(0), caught })).toEqual({
      up: 1300,
      caught: { by: 'overhead', id: 'face-d' },
    });
  });

  it('hangs under what is overhead, down to 300 above the floor', () => {
    const under = (soffit: number, change: Partial<Setting> = {}, placed = 1000) => {
      const builder = rectangle(4000, 3000);
      const record = { kind: 'fixed', id: 'soffit', type: 'soffit', width: 600, depth: 400 } as const;
      builder.run(putFixed, { ...record, height: 2400 - soffit, up: soffit, placement: onA(placed) });
      const setting = size(600, { depth: 350, low: 1400, high: 2120, ...change });
      const { low, high } = hangUnder(builder.design, faceOf(builder), setting, 1000, 1600);
      return [low, high];
    };
    expect([under(2120), under(2119), under(2200)]).toEqual([
      [1400, 2120],
      [1399, 2119],
      [1400, 2120],
    ]);
    expect([under(2000, {}, 1599.6), under(2000, {}, 1599), under(2000, {}, 400.4)]).toEqual([
      ...[
        [1400, 2120],
        [1280, 2000],
        [1400, 2120],
      ],
    ]);
    // What begins below it is beside it, not over it.
    expect([under(1400), under(1401)]).toEqual([
      [1400, 2120],
      [681, 1401],
    ]);
    expect([under(1450, { high: 2549 }), under(1449, { high: 2549 }), under(1448, { high: 2549 })]).toEqual([
      [301, 1450],
      [300, 1449],
      [1400, 2549],
    ]);
    expect(under(700, { low: 299, high: 1019 })).toEqual([299, 1019]);
  });

  it('hangs under the lowest of several, and under a ceiling that comes down', () => {
    const builder = rectangle(4000, 3000);
    for (const [id, up] of [
      ['a', 2100],
      ['b', 1900],
      ['c', 2000],
    ] as const)
      builder.run(putFixed, {
        ...({ kind: 'fixed', id, type: 'soffit', width: 200, depth: 400 } as const),
        ...{ height: 2400 - up, up, placement: onA(1000) },
      });
    const setting = size(600, { depth: 350, low: 1400, high: 2120 });
    expect(hangUnder(builder.design, faceOf(builder), setting, 1000, 1600)).toMatchObject({
      low: 1180,
      high: 1900,
    });
    builder.run(editFaces, { faces: ['face-a', 'face-b'], change: { ceilingHeight: 1800 } });
    const low = hangUnder(builder.design, faceOf(builder), setting, 3000, 3600);
    expect([rounded(low.low), rounded(low.high)]).toEqual([1080, 1800]);
  });

  it('is square to the nearest face where it is free', () => {
    const builder = rectangle(4000, 3000);
    const { design } = builder;
    const at = (x: number, y: number) => rounded(turnAt(roomShape(design), { x, y }));
    expect([at(2000, -400), at(3700, -1500), at(300, -1500)]).toEqual(
      [0, -Math.PI / 2, Math.PI / 2].map(rounded),
    );
    expect(Math.abs(at(2000, -2700))).toBe(rounded(Math.PI));
  });
});

describe('what is free about an item', () => {
  it('is between its neighbours, and what that is more than it needs', () => {
    const builder = rectangle(4000, 3000);
    put(builder, 'left', 'F600', onA(0));
    put(builder, 'right', 'F600', onA(1500));
    put(builder, 'over', 'U600/720', onA(700));
    const spare = (at: number, code = 'F900') => {
      const own = rectangle(4000, 3000);
      Object.assign(own, { design: builder.design });
      put(own, 'own', code, onA(at));
      return alcoveOf(own.design, boxesOf(own, 'own')[0]);
    };
    expect(spare(600)).toEqual({ free: 900, spare: 0 });
    expect(spare(650, 'F800')).toEqual({ free: 900, spare: 100 });
    expect(spare(550, 'F1000')).toEqual({ free: 900, spare: -100 });
    expect(spare(2100)).toEqual({ free: 1900, spare: 1000 });
    put(builder, 'free', 'F600', floor(2000, -2000));
    expect(alcoveOf(builder.design, boxesOf(builder, 'free')[0])).toBeNull();
    // Its middle lies where something stands: nothing is free about it.
    expect([1300, 1400].map((at) => spare(at, 'F300') !== null)).toEqual([true, false]);
  });

  it('is nothing more where it touches', () => {
    for (const [gap, spare] of [
      [600.5, 0],
      [600.6, 0.6],
      [599.5, 0],
      [599.4, -0.6],
    ] as const) {
      const builder = rectangle(4000, 3000);
      put(builder, 'own', 'F600', onA(0));
      put(builder, 'right', 'F600', onA(gap));
      expect([gap, rounded(alcoveOf(builder.design, boxesOf(builder, 'own')[0])!.spare)]).toEqual([
        gap,
        spare,
      ]);
    }
  });

  it('is at most the longest stretch of any face in its height', () => {
    const builder = rectangle(4000, 3000);
    put(builder, 'a', 'F600', onA(1000));
    const { design } = builder;
    expect(longestFree(design, settingFor('F600'))).toBe(4000);
    const small = rectangle(700, 650);
    put(small, 'a', 'F300', onA(0));
    expect(
      [settingFor('F300'), settingFor('U300/720')].map((one) => rounded(longestFree(small.design, one))),
    ).toEqual([400, 700]);
    expect(rounded(longestFree(small.design, settingFor('F300', { low: 870, high: 900 })))).toBe(700);
  });
});

describe('a block of items', () => {
  const set = () => {
    const builder = rectangle(5000, 4000);
    put(builder, 'a', 'F600', onA(1000, 40));
    put(builder, 'b', 'U900/720', onA(1600, 100));
    put(builder, 'c', 'F300', onA(700));
    put(builder, 'd', 'F300', floor(2600, -400, Math.PI / 2));
    return builder;
  };

  it('is their extent in the frame of the first, and where each stands in it', () => {
    const block = blockOf(boxesOf(set(), 'a', 'b', 'c'));
    expect(block).toMatchObject({ width: 1800, depth: 600, low: 0, high: 2120, turn: 0, origin: { x: 700 } });
    expect(block.parts.map(({ along, out, turn }) => [along, out, turn].map(rounded))).toEqual([
      [300, 40, 0],
      [900, 100, 0],
      [0, 0, 0],
    ]);
    expect(block.origin.y).toBeCloseTo(0, 9);
    const hung = blockOf(boxesOf(set(), 'b'));
    expect([hung.low, hung.high]).toEqual([1400, 2120]);
    const turned = blockOf(boxesOf(set(), 'd', 'a'));
    expect(turned.turn).toBeCloseTo(Math.PI / 2, 9);
    expect(turned.parts[1]!.turn).toBeCloseTo(-Math.PI / 2, 9);
    // Turned to the left its width goes up the plan, from 400 below to 100; the other lies 40 to 600 below.
    expect([turned.width, turned.depth].map(rounded)).toEqual([560, 2600 + 560 - 1000]);
  });

  it('stands on a face or free as a whole, each part as far from the others as before', () => {
    const builder = set();
    const shape = roomShape(builder.design);
    const block = blockOf(boxesOf(builder, 'a', 'b', 'c'));
    const along = placeBlock(block, onA(2000, 10), shape);
    const where = along.map((one) => {
      if (one.on !== 'face') return null;
      const { width } = block.parts[along.indexOf(one)]!.record;
      return [one.from === 'left' ? one.distance : 5000 - one.distance - width, one.off].map(rounded);
    });
    expect(where).toEqual([
      [2300, 50],
      [2900, 110],
      [2000, 10],
    ]);
    const free = placeBlock(block, floor(1000, -1000, Math.PI / 2), shape);
    expect(free.map((one) => one.on === 'floor' && [one.x, one.y, one.turn].map(rounded))).toEqual([
      [1040, -700, rounded(Math.PI / 2)],
      [1100, -100, rounded(Math.PI / 2)],
      [1000, -1000, rounded(Math.PI / 2)],
    ]);
    // One alone keeps the very placement it is given, unless it is turned against it.
    const [one] = [blockOf(boxesOf(builder, 'a'))];
    const placement = { ...onA(5), from: 'right' } as const;
    expect(placeBlock(one, placement, shape)).toEqual([placement]);
    builder.run(editItems, { ids: ['a'], change: { finish: 'oak' } });
    const part = { ...one.parts[0]!, turn: 0.1 };
    expect(placeBlock({ ...one, parts: [part] }, placement, shape)[0]).toMatchObject({ on: 'floor' });
  });

  it('stands free along an arc, part by part', () => {
    const builder = set();
    builder.run(bendFace, { face: 'face-c', bend: { side: 'out', depth: 300 } });
    const shape = roomShape(builder.design);
    const block = blockOf(boxesOf(builder, 'a', 'c'));
    const onC = { on: 'face', face: 'face-c', from: 'left', off: 0 } as const;
    const places = placeBlock(block, { ...onC, distance: 2000 }, shape);
    expect(places.map(({ on }) => on)).toEqual(['floor', 'floor']);
  });
});
