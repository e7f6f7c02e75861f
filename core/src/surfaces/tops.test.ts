import { describe, expect, it } from 'vitest';
import { onA, withItem } from '../../testing/checks';
import { rectangle, shaped } from '../../testing/rooms';
import { editItems } from '../commands/edit-items';
import { mirrorItems } from '../commands/mirror-items';
import { setBacks } from '../commands/set-backs';
import { recordOf, roomOf, type Design } from '../document/design';
import type { Point } from '../geometry/point';
import { shelfOf } from '../ranges/shelf';
import { boundsOf } from '../geometry/polygon';
import { openLengths } from '../setting/open-lengths';
import { solidsOf } from '../solids/solids';
import { refusalText } from '../wording/refusal-text';
import { tops } from './tops';

describe('tops', () => {
  it('stand past the front and the free ends, and run to a wall', () => {
    const builder = rectangle();
    builder.set('F600', 'face-a', 0);
    builder.set('F900', 'face-a', 600);
    const [top] = tops(builder.design);
    expect(boundsOf(top!.outline.flat())).toEqual({ left: 0, right: 1520, top: 0, bottom: -600 });
    expect(top).toMatchObject({ underside: 870, surface: 900, items: ['item-1', 'item-2'] });
    expect(top!.area).toBeCloseTo(1520 * 600, 3);
  });

  it('run to a wall that is nearer than the end overhang, and stand out by it where it is farther', () => {
    const ends = (left: number) => {
      const builder = rectangle();
      builder.set('F600', 'face-a', left);
      const { left: from } = boundsOf(tops(builder.design)[0]!.outline.flat());
      return from;
    };
    expect([ends(0), ends(19), ends(20), ends(21), ends(200)]).toEqual([0, 0, 0, 1, 180]);
  });

  it.each([
    [870.5, 0],
    [870.6, 60 * 60],
  ])('are cut round a plain shape that stands for a chase, where it is %s high', (height, cut) => {
    const builder = rectangle(4000, 3000);
    builder.place('F600', { on: 'face', face: 'face-a', from: 'left', distance: 500, off: 60 });
    const [whole] = tops(builder.design);
    const id = builder.set('BOX', 'face-a', 700);
    builder.run(editItems, { ids: [id], change: { width: 60, depth: 60, height } });
    const [top] = tops(builder.design);
    expect(whole!.area - top!.area).toBeCloseTo(cut, 3);
    expect(
      top!.rings.flatMap(({ edges }) => edges).filter(({ role, at }) => role === 'fixed' && at === id),
    ).toHaveLength(cut > 0 ? 3 : 0);
  });

  it('are carried by what stands in a wall but for one leg', () => {
    const builder = rectangle();
    const { code } = shelfOf('fathom').find(({ type }) => type === 'base-corner-diagonal')!;
    // Its back stands so far past the wall that only the end of its other leg is in the room.
    const id = builder.place(code, { on: 'floor', x: 2000, y: 700, turn: 0 });
    const { depth, leg } = recordOf(builder.design, 'item', id)!;
    const [top] = tops(builder.design);
    expect(top!.items).toEqual([id]);
    const { top: back, bottom } = boundsOf(top!.outline.flat());
    expect(back).toBeCloseTo(0, 9);
    expect(bottom).toBeLessThanOrEqual(700 - depth);
    expect(leg! + roomOf(builder.design).frontOverhang).toBeLessThan(700);
    expect(
      solidsOf(builder.design)
        .map(({ of }) => of)
        .filter((of) => of !== 'plinth' && of !== 'trim'),
    ).toEqual(['item', 'top']);
  });

  it('stand out before a front across a corner by the front overhang, and meet the fronts of both legs', () => {
    const builder = rectangle();
    const code = shelfOf('fathom').find(({ type }) => type === 'base-corner-diagonal')!.code;
    const id = builder.place(code, { on: 'face', face: 'face-a', from: 'left', distance: 0, off: 0 });
    const { width, depth, leg } = recordOf(builder.design, 'item', id)!;
    const { frontOverhang } = roomOf(builder.design);
    const [ring] = tops(builder.design)[0]!.outline;
    // The front runs from (width, leg) to (leg, depth); the edge of the top before it, parallel, so much farther out.
    const [a, b] = [width - leg!, depth - leg!];
    const off = ({ x, y }: Point) => ((x - leg!) / a + (-y - leg!) / b - 1) / Math.hypot(1 / a, 1 / b);
    const before = ring!.filter((corner) => Math.abs(off(corner) - frontOverhang) < 2e-3);
    expect(before).toHaveLength(2);
    const reach = leg! + frontOverhang;
    expect(before.map(({ x, y }) => Math.min(Math.abs(x - reach), Math.abs(-y - reach)))).toEqual([
      expect.closeTo(0, 2),
      expect.closeTo(0, 2),
    ]);
  });

  it('stop at a range and at a refrigerator, with no overhang there', () => {
    const builder = rectangle();
    builder.set('F600', 'face-a', 400);
    builder.set('COOK600', 'face-a', 1000);
    builder.set('F600', 'face-a', 1600);
    builder.set('COLD600', 'face-a', 2200);
    expect(tops(builder.design).map(({ outline }) => boundsOf(outline.flat()))).toEqual([
      { left: 380, right: 1000, top: 0, bottom: -600 },
      { left: 1600, right: 2200, top: 0, bottom: -600 },
    ]);
  });

  it('join round a corner into one', () => {
    const builder = rectangle();
    builder.set('F900', 'face-a', 2540);
    builder.set('F600', 'face-b', 0);
    builder.set('F600', 'face-b', 600);
    const [top, ...rest] = tops(builder.design);
    expect(rest).toEqual([]);
    // Face A: 20 + 900 to the corner box, 600 deep; face B: 600 deep and 1200 + 20 long; the corner counted once.
    expect(top!.area).toBeCloseTo(600 * (4000 - 2520) + 600 * (1220 - 600), 2);
  });

  it('are cut by a wall that is out of square', () => {
    const builder = rectangle(4000, 3000, 4040, 3000);
    builder.set('F600', 'face-c', 0);
    const [top] = tops(builder.design);
    expect(top!.outline[0]!.length).toBeGreaterThanOrEqual(4);
    expect(top!.area).not.toBeCloseTo(620 * 600, 0);
  });

  it('overhang all round on an island', () => {
    const builder = rectangle();
    builder.place('F600', { on: 'floor', x: 1500, y: -1200, turn: 0 });
    expect(boundsOf(tops(builder.design)[0]!.outline.flat())).toEqual({
      left: 1480,
      right: 2120,
      top: -1180,
      bottom: -1800,
    });
  });
});

