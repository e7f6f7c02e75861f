import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { exhaustiveFit, plainWorth } from '../../../testing/exhaustive-fit';
import { must } from '../../result';
import { refusalText } from '../../wording/refusal-text';
import { crookedness } from './arrangement';
import { fit } from './fit';
import { fitCriteria, readFitCase, type FitCase } from './fit-case';

const orders = (() => {
  const all: string[][] = [];
  const go = (order: string[], left: readonly string[]) => {
    if (left.length === 0) all.push(order);
    for (const one of left)
      go(
        [...order, one],
        left.filter((other) => other !== one),
      );
  };
  go([], fitCriteria);
  return all;
})();

const limits = fc
  .tuple(fc.nat(3), fc.nat(3), fc.boolean())
  .map(([min, more, optional]) => ({ min, max: min + more, optional }));
const smallCase = fc
  .record({
    length: fc.integer({ min: 4, max: 16 }),
    widths: fc.uniqueArray(fc.integer({ min: 2, max: 7 }), { minLength: 1, maxLength: 3 }),
    ends: fc.tuple(limits, limits),
    inner: fc.option(limits),
    centre2: fc.option(fc.integer({ min: -2, max: 34 })),
    order: fc.constantFrom(...orders),
    items: fc.array(fc.tuple(fc.integer({ min: 1, max: 4 }), fc.option(fc.nat(14)), fc.nat(5)), {
      maxLength: 3,
    }),
  })
  .map(({ items, ...rest }) => ({
    id: 'small',
    ...rest,
    items: items.map(([w, at, tie], index) => ({
      id: `i${index}`,
      w,
      ...(at === null ? {} : { at }),
      ...(tie < items.length && tie !== index ? { nextTo: [`i${tie}`] } : {}),
    })),
  }));

/** The pieces of an arrangement with their widths. */
const rowOf = (one: FitCase, arrangement: NonNullable<ReturnType<typeof fit>['arrangement']>) =>
  arrangement.map((piece) =>
    piece.kind === 'item' ? { ...piece, w: one.items.find(({ id }) => id === piece.id)!.w } : piece,
  );

describe('a fitted run', () => {
  it('is as good as the best of every row there is, in every order of criteria', () => {
    fc.assert(
      fc.property(smallCase, (raw) => {
        const one = must(readFitCase(raw, 'case'));
        const found = fit(one);
        const wanted = exhaustiveFit(one);
        expect(found.arrangement === null).toBe(wanted === null);
        if (!found.arrangement) return;
        const row = rowOf(one, found.arrangement);
        expect(row.reduce((sum, { w }) => sum + w, 0)).toBe(one.length);
        expect(one.order.map((criterion) => found.values![criterion])).toEqual(plainWorth(one, row));
        if (found.proven) expect(plainWorth(one, row)).toEqual(wanted);
      }),
      { numRuns: 1500 },
    );
  });
});
