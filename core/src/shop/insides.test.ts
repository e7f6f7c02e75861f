import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { partsNamed, printedCabinets, roomWith } from '../../testing/made-rooms';
import { partsFaults, type PrintedCabinet } from '../../testing/parts-faults';
import { execute } from '../commands/command';
import { setConstruction } from '../commands/set-construction';
import { setRows } from '../commands/set-rows';
import { swapItems } from '../commands/swap-items';
import type { RoomBuilder } from '../demo/build-room';
import { recordOf } from '../document/design';
import { rowShows } from '../document/limits';
import type { ItemRow } from '../document/records';
import { kindOf } from '../ranges/kinds';
import { canHaveRows } from '../ranges/own-rows';
import { fathom } from '../ranges/data/fathom';
import { saltbox } from '../ranges/data/saltbox';
import { itemsOf } from '../ranges/shelf';
import { findBox } from '../setting/item-box';
import { solidOfItem } from '../solids/solids';
import { refusalText } from '../wording/refusal-text';
import { rowsNow } from './insides';

const withRows = (code: string, rows: readonly ItemRow[], range = 'fathom') => {
  const { builder, id } = roomWith(range, code, { doorStyle: 'slab' });
  builder.run(setRows, { id, rows });
  return { builder, id };
};
const printed = ({ design }: RoomBuilder): PrintedCabinet => printedCabinets(design)[0]!;
const boxesOf = (cabinet: PrintedCabinet, name: string) =>
  partsNamed(cabinet, name).flatMap(({ boxes }) => boxes);
const fronts = ({ design }: RoomBuilder, id: string) =>
  solidOfItem(design, findBox(design, id)!).sides.flatMap(({ parts }) => parts);

/** A part of a row that is mostly not said. */
const seldom = <T extends object>(some: fc.Arbitrary<T>): fc.Arbitrary<Partial<T>> =>
  fc.oneof({ weight: 3, arbitrary: fc.constant({}) }, { weight: 1, arbitrary: some });
const whole = (min: number, max: number) => fc.integer({ min, max });
const anyRow: fc.Arbitrary<ItemRow> = fc
  .tuple(
    fc.record({ shows: fc.constantFrom(...rowShows.filter((one) => one !== 'niche')) }),
    seldom(fc.record({ high: whole(60, 300) })),
    fc.oneof(
      fc.constant({}),
      fc.record({ across: whole(1, 3) }),
      fc.record({ across: fc.constant(2), widths: fc.tuple(whole(100, 300)) }),
    ),
    fc.oneof(
      fc.constant({}),
      fc.record({ shelves: fc.nat(2) }),
      fc.record({ clear: fc.array(whole(60, 200), { minLength: 1, maxLength: 2 }) }),
    ),
    seldom(fc.record({ glass: fc.boolean(), single: fc.boolean() })),
  )
  .map((parts) => Object.assign({}, ...parts) as ItemRow);
const changeable = [fathom, saltbox].flatMap((range) =>
  itemsOf(range)
    .filter(
      ({ type }) => canHaveRows(kindOf(type)) && !kindOf(type).rows!.some(({ shows }) => shows === 'niche'),
    )
    .map(({ code }) => [range.id, code] as const),
);