describe('a top over seats', () => {
  /** Three in a row standing free at (1000, -1000): 600, 900 and 300 wide, 560 deep. */
  const island = () => {
    const builder = rectangle();
    const ids = [
      builder.place('F600', { on: 'floor', x: 1000, y: -1000, turn: 0 }),
      builder.place('F900', { on: 'floor', x: 1600, y: -1000, turn: 0 }),
      builder.place('F300', { on: 'floor', x: 2500, y: -1000, turn: 0 }),
    ] as const;
    return { builder, ids };
  };

  it('stands further out behind some of its items, and is still one', () => {
    const { builder, ids } = island();
    builder.run(editItems, { ids: [ids[0], ids[1]], change: { overhangs: { behind: 380 } } });
    const [top, ...others] = tops(builder.design);
    expect(others).toEqual([]);
    expect(boundsOf(top!.outline.flat())).toEqual({ left: 980, right: 2820, top: -620, bottom: -1600 });
    // 20 behind everything; 360 more behind the first two, past the left end by 20 as well.
    expect(top!.area).toBeCloseTo(1840 * 620 + (20 + 1500) * 360, 3);
  });

  it('steps with every overhang, whatever order they come in', () => {
    const { builder, ids } = island();
    [100, 300, 200].forEach((behind, i) =>
      builder.run(editItems, { ids: [ids[i]!], change: { overhangs: { behind } } }),
    );
    const [top] = tops(builder.design);
    expect(top!.outline).toHaveLength(1);
    expect(top!.area).toBeCloseTo(1840 * 600 + 620 * 100 + 900 * 300 + 320 * 200, 3);
  });

  it('stands out over an end, runs over a stool and past the panels of the back, and ends at what is as high', () => {
    const { builder, ids } = island();
    builder.run(editItems, { ids: [ids[2]], change: { overhangs: { right: 300 } } });
    builder.place('STOOL380/650', { on: 'floor', x: 2810, y: -1300, turn: -Math.PI / 2 });
    builder.run(setBacks, { ids, panels: ['p1', 'p2'] });
    const thickness = recordOf(builder.design, 'item', 'p1')!.depth;
    expect(boundsOf(tops(builder.design)[0]!.outline.flat())).toEqual({
      left: 980,
      right: 3100,
      top: -1000 + thickness + 20,
      bottom: -1600,
    });
    builder.place('COLD600', { on: 'floor', x: 2900, y: -1000, turn: 0 });
    expect(boundsOf(tops(builder.design)[0]!.outline.flat()).right).toBe(2900);
  });

  it('runs to the wall behind some, and out past the rest where the wall has ended', () => {
    // Walls at y = -2000 from x = 4000 to 2500, then down; a run facing up goes on to 1900.
    const builder = shaped('l', [4000, 2000, 1500, 2000, 2500, 4000]);
    builder.place('F600', { on: 'floor', x: 3100, y: -2000, turn: Math.PI });
    const free = builder.place('F600', { on: 'floor', x: 2500, y: -2000, turn: Math.PI });
    builder.run(editItems, { ids: [free], change: { overhangs: { behind: 300 } } });
    const [top] = tops(builder.design);
    expect(top!.area).toBeCloseTo((3120 - 1880) * 600 + (2500 - 1880) * 300, 2);
  });

  it('goes back to the room’s overhang, is held within limits, and is mirrored with its item', () => {
    const { builder, ids } = island();
    const own = () => recordOf(builder.design, 'item', ids[0])!.overhangs;
    builder.run(editItems, { ids, change: { overhangs: { left: 250, behind: 300 } } });
    builder.run(mirrorItems, { ids: [ids[0]] });
    expect(own()).toEqual({ right: 250, behind: 300 });
    builder.run(editItems, { ids, change: { overhangs: { behind: null, right: null } } });
    expect(own()).toBeUndefined();
    const far = editItems.run(builder.design, { ids, change: { overhangs: { left: 601 } } });
    expect(!far.ok && refusalText(far.refusal)).toContain('The overhang');
  });
});

