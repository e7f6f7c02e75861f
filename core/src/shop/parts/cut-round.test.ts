import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { partsNamed, printedCabinets } from '../../../testing/made-rooms';
import { partsFaults, type PrintedCabinet } from '../../../testing/parts-faults';
import { rectangle } from '../../../testing/rooms';
import { setCutRound } from '../../commands/set-cut-round';
import { setRoom } from '../../commands/set-room';
import { recordOf, type Design } from '../../document/design';
import type { FixedRecord } from '../../document/records';
import { fathom } from '../../ranges/data/fathom';
import { saltbox } from '../../ranges/data/saltbox';
import { kindOf } from '../../ranges/kinds';
import { itemsOf } from '../../ranges/shelf';
import { collisionsOf } from '../../reach/collisions';
import { findBox } from '../../setting/item-box';
import { madeItems } from './design-parts';

/** A cabinet against face A, and something built in so far to the right of its left end. */
function roomOf(range: string, code: string, thing: Partial<FixedRecord> & { at: number }) {
  const builder = rectangle(6000, 4000);
  builder.run(setRoom, { range, doorStyle: 'slab' });
  const id = builder.set(code, 'face-a', 1000);
  const { at, ...sizes } = thing;
  const record: FixedRecord = {
    ...{ kind: 'fixed', id: 'pipes', type: 'pipe-box', width: 100, depth: 100, height: 2400, up: 0 },
    placement: { on: 'face', face: 'face-a', from: 'left', distance: 1000 + at, off: 0 },
    ...sizes,
  };
  builder.design = { ...builder.design, records: { ...builder.design.records, pipes: record } } as Design;
  builder.run(setCutRound, { ids: [id], cutRound: true });
  return { builder, id };
}
const printed = (design: Design): PrintedCabinet => printedCabinets(design)[0]!;

describe('a cabinet cut round what is built in', () => {
  it('has no board in it, nor in another, wherever it stands', () => {
    const items = [fathom, saltbox].flatMap((range) =>
      itemsOf(range)
        .filter(({ type, up }) => kindOf(type).rows && !kindOf(type).plan && !kindOf(type).blind && up === 0)
        .map(({ code, width, depth, height }) => ({ range: range.id, code, width, depth, height })),
    );
    fc.assert(
      fc.property(
        fc.constantFrom(...items),
        fc.record({
          at: fc.integer({ min: -60, max: 500 }),
          width: fc.integer({ min: 40, max: 250 }),
          depth: fc.integer({ min: 40, max: 300 }),
          up: fc.constantFrom(0, 0, 0, 400),
          height: fc.constantFrom(2400, 2000, 300),
        }),
        ({ range, code, width, depth }, thing) => {
          const { builder } = roomOf(range, code, thing);
          const cabinet = printed(builder.design);
          expect(partsFaults(cabinet, 20)).toEqual([]);
          const pipes = [
            [thing.at, Math.min(width, thing.at + thing.width)],
            [0, Math.min(depth, thing.depth)],
            [thing.up, thing.up + Math.min(thing.height, 2400 - thing.up)],
          ] as const;
          for (const part of madeItems(builder.design)[0]!.parts)
            for (const one of part.boards) {
              if (one.leaf && one.of === 'front') continue;
              for (const extent of one.seen ?? [one]) {
                const deep = ([extent.x, extent.y, extent.z] as const).map(
                  (span, axis) => Math.min(span[1], pipes[axis]![1]) - Math.max(span[0], pipes[axis]![0]),
                );
                expect([code, part.id, Math.min(...deep) > 1e-6]).toEqual([code, part.id, false]);
              }
            }
        },
      ),
      { numRuns: 120 },
    );
  });

  it('has its bottom, rails and back cut in a corner, its side as much less deep, 5 off the pipes', () => {
    const { builder } = roomOf('fathom', 'F600', { at: 0, width: 120, depth: 90 });
    const cabinet = printed(builder.design);
    // 120 and 5 from its left end, 90 and 5 from the wall; the bottom begins at the side of 18.
    const notch = partsNamed(cabinet, 'bottom')[0]!.machining.find(({ type }) => type === 'notch')!;
    expect([notch.size, notch.depth]).toEqual([[125 - 18, 95], 18]);
    expect(partsNamed(cabinet, 'side-left')[0]!.width).toBe(560 - 95);
    expect(partsNamed(cabinet, 'back')[0]!.boxes[0]!.slice(0, 4)[0]).toBe(125);
    expect(partsNamed(cabinet, 'side-right')[0]!.width).toBe(560);
  });

  it('has its back in two beside pipes in its middle, and drawers as much shorter before them', () => {
    const { builder } = roomOf('fathom', 'F600-3', { at: 250, width: 100, depth: 100 });
    const cabinet = printed(builder.design);
    expect(partsNamed(cabinet, 'back').flatMap(({ boxes }) => boxes.map(([x0, , , x1]) => [x0, x1]))).toEqual(
      [
        [10.5, 245],
        [355, 589.5],
      ],
    );
    // 560 deep, less 105 and the 3 behind runners: the longest that goes in is 450.
    expect(cabinet.hardware.find(({ code }) => code.startsWith('RU'))!.code).toBe('RU450');
  });

  it('is found in the way of nothing any more; one that is not cut round is', () => {
    const { builder, id } = roomOf('fathom', 'F600', { at: 0 });
    const collides = () =>
      collisionsOf(builder.design, [recordOf(builder.design, 'item', id)!]).some(({ ids }) =>
        ids.includes('pipes'),
      );
    expect(collides()).toBe(false);
    builder.run(setCutRound, { ids: [id], cutRound: false });
    expect(collides()).toBe(true);
    expect(findBox(builder.design, id)!.record.cutRound).toBeUndefined();
  });
});