describe('fronts of one’s own', () => {
  it('make sound cabinets, or are refused: no part in another, no front in another', () => {
    let taken = 0;
    fc.assert(
      fc.property(
        fc.constantFrom(...changeable),
        fc.array(anyRow, { minLength: 1, maxLength: 4 }),
        ([range, code], rows) => {
          const { builder, id } = roomWith(range, code, { doorStyle: 'slab' });
          const set = execute(setRows, builder.design, { id, rows });
          if (!set.ok) {
            expect(set.refusal.code).toMatch(/^rows-/);
            return;
          }
          taken += 1;
          builder.run(setRows, { id, rows });
          const cabinet = printed(builder);
          expect(partsFaults(cabinet, 20)).toEqual([]);
          const parts = fronts(builder, id).filter(({ shows }) => shows !== 'shelf');
          for (const [index, a] of parts.entries())
            for (const b of parts.slice(index + 1))
              expect(
                Math.min(a.right, b.right) - Math.max(a.left, b.left) > 1e-6 &&
                  Math.min(a.high, b.high) - Math.max(a.low, b.low) > 1e-6,
              ).toBe(false);
          for (const [index, { high }] of rows.entries()) {
            if (high === undefined || rows.every((row) => row.high !== undefined)) continue;
            const own = parts.find(({ row }) => row === index)!;
            expect(own.high - own.low).toBeCloseTo(high, 6);
          }
        },
      ),
      { numRuns: 300 },
    );
    expect(taken).toBeGreaterThan(60);
  });

  it('begin as the kind has them: nothing is otherwise once they are its own', () => {
    for (const [range, code] of changeable.filter((_, index) => index % 7 === 0)) {
      const { builder, id } = roomWith(range, code, { doorStyle: 'slab' });
      const before = fronts(builder, id);
      const rows = rowsNow(builder.design, id)!;
      builder.run(setRows, { id, rows });
      const after = fronts(builder, id).map(({ row: _, ...part }) => part);
      const leaves = (parts: typeof after) =>
        parts
          .filter(({ shows }) => shows !== 'shelf')
          .map(({ shows, hinge, left, right, low, high }) => ({
            shows,
            hinge,
            left: near(left),
            right: near(right),
            low: near(low),
            high: near(high),
          }));
      expect([code, leaves(after)]).toEqual([code, leaves(before)]);
    }
  });

  it('have heights that are typed, and share what is left alike', () => {
    // 870 less the plinth of 150, 1.5 at either end and two gaps of 3: 711, of which 141 are typed.
    const { builder, id } = withRows('F600', [
      { shows: 'drawer', high: 141 },
      { shows: 'drawer' },
      { shows: 'doors' },
    ]);
    expect(fronts(builder, id).map(({ shows, low, high }) => [shows, near(high - low)])).toEqual([
      ['drawer', 141],
      ['drawer', 285],
      ['door', 285],
    ]);
    // A drawer is bought for each; the door closes on its own shelf board only where there is room for one.
    expect(printed(builder).hardware.find(({ code }) => code === 'RU500')!.qty).toBe(2);
  });

  it('have an upright between those side by side, and a board under and over it', () => {
    const { builder } = withRows('F900', [
      { shows: 'drawer', high: 200, across: 2 },
      { shows: 'doors', across: 2, shelves: 1 },
    ]);
    const cabinet = printed(builder);
    // Between the boards: 900 less three of 18 in two.
    expect(boxesOf(cabinet, 'upright').map(([x0, , , x1]) => [x0, x1])).toEqual([
      [441, 459],
      [441, 459],
    ]);
    expect(boxesOf(cabinet, 'divider').length).toBe(1);
    const [, , low, , , high] = boxesOf(cabinet, 'divider')[0]!;
    expect(boxesOf(cabinet, 'upright').map(([, , z0, , , z1]) => [z0, z1])).toEqual([
      [high, 870 - 18],
      [150 + 18, low],
    ]);
    // 423 between the boards less 42 for runners, and the sides of 16 beside that.
    expect(boxesOf(cabinet, 'drawer-head').map(([x0, , , x1]) => near(x1! - x0!))).toEqual([381, 381]);
    expect(boxesOf(cabinet, 'shelf').map(([x0, , , x1]) => [near(x0!), near(x1!)])).toEqual([
      [19, 440],
      [460, 881],
    ]);
    const doors = boxesOf(cabinet, 'door').map(([x0, , , x1]) => [near(x0!), near(x1!)]);
    expect(doors).toEqual([
      [1.5, 448.5],
      [451.5, 898.5],
    ]);
    // No hole from one side of the upright meets one from the other.
    for (const { machining, thickness } of partsNamed(cabinet, 'upright'))
      for (const face of ['left', 'right'])
        for (const { depth, size } of machining.filter(
          (one) => one.face === face && one.type === 'hole' && one.size !== 15,
        ))
          expect([size, depth * 2 < thickness]).toEqual([size, true]);
  });

  it('have widths that are typed from the left, the last what is left', () => {
    const { builder, id } = withRows('F900', [
      { shows: 'drawer', across: 3, widths: [300, 250] },
      { shows: 'doors' },
    ]);
    const widths = fronts(builder, id)
      .filter(({ shows }) => shows === 'drawer')
      .map(({ left, right }) => near(right - left));
    // 900 less 1.5 at either end and two gaps of 3.
    expect(widths).toEqual([300, 250, 900 - 3 - 6 - 550]);
  });

  it('have shelves at clear heights that are typed from below, bored where they lie', () => {
    const { builder } = withRows('F600', [{ shows: 'doors', clear: [200, 150] }]);
    const cabinet = printed(builder);
    // Over the bottom of 18 on the plinth: 168; shelves 18 thick.
    expect(boxesOf(cabinet, 'shelf').map(([, , z0]) => z0)).toEqual([368, 536]);
    const side = partsNamed(cabinet, 'side-left')[0]!;
    const pins = side.machining.filter(
      ({ type, size, at }) => type === 'hole' && size === 5 && Math.abs(at[0] - (560 - 65)) < 1e-6,
    );
    expect(pins.map(({ at }) => near(at[1] + 150 + 2.5)).sort((a, b) => a - b)).toEqual(
      expect.arrayContaining([368, 536]),
    );
  });

  it('stand open with shelves at clear heights, about them the boards that part the box', () => {
    const { builder, id } = withRows('F600', [
      { shows: 'shelves', high: 300, clear: [100] },
      { shows: 'doors' },
    ]);
    const cabinet = printed(builder);
    const open = fronts(builder, id).find(({ shows }) => shows === 'niche')!;
    const [, , z0, , , z1] = boxesOf(cabinet, 'divider')[0]!;
    expect([z0, z1]).toEqual([open.low - 18, open.low]);
    const [shelf] = boxesOf(cabinet, 'shelf').filter(([, , low]) => low! > open.low);
    expect(near(shelf![2]! - open.low)).toBe(100);
  });

  it('have a stile between those side by side in a face frame, each door hung at the one beside it', () => {
    const { builder } = withRows(
      'B36',
      [
        { shows: 'drawer', high: 140 },
        { shows: 'doors', across: 2 },
      ],
      'saltbox',
    );
    const cabinet = printed(builder);
    const stiles = boxesOf(cabinet, 'frame-stile').map(([x0, , , x1]) => [near(x0!), near(x1!)]);
    expect(stiles).toContainEqual([near(457.2 - 19.05), near(457.2 + 19.05)]);
    expect(partsFaults(cabinet, 19.05)).toEqual([]);
  });

  it.each([
    ['F600', [{ shows: 'drawer', high: 718 }], 'come to 718 mm; its front has 717 mm'],
    ['F600', [{ shows: 'drawer', high: 700 }, { shows: 'doors' }], 'Make some lower'],
    ['F600', [{ shows: 'doors', shelves: 40 }], 'Row 1 of F600 has room for'],
    ['F600', [{ shows: 'doors', across: 2, widths: [297, 300] }], 'there is 594 mm for it'],
    ['F300', [{ shows: 'doors', across: 4 }], 'can’t be built so'],
    ['F600', [], 'number of rows can’t be 0'],
    ['F600', [{ shows: 'doors', across: 7 }], 'side by side can’t be 7'],
    ['F600', [{ shows: 'niche' }], 'holds an appliance'],
    ['F600-W', [{ shows: 'drawer' }], 'can’t be changed'],
    ['F900-L', [{ shows: 'doors' }], 'can’t be changed'],
  ] as [string, ItemRow[], string][])('of %s refuses %j', (code, rows, said) => {
    const { builder, id } = roomWith('fathom', code, { doorStyle: 'slab' });
    const set = execute(setRows, builder.design, { id, rows });
    expect(set.ok ? '' : refusalText(set.refusal, { unit: 'mm', step: 1 })).toContain(said);
  });

  it('have as many shelves as there is room for, and are refused one more', () => {
    const { builder, id } = roomWith('fathom', 'F600', { doorStyle: 'slab' });
    const ask = (shelves: number) =>
      execute(setRows, builder.design, { id, rows: [{ shows: 'doors', shelves }] });
    const over = ask(40);
    const fit = over.ok ? 0 : (over.refusal.data as { fit: number }).fit;
    expect(fit).toBeGreaterThan(5);
    expect([ask(fit).ok, ask(fit + 1).ok]).toEqual([true, false]);
  });

  it('are equal side by side again where the cabinet has come to be too narrow for what was typed', () => {
    const { builder, id } = withRows('F900', [
      { shows: 'drawer', across: 2, widths: [700] },
      { shows: 'doors' },
    ]);
    const widths = (width: number) => {
      const record = { ...recordOf(builder.design, 'item', id)!, width };
      const design = { ...builder.design, records: { ...builder.design.records, [id]: record } };
      return fronts({ design } as RoomBuilder, id)
        .filter(({ shows }) => shows === 'drawer')
        .map(({ left, right }) => near(right - left));
    };
    // 700, the gap of 3 and 20 at the least, and 1.5 at either end: 726.
    expect([widths(900), widths(726), widths(725.9)]).toEqual([
      [700, 194],
      [700, 20],
      [359.95, 359.95],
    ]);
  });

  it('fill the front where all heights are typed, to half a millimetre', () => {
    for (const [high, ok] of [
      [717, true],
      [716.5, true],
      [716.4, false],
      [717.5, true],
      [717.6, false],
    ] as const) {
      const { builder, id } = roomWith('fathom', 'F600', { doorStyle: 'slab' });
      expect([high, execute(setRows, builder.design, { id, rows: [{ shows: 'drawer', high }] }).ok]).toEqual([
        high,
        ok,
      ]);
    }
  });

  it('keep the opening of an appliance, go with its construction, and go when it is swapped for another kind', () => {
    const oven = roomWith('fathom', 'T600/2070-O', { doorStyle: 'slab' });
    const rows = rowsNow(oven.builder.design, oven.id)!;
    const changed = rows.map((row) => (row.shows === 'doors' ? { shows: 'drawer' as const } : row));
    oven.builder.run(setRows, { id: oven.id, rows: changed });
    expect(partsFaults(printed(oven.builder), 20)).toEqual([]);
    const { builder, id } = withRows('F600', [{ shows: 'drawer', across: 2 }, { shows: 'doors' }]);
    builder.run(setConstruction, { ids: [id], ways: { board: 22 } });
    expect(boxesOf(printed(builder), 'upright').map(([x0, , , x1]) => [x0, x1])).toEqual([[289, 311]]);
    builder.run(swapItems, { ids: [id], family: 'F*-3' });
    expect(recordOf(builder.design, 'item', id)!.rows).toBeUndefined();
    builder.run(setRows, { id, rows: null });
    expect(recordOf(builder.design, 'item', id)!.built).toEqual({ board: 22 });
  });
});

const near = (value: number) => Math.round(value * 1e4) / 1e4;