describe('a corner cabinet', () => {
  const overhang = 40;

  it('with two legs carries the top around the corner, as deep as its legs', () => {
    const builder = rectangle(4000, 3000);
    builder.set('F900-L', 'face-a', 0);
    builder.set('F600', 'face-a', 900);
    builder.set('F600', 'face-d', 3000 - 900 - 600);
    const [top, ...others] = tops(builder.design);
    expect(others).toEqual([]);
    const reach = 560 + overhang;
    // Both legs past their last items by the end overhang, the corner counted once.
    expect(top!.area).toBeCloseTo(1520 * reach * 2 - reach * reach, 3);
  });

  it('cut across carries it to the front across the corner, past it by the overhang', () => {
    const builder = rectangle(4000, 3000);
    builder.set('F900-K', 'face-a', 0);
    builder.set('F600', 'face-a', 900);
    builder.set('F600', 'face-d', 3000 - 900 - 600);
    const reach = 560 + overhang;
    // What the front across cuts off the inner corner: a right triangle between the legs' front lines and the line moved out by the overhang.
    const side = 340 + overhang * Math.SQRT2 - 2 * overhang;
    const [top] = tops(builder.design);
    expect(top!.area).toBeCloseTo(1520 * reach * 2 - reach * reach + side ** 2 / 2, 0);
  });

  it('ends past either leg as a run does: by the end overhang, or at what stands there', () => {
    const kitchen = (code: string, beside: string | null, gap: number) => {
      const builder = rectangle(4000, 3000);
      builder.set(code, 'face-a', 0);
      if (beside) {
        const wide = beside === 'COLD600' ? 600 : 300;
        builder.set(beside, 'face-a', 900 + gap);
        builder.set(beside, 'face-d', 3000 - 900 - gap - wide);
      }
      return tops(builder.design).find(({ items }) => items.includes('item-1'))!;
    };
    const extent = (top: ReturnType<typeof kitchen>) => {
      const { right, bottom } = boundsOf(top.outline.flat());
      return [right, -bottom].map((far) => Math.round(far * 1e3) / 1e3);
    };
    for (const code of ['F900-L', 'F900-K']) {
      expect(extent(kitchen(code, null, 0))).toEqual([920, 920]);
      for (const gap of [0, 15, 20, 25]) {
        const to = 900 + Math.min(20, gap);
        expect([code, gap, ...extent(kitchen(code, 'COLD600', gap))]).toEqual([code, gap, to, to]);
      }
      // A run that goes on is one top with it.
      expect(extent(kitchen(code, 'F300', 0))).toEqual([1220, 1220]);
    }
    const stops = kitchen('F900-L', 'COLD600', 0).rings[0]!.edges.filter(({ role }) => role === 'stop');
    expect(stops.map(({ at }) => at).sort()).toEqual(['item-2', 'item-3']);
    const free = kitchen('F900-L', null, 0).rings[0]!.edges.map(({ role, items }) => [role, ...items]);
    expect(free).toContainEqual(['left', 'item-1']);
    // Cut square at both refrigerators, what the front across leaves of the square is a triangle.
    const line = 2 * 560 + 340 + overhang * Math.SQRT2;
    expect(kitchen('F900-K', 'COLD600', 0).area).toBeCloseTo(900 ** 2 - (2 * 900 - line) ** 2 / 2, 2);
  });
});

