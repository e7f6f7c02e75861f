import { describe, expect, it } from 'vitest';
import { galleyWithBay } from '../demo/galley-with-bay';
import { hallBath } from '../demo/hall-bath';
import { laundry } from '../demo/laundry';
import { orchardKitchen } from '../demo/orchard-kitchen';
import { wetRoom } from '../demo/wet-room';
import type { Design } from '../document/design';
import { isAlike } from '../document/remember';
import { drawSingleView } from '../drawing/elevation/single-view';
import { roomViews } from '../drawing/elevation/views';
import { drawPlan } from '../drawing/plan';
import type { MeasuredThings, Primitive } from '../drawing/primitives';
import { dimensionChains } from '../drawing/dimensions/chains';
import { must } from '../result';
import { recordOf } from '../document/design';
import { itemBoxes } from '../setting/item-box';
import { placedOpenings } from '../survey/openings';
import { rectangle } from '../../testing/rooms';
import { lockItems } from './lock-items';
import { putOpening, usualOpening } from './put-opening';
import { setRoom } from './set-room';
import { execute } from './command';
import { measuredWays } from '../drawing/dimensions/measured-ways';
import { setMeasured } from './set-measured';

const rooms = { galleyWithBay, hallBath, laundry, orchardKitchen, wetRoom };

const drawings = (design: Design): (readonly Primitive[])[] => [
  drawPlan(design, 20),
  ...roomViews(design).map((view) => drawSingleView(design, view, 20)),
];
const measuredIn = (marks: readonly Primitive[]): MeasuredThings[] =>
  marks.flatMap((mark) => (mark.type === 'text' && mark.measured?.of ? [mark.measured.of] : []));

/** Whether two figures measure the same of the same things. */
const alike = (a: MeasuredThings, b: MeasuredThings): boolean =>
  isAlike([a.from, a.to, a.way], [b.from, b.to, b.way], 1e-6);

