import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fathomCuts, saltboxCuts } from '../../../testing/cut-lists';
import { printedCabinets, roomWith } from '../../../testing/made-rooms';
import { partsFaults, volume, type PrintedCabinet, type PrintedPart } from '../../../testing/parts-faults';
import { setFacts } from '../../commands/set-facts';
import { setRoom } from '../../commands/set-room';
import type { RoomBuilder } from '../../demo/build-room';
import { doorStyles, handleStyles } from '../../document/limits';
import { recordOf } from '../../document/design';
import { fathom } from '../../ranges/data/fathom';
import { saltbox } from '../../ranges/data/saltbox';
import { signedArea } from '../../geometry/polygon';
import { volumeOf } from '../../scene/mesh';
import { sceneOf } from '../../scene/scene';
import { findBox } from '../../setting/item-box';
import { itemsOf } from '../../ranges/shelf';
import { frontPartsOf } from '../../../testing/fronts';
import { hardwareCode } from './hardware';
import { madeItems } from './design-parts';

const printed = ({ design }: RoomBuilder): PrintedCabinet[] => printedCabinets(design);

const round = (value: number) => Math.round(value * 1e3) / 1e3;
function listOf(range: string, code: string): string {
  const [made] = madeItems(roomWith(range, code).builder.design);
  const parts = made!.parts.map(
    ({ qty, id, length, width, material, edged }) =>
      `${qty} ${id} ${round(length)}x${round(width)}x${material.thick}${edged.length ? ` ${edged.join(' ')}` : ''}`,
  );
  return [...parts, made!.hardware.map((line) => `${line.qty} ${hardwareCode(line)}`).join(', ')].join('; ');
}

describe('cut lists', () => {
  for (const [range, lists] of [
    ['fathom', fathomCuts],
    ['saltbox', saltboxCuts],
  ] as const)
    it(`of every kind of ${range} are those gone through by hand`, () => {
      const kinds = new Set(itemsOf(range === 'fathom' ? fathom : saltbox).map(({ type }) => type));
      expect(Object.keys(lists).length).toBe(kinds.size);
      for (const [code, list] of Object.entries(lists))
        expect([code, listOf(range, code)]).toEqual([code, list]);
    });
});

/** Any item of both ranges in any of its sizes, and others between; either hand, any style of front. */
const anyItem = fc.record({
  item: fc.constantFrom(
    ...[fathom, saltbox].flatMap((range) => itemsOf(range).map((one) => ({ range, one }))),
  ),
  depth: fc.nat(20),
  hand: fc.constantFrom('left', 'right'),
  door: fc.constantFrom(undefined, ...doorStyles),
  handle: fc.constantFrom(...handleStyles),
  wider: fc.constantFrom(0, 0, 0, 13.7, 71.25),
  higher: fc.constantFrom(0, 0, 0, -41.5, 33.3),
});

function built({
  item,
  depth,
  hand,
  door,
  handle,
  wider,
  higher,
}: ReturnType<typeof anyItem.generate>['value']) {
  const { range, one } = item;
  const { builder, id } = roomWith(range.id, one.code);
  builder.run(setRoom, { ...(door && { doorStyle: door }), handleStyle: handle });
  const record = recordOf(builder.design, 'item', id)!;
  const sized = {
    ...record,
    ...{ hand, depth: one.depths[depth % one.depths.length]! },
    width: record.width + wider,
    height: Math.max(30, record.height + (record.height > 200 ? higher : 0)),
  };
  return { range, id, design: { ...builder.design, records: { ...builder.design.records, [id]: sized } } };
}

