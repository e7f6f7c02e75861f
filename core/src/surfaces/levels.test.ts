import { describe, expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { editItems } from '../commands/edit-items';
import { putFixed } from '../commands/put-fixed';
import { setRoom } from '../commands/set-room';
import type { RoomBuilder } from '../demo/build-room';
import { boundsOf } from '../geometry/polygon';
import { tops } from './tops';

const bounds = ({ design }: RoomBuilder) => tops(design).map(({ outline }) => boundsOf(outline.flat()));
const floor = (x: number, y: number, turn = 0) => ({ on: 'floor', x, y, turn }) as const;

describe('tops of several heights', () => {
  it('are each their own, the lowest first, with what stands under them only', () => {
    const builder = rectangle();
    const high = builder.set('F600', 'face-a', 500);
    builder.run(editItems, { ids: [high], change: { up: 100 } });
    builder.set('F600', 'face-c', 500);
    builder.set('F600', 'face-c', 2000);
    expect(tops(builder.design).map(({ items, underside, surface }) => [items, underside, surface])).toEqual([
      [['item-2'], 870, 900],
      [['item-3'], 870, 900],
      [['item-1'], 970, 1000],
    ]);
  });

  it('lie on the highest of a run', () => {
    const builder = rectangle();
    builder.set('F600', 'face-a', 500);
    const high = builder.set('F600', 'face-a', 1100);
    builder.run(editItems, { ids: [high], change: { up: 12 } });
    expect(tops(builder.design)).toMatchObject([
      { items: ['item-1', 'item-2'], underside: 882, surface: 912 },
    ]);
    builder.run(setRoom, { topThickness: 40 });
    expect(tops(builder.design)).toMatchObject([{ underside: 882, surface: 922 }]);
  });
});

describe('a top round a space that is left open', () => {
  it('has a hole, and all that stands round it under it', () => {
    const builder = rectangle(5000, 4000);
    builder.run(setRoom, { specials: true });
    const wide = [
      builder.place('F900', floor(1860, -1560, Math.PI)),
      builder.place('F900', floor(2720, -1560, Math.PI)),
      builder.place('F900', floor(1000, -2160)),
      builder.place('F900', floor(1860, -2160)),
    ];
    builder.run(editItems, { ids: wide, change: { width: 860 } });
    // Their fronts look out; between the two rows one at either side, 600 wide.
    builder.place('F600', floor(1560, -1560, -Math.PI / 2));
    builder.place('F600', floor(2160, -2160, Math.PI / 2));
    const found = tops(builder.design);
    expect(found).toHaveLength(1);
    expect(found[0]!.items.toSorted()).toEqual(['item-1', 'item-2', 'item-3', 'item-4', 'item-5', 'item-6']);
    expect(found[0]!.outline).toHaveLength(2);
    // Two rows 1760 by 600 with their overhangs; 600 by 600 at either side, 20 of it into what is open; the rows stand against these.
    expect(found[0]!.area).toBeCloseTo(2 * 1760 * 600 + 2 * 600 * 600 + 2 * 600 * 20, 2);
    // Another top elsewhere has neither the hole nor what stands round it.
    builder.set('F600', 'face-a', 3000);
    const other = tops(builder.design).find(({ items }) => items.includes('item-7'))!;
    expect([other.items, other.outline.length]).toEqual([['item-7'], 1]);
  });
});

describe('what stands half in a wall', () => {
  it('carries what is left of its top in the room, and nothing else does', () => {
    const builder = rectangle();
    builder.place('F600', floor(-400, -1000));
    builder.place('F600', floor(-500, -2200));
    builder.place('F600', floor(2000, -1500));
    // 200 and 100 of them are in the room, with the end overhang past them; their middles are not.
    expect(tops(builder.design).map(({ items, area }) => [items, Math.round(area)])).toEqual(
      expect.arrayContaining([
        [['item-1'], 220 * 620],
        [['item-2'], 120 * 620],
        [['item-3'], 640 * 620],
      ]),
    );
  });
});

describe('the back of a top', () => {
  const standing = (gap: number) => {
    const builder = rectangle();
    builder.place('F600', floor(1000, -gap));
    return bounds(builder)[0]!;
  };

  it('goes to a wall up to 60 behind, else past the box by the overhang', () => {
    expect([standing(60).top, standing(60.1).top, standing(10).top]).toEqual([0, -40.1, 0]);
    const off = rectangle();
    off.place('F600', { on: 'face', face: 'face-a', from: 'left', distance: 1000, off: 60 });
    off.place('F600', { on: 'face', face: 'face-c', from: 'left', distance: 1000, off: 61 });
    expect(bounds(off).map(({ top, bottom }) => [top, bottom])).toEqual([
      [0, -660],
      [-2339, -2959],
    ]);
  });

  it('ends at what stands back to back, and at a fixed thing', () => {
    const builder = rectangle(5000, 4000);
    builder.place('F600', floor(1000, -2000));
    builder.place('F600', floor(1600, -2000, Math.PI));
    const [only] = bounds(builder);
    expect(only).toEqual({ left: 980, right: 1620, top: -1400, bottom: -2600 });
    const boxed = rectangle();
    boxed.run(putFixed, {
      ...({
        kind: 'fixed',
        id: 'pipes',
        type: 'pipe-box',
        width: 1000,
        depth: 100,
        height: 1200,
        up: 0,
      } as const),
      placement: { on: 'face', face: 'face-a', from: 'left', distance: 500, off: 0 },
    });
    boxed.place('F600', floor(700, -130));
    expect(bounds(boxed)[0]!.top).toBe(-130);
  });

  it('goes round each of two that meet in a corner only', () => {
    for (const [across, out] of [
      [0, 0],
      [0.001, 0],
      [-0.001, 0.001],
      [0, -0.002],
    ] as const) {
      const builder = rectangle(5000, 4000);
      builder.run(setRoom, { frontOverhang: 0, endOverhang: 0 });
      builder.place('F600', floor(1000, -2000));
      builder.place('F600', floor(1600 + across, -2560 + out));
      const all = tops(builder.design);
      expect(all.map(({ items, rings }) => [...items, rings.length])).toEqual([
        ['item-1', 1],
        ['item-2', 1],
      ]);
      for (const { area } of all) expect(area).toBeCloseTo(600 * 560, -1);
    }
  });

  it('is in one line, as deep as the deepest box and as far back as the one that stands farthest back', () => {
    const builder = rectangle();
    builder.place('F600', { on: 'face', face: 'face-a', from: 'left', distance: 500, off: 40 });
    builder.set('F600', 'face-a', 1100);
    builder.run(setRoom, { specials: true });
    builder.run(editItems, { ids: ['item-2'], change: { depth: 460 } });
    expect(bounds(builder)).toEqual([{ left: 480, right: 1720, top: 0, bottom: -640 }]);
  });
});

describe('the ends of a top', () => {
  it('reach what is as high beside them, go past it where that is farther, and over what is lower', () => {
    const beside = (code: string, gap: number, up = 0) => {
      const builder = rectangle();
      builder.set('F600', 'face-a', 1000);
      const id = builder.set(code, 'face-a', 1600 + gap);
      if (up > 0) builder.run(editItems, { ids: [id], change: { up } });
      return bounds(builder)[0]!.right;
    };
    expect(beside('COLD600', 10)).toBe(1610);
    expect(beside('COLD600', 20)).toBe(1620);
    expect(beside('COLD600', 25)).toBe(1620);
    // A stool under it is in nobody's way, nor is what is a hair higher than its underside.
    expect(beside('STOOL380/650', 5)).toBe(1620);
    expect(beside('STOOL380/650', 5, 870.4 - 650)).toBe(1620);
    expect(beside('STOOL380/650', 5, 870.6 - 650)).toBe(1605);
  });
});

describe('a corner cabinet of the other hand', () => {
  it('carries the same top, mirrored', () => {
    for (const code of ['F900-L', 'F900-K']) {
      const area = (hand: 'left' | 'right') => {
        const builder = rectangle(4000, 3000);
        const id =
          hand === 'left'
            ? builder.set(code, 'face-a', 0)
            : builder.place(code, { on: 'face', face: 'face-a', from: 'right', distance: 0, off: 0 });
        builder.run(editItems, { ids: [id], change: { hand } });
        const [top, ...others] = tops(builder.design);
        expect(others).toEqual([]);
        const { left, right, bottom } = boundsOf(top!.outline.flat());
        expect(hand === 'left' ? left : right).toBe(hand === 'left' ? 0 : 4000);
        // Past the leg, too, by the end overhang.
        if (code === 'F900-L') expect(bottom).toBe(-920);
        return top!.area;
      };
      expect(area('right')).toBeCloseTo(area('left'), 3);
    }
  });
});
