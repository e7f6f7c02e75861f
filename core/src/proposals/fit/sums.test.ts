import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { exhaustiveFit } from '../../../testing/exhaustive-fit';
import { must } from '../../result';
import { compareWorth } from './arrangement';
import { readFitCase, type FitCase, type FitCriterion } from './fit-case';
import { layoutsOf, type Layout, type Stretch } from './layout';
import { bestSums, fewestOf, type StretchFill } from './sums';

describe('the fewest cabinets of a length', () => {
  it('are none for nothing, and none at all where no widths make it', () => {
    expect([...fewestOf([5, 3], 11)]).toEqual([0, -1, -1, 1, -1, 1, 2, -1, 2, 3, 2, 3]);
    expect([...fewestOf([], 2)]).toEqual([0, -1, -1]);
    // Three of 4 before a 10 and two that are not there; the widths in any order.
    expect(fewestOf([1, 10, 4], 12)[12]).toBe(3);
    expect(fewestOf([4, 1, 10], 12)[12]).toBe(3);
    expect(fewestOf([20], 12)[12]).toBe(-1);
  });
});

const filler = (...widths: number[]) => widths.map((width) => ({ left: width, right: 0, width }));
const stretch = (from: number, to: number, ...widths: number[]): Stretch => ({
  ...{ from, to, left: widths, right: [0], either: [0], together: filler(...widths) },
});
const layout = (stretches: Stretch[], ...free: number[]): Layout => ({
  ...{ anchored: [], stretches, free: free.map((w, index) => ({ w, items: [{ id: `f${index}`, w }] })) },
});
const sums = (one: Layout, widths: number[], order: FitCriterion[] = ['filler', 'items']) =>
  bestSums(one, fewestOf(widths, 40), order);
const fill = (blocks: number, left: number, cabinets: number): StretchFill => ({
  ...{ blocks, left, right: 0, cabinets },
});

describe('fillers and free things shared out over stretches', () => {
  it('are worth their sums, each in its place of the order, symmetry in none', () => {
    const one = layout([stretch(0, 12, 0, 1, 2), stretch(15, 25, 0, 1, 2, 3)]);
    // 12 is 6 6, of 10 only 4 6; both are filled without a filler.
    expect(sums(one, [4, 6])).toEqual({ worth: [0, 4], fills: [fill(0, 0, 12), fill(0, 0, 10)] });
    expect(sums(one, [6])).toBeNull();
    expect(sums(one, [7])).toBeNull();
    expect(sums(one, [10])).toEqual({ worth: [2, 2], fills: [fill(0, 2, 10), fill(0, 0, 10)] });
    expect(sums(one, [10], ['items', 'symmetry', 'filler'])!.worth).toEqual([2, 2]);
    expect(sums(one, [10], ['items'])!.worth).toEqual([2]);
    expect(sums(one, [10], ['symmetry'])!.worth).toEqual([]);
  });

  it('take a wider filler for fewer cabinets only where those come first', () => {
    const one = layout([stretch(0, 12, 0, 1, 2)]);
    expect(sums(one, [3, 10])).toEqual({ worth: [0, 4], fills: [fill(0, 0, 12)] });
    expect(sums(one, [3, 10], ['items', 'filler'])).toEqual({ worth: [1, 2], fills: [fill(0, 2, 10)] });
    expect(sums(one, [3, 10], ['symmetry', 'items', 'filler'])!.worth).toEqual([1, 2]);
    expect(sums(one, [3, 10], ['symmetry', 'filler', 'items'])!.worth).toEqual([0, 4]);
    // Of as few cabinets the least filler.
    expect(sums(layout([stretch(0, 12, 0, 1, 2)]), [11, 10], ['items', 'filler'])!.worth).toEqual([1, 1]);
  });

  it('put each free thing into one stretch, where all of them together come out best', () => {
    const two = layout([stretch(0, 10, 0, 1, 2, 3, 4), stretch(10, 19, 0, 1, 2, 3, 4)], 4, 3);
    // 10 - 4 and 9 - 3 are both 6.
    expect(sums(two, [6])).toEqual({ worth: [0, 2], fills: [fill(1, 0, 6), fill(2, 0, 6)] });
    expect(sums(layout([stretch(0, 9), stretch(9, 19)], 4, 3), [6])).toBeNull();
    // Both in the second, none in the first; and the other way round.
    expect(sums(layout([stretch(0, 6, 0), stretch(6, 13, 0)], 4, 3), [6])!.fills).toEqual([
      ...[fill(0, 0, 6), fill(3, 0, 0)],
    ]);
    expect(sums(layout([stretch(0, 7, 0), stretch(7, 13, 0)], 4, 3), [6])!.fills).toEqual([
      ...[fill(3, 0, 0), fill(0, 0, 6)],
    ]);
    // None fits: three in two stretches too short.
    expect(sums(layout([stretch(0, 6, 0), stretch(6, 12, 0)], 4, 4, 4), [1])).toBeNull();
  });

  it('are as good as the best of every row, where nothing is said of symmetry', () => {
    const limits = fc.tuple(fc.nat(2), fc.nat(4), fc.boolean()).map(([min, more, optional]) => ({
      ...{ min, max: min + more, optional },
    }));
    const orders: FitCriterion[][] = [
      ['filler', 'items'],
      ['items', 'filler'],
    ];
    const cases = fc
      .record({
        length: fc.integer({ min: 6, max: 16 }),
        widths: fc.uniqueArray(fc.integer({ min: 2, max: 7 }), { minLength: 1, maxLength: 3 }),
        ends: fc.tuple(limits, limits),
        inner: fc.option(limits),
        order: fc.constantFrom(...orders),
        items: fc.array(fc.tuple(fc.integer({ min: 1, max: 4 }), fc.option(fc.nat(14))), { maxLength: 4 }),
      })
      .map(({ items, ...rest }) =>
        must(
          readFitCase(
            {
              ...{ id: 'c', ...rest },
              items: items.map(([w, at], index) => ({ id: `i${index}`, w, ...(at === null ? {} : { at }) })),
            },
            'case',
          ),
        ),
      );
    const best = (one: FitCase) =>
      layoutsOf(one)
        .flatMap((each) => bestSums(each, fewestOf(one.widths, one.length), one.order.slice(0, 2)) ?? [])
        .map(({ worth }) => worth)
        .sort(compareWorth)[0] ?? null;
    fc.assert(
      fc.property(cases, (one) => {
        const wanted = exhaustiveFit(one);
        expect(best(one)).toEqual(wanted && wanted.slice(0, 2));
      }),
      { numRuns: 400 },
    );
  });
});