describe('the parts of any cabinet', () => {
  it('put together again are the cabinet: each as large as told, within it, none in another but where it is machined', () => {
    fc.assert(
      fc.property(anyItem, (any) => {
        const { range, design } = built(any);
        const [cabinet] = printedCabinets(design);
        expect(cabinet!.parts.length).toBeGreaterThan(0);
        expect(partsFaults(cabinet!, range.id === 'fathom' ? 20 : 19.05)).toEqual([]);
      }),
      { numRuns: 150 },
    );
  });

  it('are sound whatever odd sizes it was given: from nothing to as large as items are', () => {
    const size = fc.constantFrom(1, 5, 18, 40, 60, 100, 150, 200, 250, 400, 600, 900, 1_500, 4_000);
    const odd = fc.record({
      any: anyItem,
      width: fc.option(size),
      depth: fc.option(size),
      height: fc.option(size),
      leg: fc.option(size),
      up: fc.constantFrom(0, 300),
      shelves: fc.option(fc.nat(12)),
    });
    fc.assert(
      fc.property(odd, ({ any, width, depth, height, leg, up, shelves }) => {
        const { range, id, design } = built(any);
        const own = recordOf(design, 'item', id)!;
        const record = {
          ...{
            ...own,
            up,
            width: width ?? own.width,
            depth: depth ?? own.depth,
            height: height ?? own.height,
          },
          ...(own.leg !== undefined && { leg: leg ?? own.leg }),
          ...(shelves !== null && { facts: { shelves } }),
        };
        const made = { ...design, records: { ...design.records, [id]: record } };
        const cabinets = printedCabinets(made);
        expect(partsFaults(cabinets[0]!, range.id === 'fathom' ? 20 : 19.05)).toEqual([]);
      }),
      // More of them, others each time: PARTS_RUNS=3000.
      process.env['PARTS_RUNS'] ? { numRuns: Number(process.env['PARTS_RUNS']) } : { numRuns: 200, seed: 20 },
    );
  });

  it('have their fronts where the room shows them, and every hinge its plate on a side at its height', () => {
    fc.assert(
      fc.property(anyItem, (any) => {
        const { range, id, design } = built(any);
        const [cabinet] = printedCabinets(design);
        const fronts = frontPartsOf(design, id);
        const slabs = cabinet!.parts.filter(({ id: part }) =>
          /^(door|drawer-front|flap|fixed-front)/.test(part),
        );
        // Plain and milled fronts are one board as large as what is seen.
        for (const slab of slabs)
          for (const [, , z0, , , z1] of slab.boxes as [number, number, number, number, number, number][])
            expect(
              fronts.some(
                ({ low, high, left, right }) =>
                  Math.abs(low - z0) < 1e-3 &&
                  Math.abs(high - z1) < 1e-3 &&
                  Math.abs(right - left - (slab.width === round6(high - low) ? slab.length : slab.width)) <
                    1e-3,
              ) || slab.id.startsWith('flap'),
            ).toBe(true);
        if (range.id !== 'fathom' || any.item.one.family.leg) return;
        const cups = heights(cabinet!, 'cup').filter(({ part }) => /^(door|stile)/.test(part.id));
        const plates = heights(cabinet!, 'hole').filter(
          ({ part, at, size }) =>
            /^side-/.test(part.id) && size === 5 && Math.abs(at[1]! - (part.boxes[0]![4]! - 37)) < 1e-3,
        );
        for (const cup of cups)
          for (const by of [-16, 16])
            expect(plates.some(({ at }) => Math.abs(at[2]! - cup.at[2]! - by) < 1e-3)).toBe(true);
      }),
      { numRuns: 100 },
    );
  });
});