describe('an appliance that goes under a top', () => {
  const undersides = (...heights: readonly number[]) =>
    tops(
      heights.reduce<{ design: Design }>(
        (room, height, index) =>
          withItem(room, `item-${index}`, index === 0 ? 'dishwasher' : 'base-doors', {
            ...{ width: 600, depth: 560, height, placement: onA(1000 + 600 * index) },
          }),
        rectangle(4000, 3000),
      ).design,
    ).map(({ underside }) => underside);
  it('stands on its feet under the room’s counter where no cabinet is beside it, up to 80', () => {
    for (const [height, underside] of [
      [789, 789],
      [790, 870],
      [820, 870],
      [870, 870],
      [871, 871],
    ] as const)
      expect([height, ...undersides(height)]).toEqual([height, underside]);
    // Beside one it stands under what that carries.
    expect(undersides(820, 850)).toEqual([850]);
    expect(undersides(820, 720, 720)).toEqual([820]);
  });
  it('goes on with the top of a corner cabinet it stands beside the leg of', () => {
    const builder = rectangle(4000, 3000);
    builder.set('F900-L', 'face-a', 0);
    builder.set('DISH600', 'face-d', 3000 - 900 - 600);
    const [top, ...others] = tops(builder.design);
    expect([others, top!.underside]).toEqual([[], 870]);
    expect(top!.area).toBeCloseTo(920 * 600 + 920 * 600 - 600 * 600 + 600 * 600, 0);
  });
});

describe('a corner cabinet off its corner', () => {
  const backOf = (hand: 'left' | 'right', off: number, overhangs?: { behind: number }) => {
    const builder = rectangle(4000, 3000);
    const at = hand === 'left' ? off : 4000 - 900 - off;
    const id = builder.set('F900-L', 'face-a', at);
    builder.run(editItems, { ids: [id], change: { hand, ...(overhangs && { overhangs }) } });
    const [top, ...others] = tops(builder.design);
    expect([others, top!.rings.length]).toEqual([[], 1]);
    const { edges } = top!.rings[0]!;
    const { left, right, bottom } = boundsOf(top!.outline.flat());
    expect(-bottom).toBeCloseTo(920, 6);
    const far = hand === 'left' ? left : 4000 - right;
    return [Math.round(far * 1e3) / 1e3, edges.filter(({ role }) => role === 'behind').length, edges.length];
  };

  it('has its top to the wall behind its other leg no farther off than tops reach, else past its back as past an end', () => {
    for (const hand of ['left', 'right'] as const) {
      for (const off of [0, 59, 60]) expect([off, ...backOf(hand, off)]).toEqual([off, 0, 0, 6]);
      for (const off of [60.1, 100, 300]) expect([off, ...backOf(hand, off)]).toEqual([off, off - 20, 1, 6]);
      // By what is typed for its back.
      expect(backOf(hand, 300, { behind: 45 })).toEqual([255, 1, 6]);
    }
  });
});

describe('a base run beside a tall unit', () => {
  it('has its open lengths and chain from what stands, whatever hangs above', () => {
    const builder = rectangle();
    builder.set('T600/2070', 'face-a', 0);
    builder.set('F600', 'face-a', 1000);
    builder.set('U900/720', 'face-a', 1300);
    expect(openLengths(builder.design).map(({ band, from, to }) => [band, from, to])).toEqual([
      ['base', 600, 1000],
      ['base', 1600, 4000],
      ['wall', 600, 1300],
      ['wall', 2200, 4000],
    ]);
  });
});
