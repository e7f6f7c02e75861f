import fc from 'fast-check';
import { expect, it } from 'vitest';
import { rectangle } from '../../testing/rooms';
import { must } from '../result';
import { recordsOf, type Design } from './design';
import { recordKinds } from './kinds';
import { applyPatch, type Change } from './patch';
import type { DesignRecord } from './records';

const builder = rectangle();
builder.set('F600', 'face-a', 0);
const start = builder.design;
const item = recordsOf(start, 'item')[0]!;

/** A change of one of a few ids: put in, changed, taken out, or made a record of another kind. */
const change = fc.record({
  id: fc.constantFrom('a', 'item-0', 'item-1', 'item-10', 'item-2', 'z'),
  to: fc.constantFrom('item', 'standpoint', null),
  size: fc.integer({ min: 100, max: 900 }),
});

const recordOf = (id: string, to: 'item' | 'standpoint' | null, size: number): DesignRecord | null =>
  to === null
    ? null
    : to === 'item'
      ? { ...item, id, width: size }
      : ({
          kind: 'standpoint',
          id,
          name: id,
          x: size,
          y: 0,
          turn: 0,
          eye: 1_500,
          look: 0,
          opens: 1,
        } as never);

const lists = (design: Design) => recordKinds.map((kind) => recordsOf(design, kind));

it('are, after every edit, what is listed anew', () => {
  const edits = fc.array(fc.array(change, { minLength: 1, maxLength: 4 }), { maxLength: 12 });
  fc.assert(
    fc.property(edits, (all) => {
      let design = start;
      for (const edit of all) {
        recordsOf(design, 'item');
        const ids = new Set<string>();
        const patch = edit.flatMap(({ id, to, size }): Change[] => {
          const [before, after] = [design.records[id] ?? null, recordOf(id, to, size)];
          if (ids.has(id) || (before === null && after === null)) return [];
          ids.add(id);
          return [{ id, before, after }];
        });
        design = must(applyPatch(design, patch));
        expect(lists(design)).toEqual(lists({ ...design }));
      }
    }),
  );
});

it('of kinds that an edit leaves alone are the very same', () => {
  const before = lists(start);
  const after = lists(
    must(applyPatch(start, [{ id: item.id, before: item, after: { ...item, width: 700 } }])),
  );
  expect(recordKinds.filter((_, index) => before[index] !== after[index])).toEqual(['item']);
});

it('are made anew where very much is changed', () => {
  const many = Array.from({ length: 65 }, (_, index) => ({ ...item, id: `many-${index}` }));
  recordsOf(start, 'item');
  const grown = must(
    applyPatch(
      start,
      many.map((after) => ({ id: after.id, before: null, after })),
    ),
  );
  expect(lists(grown)).toEqual(lists({ ...grown }));
  expect(recordsOf(grown, 'item')).toHaveLength(66);
});