describe('the boards of a cabinet', () => {
  it('are the bodies that three dimensions shows: as much of each, within the same bounds', () => {
    const shown = fc.constantFrom(...itemsOf(fathom).filter(({ family }) => !/^(plinth)$/.test(family.type)));
    fc.assert(
      fc.property(shown, fc.constantFrom('left', 'right'), (one, hand) => {
        const { builder, id } = roomWith('fathom', one.code);
        builder.run(setRoom, { doorStyle: 'slab' });
        const sized = { ...recordOf(builder.design, 'item', id)!, hand } as const;
        const design = { ...builder.design, records: { ...builder.design.records, [id]: sized } };
        const [cabinet] = printedCabinets(design);
        const told = cabinet!.parts.reduce((sum, { boxes, outline }) => {
          const plan = outline && Math.abs(signedArea(outline.map(([x, y]) => ({ x, y }))));
          return (
            sum +
            boxes.reduce(
              (all, [x0, y0, z0, x1, y1, z1]) => all + (plan ?? (x1! - x0!) * (y1! - y0!)) * (z1! - z0!),
              0,
            )
          );
        }, 0);
        const group = sceneOf(design).find(({ key }) => key === id)!;
        const meshes = group.parts.filter(
          ({ substance }) => !/handle|black-glass|steel|metal|light/.test(substance),
        );
        const seen = meshes.reduce((sum, { mesh }) => sum + volumeOf(mesh), 0);
        expect([one.code, Math.abs(seen - told) < 1e-6 * told]).toEqual([one.code, true]);
        const { low } = findBox(design, id)!;
        const heights = meshes.flatMap(({ mesh }) =>
          mesh.positions.filter((_, at) => at % 3 === 2).map((z) => z - low),
        );
        const boxes = cabinet!.parts.flatMap((part) => part.boxes);
        expect(Math.min(...heights)).toBeCloseTo(Math.min(...boxes.map((box) => box[2]!)), 3);
        expect(Math.max(...heights)).toBeCloseTo(Math.max(...boxes.map((box) => box[5]!)), 3);
      }),
      { numRuns: 60 },
    );
  });
});

const round6 = (value: number) => Math.round(value * 1e6) / 1e6;

/** The middles of what is bored, in the cabinet's frame. */
function heights(
  { parts }: PrintedCabinet,
  type: string,
): { part: PrintedPart; at: number[]; size: number }[] {
  return parts.flatMap((part) =>
    part.boxes.flatMap((box) =>
      part.machining
        .filter((one) => one.type === type)
        .map((one) => {
          const cut = volume(box, one);
          return {
            part,
            at: [0, 1, 2].map((axis) => (cut[axis]! + cut[axis + 3]!) / 2),
            size: one.size as number,
          };
        }),
    ),
  );
}

describe('a box of 600 with a door', () => {
  const [cabinet] = printed(roomWith('fathom', 'F600').builder);
  const part = (id: string) => cabinet!.parts.find((one) => one.id === id)!;

  it('has its back in a groove 20 from the wall, 8 wide and deep, in both sides and the bottom', () => {
    const grooves = cabinet!.parts.flatMap(({ id, machining }) =>
      machining.filter(({ type }) => type === 'groove').map((one) => ({ id, ...one })),
    );
    expect(grooves).toEqual([
      { id: 'side-left', type: 'groove', face: 'right', at: [532, 0], size: [8, 720], depth: 8 },
      { id: 'side-right', type: 'groove', face: 'left', at: [20, 0], size: [8, 720], depth: 8 },
      { id: 'bottom', type: 'groove', face: 'top', at: [0, 532], size: [564, 8], depth: 8 },
    ]);
  });

  it('hangs its door on two cups of 35, 22.5 from its edge and 100 from its ends, 13 deep from behind', () => {
    expect(part('door').machining.filter(({ type }) => type === 'cup')).toEqual([
      // Hung at the left: from behind the right edge of the board is the door's left.
      { type: 'cup', face: 'back', at: [574.5, 100], size: 35, depth: 13 },
      { type: 'cup', face: 'back', at: [574.5, 617], size: 35, depth: 13 },
    ]);
  });

  it('has rows of holes of 5 every 32, 37 from the front edge of its sides, and its shelves on them', () => {
    const rows = heights(cabinet!, 'hole').filter(
      ({ part: own, at, size }) => own.id === 'side-left' && size === 5 && Math.abs(at[1]! - 523) < 1e-6,
    );
    const levels = rows.map(({ at }) => at[2]!).sort((a, b) => a - b);
    for (const level of levels)
      expect(((level - levels[0]!) / 32) % 1 === 0 || Math.abs(level - (151.5 + 617)) === 16).toBe(true);
    for (const [, , z] of part('shelf').boxes)
      expect(levels.some((level) => Math.abs(level + 2.5 - z!) < 1e-6)).toBe(true);
    // 7 edges of the bored sides are seen by nobody but at the front: edged there only.
    expect(part('side-left').edging).toEqual({ l1: null, l2: 'Edging 1 mm', w1: null, w2: null });
    expect([part('side-left').cutWidth, part('side-left').width]).toEqual([559, 560]);
  });
});

