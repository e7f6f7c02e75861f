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
import { boundsOf, signedArea } from '../../geometry/polygon';
import { TOUCH } from '../../geometry/tolerance';
import { findBox } from '../../setting/item-box';
import { across } from './board-prism';
import { madeItems } from './design-parts';
import { planeFace, ringFrom } from './part-outline';

type Thing = Partial<FixedRecord> & { at: number };

/** A cabinet against face A, and things built in so far to the right of its left end. */
function roomOf(range: string, code: string, ...things: readonly Thing[]) {
  const builder = rectangle(6000, 4000);
  builder.run(setRoom, { range, doorStyle: 'slab' });
  const id = builder.set(code, 'face-a', 1000);
  for (const [index, { at, ...sizes }] of things.entries()) {
    const record: FixedRecord = {
      ...{ kind: 'fixed', id: `pipes${index || ''}`, type: 'pipe-box' },
      ...{ width: 100, depth: 100, height: 2400, up: 0 },
      placement: { on: 'face', face: 'face-a', from: 'left', distance: 1000 + at, off: 0 },
      ...sizes,
    };
    const records = { ...builder.design.records, [record.id]: record };
    builder.design = { ...builder.design, records } as Design;
  }
  builder.run(setCutRound, { ids: [id], cutRound: true });
  return { builder, id };
}
const printed = (design: Design): PrintedCabinet => printedCabinets(design)[0]!;

const anyThing = fc.record({
  at: fc.integer({ min: -60, max: 500 }),
  width: fc.integer({ min: 40, max: 250 }),
  depth: fc.integer({ min: 40, max: 560 }),
  up: fc.constantFrom(0, 0, 0, 60, 400),
  height: fc.constantFrom(2400, 2000, 300, 90),
});
/** Whether a thing is in a cabinet as wide and deep, by more than what only touches it. */
const goesInto = (width: number, depth: number) => (thing: { at: number; width: number; depth: number }) =>
  Math.min(width - thing.at, thing.at + thing.width, Math.min(depth, thing.depth)) > TOUCH;
const boardsOf = (design: Design) => madeItems(design)[0]!.parts.flatMap(({ boards }) => boards);

/** The corners of each board of a name that is notched, seen from above, from the front or from the right, by their places in the cabinet. */
const outlines = (design: Design, name: string) =>
  boardsOf(design)
    .filter((one) => one.name === name)
    .map((one) => {
      const [a, b] = across[one.thin];
      return ringFrom(one, planeFace[one.thin])
        .map(({ x, y }) => `${one[a][0] + x},${one[b][0] + y}`)
        .join(' ');
    });

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
        fc.array(anyThing, { minLength: 1, maxLength: 3 }),
        ({ range, code, width, depth }, things) => {
          const { builder } = roomOf(range, code, ...things);
          const cabinet = printed(builder.design);
          expect(partsFaults(cabinet, 20)).toEqual([]);
          const pipes = things.filter(goesInto(width, depth)).map(
            (thing) =>
              [
                [thing.at, Math.min(width, thing.at + thing.width)],
                [0, Math.min(depth, thing.depth)],
                [thing.up, thing.up + Math.min(thing.height, 2400 - thing.up)],
              ] as const,
          );
          for (const one of boardsOf(builder.design)) {
            if (one.leaf && one.of === 'front') continue;
            for (const extent of one.seen ?? [one])
              for (const pipe of pipes) {
                const deep = ([extent.x, extent.y, extent.z] as const).map(
                  (span, axis) => Math.min(span[1], pipe[axis]![1]) - Math.max(span[0], pipe[axis]![0]),
                );
                expect([code, one.name, Math.min(...deep) > 1e-6]).toEqual([code, one.name, false]);
              }
            if (!one.seen) continue;
            // Its outline is as large as what is seen of it, and all of what it is told to be as wide as.
            const [a, b] = across[one.thin];
            const shown = one.seen.reduce(
              (sum, at) => sum + (at[a][1] - at[a][0]) * (at[b][1] - at[b][0]),
              0,
            );
            const ring = ringFrom(one, planeFace[one.thin]);
            expect(signedArea(ring)).toBeCloseTo(shown, 3);
            const { left, right, bottom, top } = boundsOf(ring);
            expect(left).toBeCloseTo(0, 6);
            expect(bottom).toBeCloseTo(0, 6);
            expect(right).toBeCloseTo(one[a][1] - one[a][0], 6);
            expect(top).toBeCloseTo(one[b][1] - one[b][0], 6);
          }
        },
      ),
      { numRuns: 120 },
    );
  });

  it('is left whole by what goes into it no farther than what touches', () => {
    for (const [at, depths] of [
      [599.4, 560 - 95],
      [599.5, 560],
      [599.6, 560],
    ] as const) {
      const { builder } = roomOf('fathom', 'F600', { at, width: 100, depth: 90 });
      expect([at, partsNamed(printed(builder.design), 'side-right')[0]!.width]).toEqual([at, depths]);
    }
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

  it('has of two pipe boxes side by side one notch, and of one within reach of the plinth what is left above it', () => {
    const { builder } = roomOf('fathom', 'F900', { at: 300, depth: 90 }, { at: 400, width: 80, depth: 200 });
    // 5 off each: from 295 to 405, 95 deep; from 395 to 485, 205 deep. Sides of 18, on legs.
    expect(outlines(builder.design, 'bottom')).toEqual([
      '18,0 295,0 295,95 395,95 395,205 485,205 485,0 882,0 882,560 18,560',
    ]);
  });

  it('has its side no higher than what its plinth leaves of it', () => {
    // A side under a box that hangs 60 over the floor, to the front: of the toe’s 114.3 nothing is left there but what is behind it.
    const { builder } = roomOf('saltbox', 'B24', { at: -60, width: 120, depth: 700, up: 60, height: 300 });
    const sides = boardsOf(builder.design).filter(({ name }) => name === 'side-left');
    const low = sides.find(({ z }) => z[0] === 0)!;
    expect([low.y[0], low.z, low.machining.filter(({ type }) => type === 'notch')]).toEqual([0, [0, 55], []]);
    expect(low.y[1]).toBeLessThan(590.55 - 70);
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
