import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { printedCabinets, roomWith } from '../../../testing/made-rooms';
import { partsFaults, type PrintedCabinet } from '../../../testing/parts-faults';
import { setConstruction, type WaysChange } from '../../commands/set-construction';
import { setRoom } from '../../commands/set-room';
import type { RoomBuilder } from '../../demo/build-room';
import { recordOf, recordsOf } from '../../document/design';
import { frontStyles } from '../../document/range-limits';
import { backWays, kickWays, runnerWays, sheetStuffs, wayLengths } from '../../document/way-limits';
import { constructionOf, constructionOfItem } from '../../ranges/construction';
import { fathom } from '../../ranges/data/fathom';
import { saltbox } from '../../ranges/data/saltbox';
import { findRange, itemsOf, rangesOf } from '../../ranges/shelf';
import { execute } from '../../commands/command';
import { refusalText } from '../../wording/refusal-text';

const printed = ({ design }: RoomBuilder): PrintedCabinet[] => printedCabinets(design);
const part = (builder: RoomBuilder, id: string) => printed(builder)[0]!.parts.find((one) => one.id === id)!;

/** Any way of building, some of them at once. */
const anyWays = fc.record(
  {
    ...(Object.fromEntries(
      Object.entries(wayLengths).map(([key, [least, most]]) => [
        key,
        fc.integer({ min: Math.ceil(least * 4), max: most * 4 }).map((quarter) => quarter / 4),
      ]),
    ) as Record<keyof typeof wayLengths, fc.Arbitrary<number>>),
    fronts: fc.constantFrom(...frontStyles),
    backWay: fc.constantFrom(...backWays),
    kick: fc.constantFrom(...kickWays),
    runners: fc.constantFrom(...runnerWays),
    drawerHeights: fc.array(fc.integer({ min: 20, max: 400 }), { minLength: 1, maxLength: 6 }),
    runnerLengths: fc.array(fc.integer({ min: 200, max: 600 }), { minLength: 1, maxLength: 6 }),
    ...{ boxOf: fc.constantFrom(...sheetStuffs), backOf: fc.constantFrom(...sheetStuffs) },
  },
  { requiredKeys: [] },
);