describe('a base of 24 in with a face frame', () => {
  const [cabinet] = printed(roomWith('saltbox', 'B24').builder);
  const part = (id: string) => cabinet!.parts.find((one) => one.id === id)!;

  it('has its toes cut out of the sides, 3 in behind the frame and 4 1/2 in high, and a kick before that', () => {
    expect(part('side-left').machining.find(({ type }) => type === 'notch')).toEqual({
      ...{ type: 'notch', face: 'right', depth: 12.7 },
      ...{ at: [0, 0], size: [76.2, 114.3] },
    });
    // Its face is 3 in behind the frame's.
    expect(part('kick').boxes).toEqual([[0, 514.35, 0, 609.6, 533.4, 114.3]]);
  });

  it('has its bottom let into the sides by half of them, level with the rail before it', () => {
    expect(part('bottom').boxes).toEqual([[6.35, 6.35, 139.7, 603.25, 590.55, 152.4]]);
    const housing = part('side-left').machining.find(({ type }) => type === 'housing');
    expect(housing).toMatchObject({ face: 'right', size: [584.2, 12.7], depth: 6.35 });
    const rails = part('frame-rail').boxes.map(([, , z0, , , z1]) => [z0, z1]);
    expect(rails).toContainEqual([114.3, 152.4]);
  });
});

describe('hardware', () => {
  const hinges = (height: number): number => {
    const { builder, id } = roomWith('fathom', 'T400/1950-B');
    const record = recordOf(builder.design, 'item', id)!;
    // A door is its box without its plinth and its gaps.
    const sized = { ...record, height: height + 153 };
    const design = { ...builder.design, records: { ...builder.design.records, [id]: sized } };
    return madeItems(design)[0]!.hardware.find((line) => line.id === 'hinge')!.qty;
  };
  it('has two hinges on doors up to 900, three to 1600, four to 2000, five above', () => {
    expect([899, 900, 901, 1599, 1600, 1601, 1999, 2000, 2001].map(hinges)).toEqual([
      2, 2, 3, 3, 3, 4, 4, 4, 5,
    ]);
  });

  it('has the longest runners that go in: 500 in a depth of 531 with what is behind them, 450 in one less', () => {
    const runner = (depth: number) => {
      const { builder, id } = roomWith('fathom', 'F600-3');
      const record = recordOf(builder.design, 'item', id)!;
      const design = {
        ...builder.design,
        records: { ...builder.design.records, [id]: { ...record, depth } },
      };
      return madeItems(design)[0]!.hardware.find((line) => line.id === 'runner-under')?.long ?? null;
    };
    // The back's face is 28 before the wall, and 3 stay free behind runners.
    expect([531, 530.9, 281, 280.9].map(runner)).toEqual([500, 450, 250, null]);
    const { builder, id } = roomWith('fathom', 'F600-3');
    const record = recordOf(builder.design, 'item', id)!;
    const shallow = {
      ...builder.design,
      records: { ...builder.design.records, [id]: { ...record, depth: 280 } },
    };
    expect(madeItems(shallow)[0]!.empty.length).toBe(3);
  });

  it('knows how many shelves a cabinet has where that was said', () => {
    const { builder, id } = roomWith('fathom', 'F600');
    builder.run(setFacts, { ids: [id], facts: { shelves: 5 } });
    const shelves = madeItems(builder.design)[0]!.parts.find((one) => one.id === 'shelf')!;
    expect(shelves.qty).toBe(5);
  });
});