describe('typing into a dimension', () => {
  it.each(Object.entries(rooms))('of %s makes it measure that, whichever end stays', (name, make) => {
    const design = make();
    let found = 0;
    const all = drawings(design).map(measuredIn);
    const every = Math.ceil(all.flat().length / 25);
    all.forEach((own, drawing) => {
      own.forEach((of, index) => {
        if ((index + drawing) % every > 0) return;
        for (const way of measuredWays(design, of)) {
          const by = (index + drawing) % 2 === 0 ? 10 : -10;
          // Grown into its neighbour it ends where that begins.
          const beyond = way.stays === 'from' ? of.after : of.before;
          if (by > 0 && !way.along && beyond.length > 0) continue;
          const made = execute(setMeasured, design, { of, length: of.length + by, ...way });
          if (!made.ok) continue;
          const again = measuredIn(drawings(made.value.design)[drawing]!).filter((one) => alike(one, of));
          if (again.length === 0) continue;
          found += 1;
          const misses = Math.min(...again.map(({ length }) => Math.abs(length - of.length - by)));
          // A face of a survey with more than it needs is adjusted among its other measurements.
          const near = of.from[0]?.startsWith('face') ? 1 : 1e-3;
          expect(misses, `${name} ${drawing} ${JSON.stringify({ of, way })}`).toBeLessThan(near);
        }
      });
    });
    expect(found).toBeGreaterThan(10);
  });

  const { builder, of: measured } = run();
  const { design } = builder;

  it('makes a cabinet as wide, its left or its right end staying, alone or with what stands beyond', () => {
    const of = measured('item-2');
    expect(measuredWays(design, of)).toEqual([
      { stays: 'from', along: false, sized: ['item-2'], moved: [] },
      { stays: 'from', along: true, sized: ['item-2'], moved: ['item-3'] },
      { stays: 'to', along: false, sized: ['item-2'], moved: [] },
      { stays: 'to', along: true, sized: ['item-2'], moved: ['item-1'] },
    ]);
    const spans = (stays: 'from' | 'to', along: boolean) => {
      const made = must(execute(setMeasured, design, { of, length: 500, stays, along }));
      return itemBoxes(made.design).map(({ rectangle: [left, right] }) => [left.x, right.x]);
    };
    expect(spans('from', false)).toEqual([
      [500, 1100],
      [1100, 1600],
      [1700, 2100],
    ]);
    expect(spans('from', true)).toEqual([
      [500, 1100],
      [1100, 1600],
      [1600, 2000],
    ]);
    expect(spans('to', false)).toEqual([
      [500, 1100],
      [1200, 1700],
      [1700, 2100],
    ]);
    expect(spans('to', true)).toEqual([
      [600, 1200],
      [1200, 1700],
      [1700, 2100],
    ]);
  });

  it('moves what ends a gap, never the wall', () => {
    const [left, right] = [measured('', 'item-1'), measured('item-3', '')];
    expect(measuredWays(design, left)).toEqual([
      { stays: 'from', along: false, sized: [], moved: ['item-1'] },
      { stays: 'from', along: true, sized: [], moved: ['item-1', 'item-2', 'item-3'] },
    ]);
    expect(measuredWays(design, right).map(({ stays }) => stays)).toEqual(['to', 'to']);
    const made = must(execute(setMeasured, design, { of: right, length: 2000, stays: 'to', along: true }));
    expect(itemBoxes(made.design).map(({ rectangle: [at] }) => at.x)).toEqual([400, 1000, 1600]);
  });

  it('leaves what is locked, and says so where nothing else can follow', () => {
    const locked = must(
      execute(lockItems, design, { ids: ['item-1', 'item-2', 'item-3'], locked: true }),
    ).design;
    const of = measured('item-2');
    expect(measuredWays(locked, of)).toEqual([]);
    const refused = execute(setMeasured, locked, { of, length: 500, stays: 'from', along: false });
    expect(refused.ok ? null : refused.refusal.code).toBe('measured-held');
  });

  it('makes a floor unit higher where its top is typed, and hangs a wall unit higher', () => {
    const room = rectangle();
    room.run(setRoom, { specials: true });
    const [low, hung] = [room.set('F600', 'face-a', 500), room.set('U600/720', 'face-a', 500)];
    const { up, height } = recordOf(room.design, 'item', hung)!;
    const base = recordOf(room.design, 'item', low)!;
    const between = { from: [low], to: [hung], before: [low], after: [hung], held: [], row: 'cabinets' };
    const of = { ...between, length: up - base.height, way: 'up' as const };
    const set = (stays: 'from' | 'to') =>
      must(execute(setMeasured, room.design, { of, length: of.length + 25, stays, along: false })).design;
    expect(recordOf(set('from'), 'item', hung)).toMatchObject({ up: up + 25, height });
    expect(recordOf(set('to'), 'item', low)).toMatchObject({ up: 0, height: base.height - 25 });
    const whole = { ...of, from: [hung], to: [hung], length: height };
    const high = must(
      execute(setMeasured, room.design, { of: whole, length: height + 50, stays: 'to', along: false }),
    );
    expect(recordOf(high.design, 'item', hung)).toMatchObject({ up: up - 50, height: height + 50 });
  });

  it('widens an opening to either side, however its place was measured', () => {
    for (const from of ['left', 'centre', 'right'] as const)
      for (const to of ['left', 'centre', 'right'] as const) {
        const room = rectangle();
        const distance = from === 'centre' ? 100 : 1500;
        room.run(putOpening, { ...usualOpening('w', 'face-a', 'window', distance, 'mm'), from, to });
        const { left, right } = placedOpenings(room.design)[0]!;
        const of = {
          ...{ from: ['w'], to: ['w'], before: [], after: [], held: [], row: 'face-a openings' },
          ...{ length: right - left, way: { x: 1, y: 0 } },
        };
        for (const stays of ['from', 'to'] as const) {
          const set = { of, length: of.length + 120, stays, along: false };
          const [after] = placedOpenings(must(execute(setMeasured, room.design, set)).design);
          expect(after!.left).toBeCloseTo(stays === 'from' ? left : left - 120, 6);
          expect(after!.right).toBeCloseTo(stays === 'from' ? right + 120 : right, 6);
        }
      }
  });
});

/** Three cabinets in a row with a gap at either end, and the dimension from the end of one thing to that of another. */
function run() {
  const builder = rectangle();
  builder.set('F600', 'face-a', 500);
  builder.set('F600', 'face-a', 1100);
  builder.set('F400', 'face-a', 1700);
  const units = dimensionChains(builder.design).find(({ row }) => row === 'units')!;
  const of = (from: string, to = from): MeasuredThings => {
    const { between, ...link } = units.links.find(
      (one) =>
        (from === '' ? one.between.held.includes('from') : one.between.from.includes(from)) &&
        (to === '' ? one.between.held.includes('to') : one.between.to.includes(to)),
    )!;
    return { ...between, length: link.to - link.from, way: { x: 1, y: 0 }, row: 'face-a units' };
  };
  return { builder, of };
}