describe('a construction of its own', () => {
  it('makes sound cabinets whatever is set: put together again none of their parts is in another', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(
          ...[fathom, saltbox].flatMap((range) =>
            itemsOf(range).map(({ code }) => [range.id, code] as const),
          ),
        ),
        anyWays,
        fc.boolean(),
        ([range, code], ways, isOwn) => {
          const { builder, id } = roomWith(range, code);
          // What it has no place for, or what would be held back, is refused by itself.
          for (const [key, value] of Object.entries(ways)) {
            const at = isOwn ? { ids: [id] } : { range };
            const set = execute(setConstruction, builder.design, { ...at, ways: { [key]: value } });
            if (set.ok) builder.run(setConstruction, { ...at, ways: { [key]: value } });
            else expect(set.refusal.code).toMatch(/^way-(lacking|held|moves)$/);
          }
          const [cabinet] = printed(builder);
          const record = recordsOf(builder.design, 'item')[0]!;
          const made = constructionOfItem(record, rangesOf(builder.design))!;
          if (cabinet) expect(partsFaults(cabinet, Math.max(0, made.proud))).toEqual([]);
        },
      ),
      { numRuns: Number(process.env.RUNS ?? 120) },
    );
  });

  it('keeps shelves under the rails before what is let into the top, to the hair', () => {
    // The fourth hole over the floor would take the shelf 0.13 into a rail of 184.75.
    const ways = { shelf: 47, front: 49.25, gap: 11.75, holePitch: 56, plinth: 290 };
    const tops: number[] = [];
    for (const rail of [184.75, 184.5, 100]) {
      const { builder } = roomWith('fathom', 'F900-H');
      set(builder, { range: 'fathom', ways: { ...ways, rail } });
      const [cabinet] = printed(builder);
      // Its doors stand out by themselves and what lies under them.
      expect(partsFaults(cabinet!, ways.front + 2)).toEqual([]);
      tops.push(part(builder, 'shelf').boxes[0]![5]! - part(builder, 'rail-back').boxes[0]![2]!);
    }
    expect(tops.map((under) => Math.round(under * 100) / 100)).toEqual([-167.87, -0.12, -84.62]);
  });

  it('has its rails meet before a back that stands so far out that there is no room for both', () => {
    const wide = [190.75, 191, 191.25].map((rail) => {
      const { builder } = roomWith('fathom', 'V600-3');
      // Its boards are 460 deep, its back 54 and 24: 382 are left.
      set(builder, { range: 'fathom', ways: { backFrom: 54, backBoard: 24, rail } });
      expect(partsFaults(printed(builder)[0]!, 30)).toEqual([]);
      return [part(builder, 'rail-front').width, part(builder, 'rail-back').width];
    });
    expect(wide).toEqual([
      [190.75, 190.75],
      [191, 191],
      [191, 191],
    ]);
  });

  const set = (builder: RoomBuilder, args: Parameters<typeof setConstruction.run>[1]) =>
    builder.run(setConstruction, args);

  it('is what the parts of every cabinet of its range are cut by, and of no other range', () => {
    const { builder } = roomWith('fathom', 'F600');
    builder.place('V600', { on: 'floor', x: 3500, y: -1500, turn: 0 });
    set(builder, { range: 'fathom', ways: { board: 19, backIn: 9, gap: 4, front: 22, off: 3 } });
    const [base] = printed(builder);
    const of = (id: string) => base!.parts.find((one) => one.id === id)!;
    expect([of('side-left').thickness, of('bottom').length, of('bottom').thickness]).toEqual([19, 562, 19]);
    // 600 less two sides, and 8.5 of the 9 let in on each side.
    expect(of('back').width).toBe(600 - 2 * 19 + 2 * 8.5);
    expect(of('side-left').machining.find(({ type }) => type === 'groove')).toMatchObject({ depth: 9 });
    // Half of the gap shows on each side of a door; it stands 3 off the box.
    expect([of('door').width, of('door').thickness, of('door').boxes[0]![1]]).toEqual([596, 22, 563]);
    expect(constructionOf(findRange('saltbox', rangesOf(builder.design))!)!.build.board).toBe(12.7);
    expect(printed(builder)[1]!.parts.find(({ id }) => id === 'bottom')!.length).toBe(562);
  });

  it('of an item goes before that of its range, and what neither says is as the range is made', () => {
    const { builder, id } = roomWith('fathom', 'F600-3');
    set(builder, { range: 'fathom', ways: { board: 19, drawerSide: 15 } });
    set(builder, { ids: [id], ways: { board: 16 } });
    expect(part(builder, 'side-left').thickness).toBe(16);
    // Over runners under them boxes are 42 narrower inside than the opening of 568.
    expect(part(builder, 'drawer-side').thickness).toBe(15);
    expect(part(builder, 'drawer-head').length).toBe(600 - 2 * 16 - 42);
    set(builder, { ids: [id], ways: { board: null } });
    expect(recordOf(builder.design, 'item', id)!.built).toBeUndefined();
    expect(part(builder, 'drawer-head').length).toBe(600 - 2 * 19 - 42);
    set(builder, { range: 'fathom', ways: { board: null, drawerSide: null } });
    expect(recordsOf(builder.design, 'construction')).toEqual([]);
  });

  it('makes frameless runners at the sides, backs in rebates, kicks of the box and other drawer boxes', () => {
    const { builder, id } = roomWith('fathom', 'F600-3');
    set(builder, { ids: [id], ways: { runners: 'side', drawerHeights: [150, 100], runnerLengths: [480] } });
    expect(part(builder, 'drawer-head').length).toBe(600 - 36 - 2 * 12.7 - 2 * 16);
    expect(
      new Set(
        printed(builder)[0]!
          .parts.filter(({ id: name }) => name.startsWith('drawer-side'))
          .map(({ width }) => width),
      ),
    ).toEqual(new Set([100, 150]));
    expect(part(builder, 'drawer-side').length).toBe(470);
    set(builder, { ids: [id], ways: { kick: 'box', backWay: 'rebate' } });
    expect(part(builder, 'side-left').length).toBe(870);
    expect(part(builder, 'kick').width).toBe(150);
    expect(part(builder, 'side-left').machining.find(({ type }) => type === 'rebate')).toMatchObject({
      at: [552, 0],
      size: [8, 870],
    });
  });

  it('lays fronts on their frame, over it or in it', () => {
    const { builder, id } = roomWith('saltbox', 'B24');
    builder.run(setRoom, { doorStyle: 'slab' });
    const door = () => part(builder, 'door');
    const width = () =>
      printed(builder)[0]!
        .parts.filter(({ id: name }) => name.startsWith('door'))
        .map((one) => [one.width, one.qty]);
    set(builder, { ids: [id], ways: { fronts: 'inset', gap: 2.5 } });
    // Within two stiles of 38.1 and two gaps; its face level with the frame's.
    expect(width()).toEqual([[609.6 - 2 * (38.1 + 2.5), 1]]);
    expect(door().boxes[0]![4]).toBe(609.6);
    set(builder, { ids: [id], ways: { fronts: 'partial overlay', gap: null, overlay: 9.5 } });
    expect(width()).toEqual([[609.6 - 2 * (38.1 - 9.5), 1]]);
  });

  it.each([
    [{ board: 8.9 }, '“Boards of the box” can’t be 8.9 mm. Give a length from 9 mm to 40 mm.'],
    [{ backIn: 16 }, '“Back let in by” can be no other than 15'],
    [{ drawerSide: 21 }, '“Drawer narrower than its opening” could not stay at 42 mm: it would be 44 mm.'],
    [{ runnerAir: 33 }, '“Drawer narrower than its opening” can be no other than 34'],
    [{ board: 10 }, '“Back let in by” could not stay at 8 mm: it would be 7 mm.'],
    [{ stile: 40 }, 'Fathom is built without that'],
    [{ drawerHeights: [] }, '“Drawer box heights” can’t be 0 sizes'],
    [{ drawerHeights: [19.9] }, '“Drawer box heights” can’t be 19.9'],
  ] as [WaysChange, string][])('refuses %j', (ways, said) => {
    const { builder } = roomWith('fathom', 'F600-3');
    const refused = execute(setConstruction, builder.design, { range: 'fathom', ways });
    expect(refused.ok ? '' : refusalText(refused.refusal, { unit: 'mm', step: 1 })).toContain(said);
  });

  it.each([
    [{ board: 9 }, { backIn: 6 }],
    [{ backIn: 15 }, {}],
    [{ drawerSide: 20 }, {}],
    [{ drawerHeights: [20] }, {}],
  ] as [WaysChange, WaysChange][])('takes %j, at the limit', (ways, first) => {
    const { builder } = roomWith('fathom', 'F600-3');
    set(builder, { range: 'fathom', ways: first });
    expect(execute(setConstruction, builder.design, { range: 'fathom', ways }).ok).toBe(true);
  });

  it('is of ranges of cabinets alone, of things that are there, and of nothing locked', () => {
    const { builder, id } = roomWith('fathom', 'F600');
    const code = (args: Parameters<typeof setConstruction.run>[1]) => {
      const tried = execute(setConstruction, builder.design, args);
      return tried.ok ? '' : tried.refusal.code;
    };
    expect(code({ range: 'generic-mm', ways: { board: 19 } })).toBe('way-none');
    expect(code({ range: 'nobody', ways: { board: 19 } })).toBe('sheet-unknown');
    expect(code({ ids: ['nobody'], ways: { board: 19 } })).toBe('record-missing');
    expect(code({ ids: [id], ways: { board: null } })).toBe('');
  });
});
