import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { exhaustiveFit } from '../../../testing/exhaustive-fit';
import { must } from '../../result';
import { Budget } from '../budget';
import { compareWorth, worthOf, type Placed } from './arrangement';
import { readFitCase, type FitCase, type FitCriterion } from './fit-case';
import { Fold } from './fold';
import { layoutsOf } from './layout';
import { bestSums, fewestOf } from './sums';

/** A budget that counts what is taken of it. */
class Counted extends Budget {
  states = 0;
  override spend(): boolean {
    this.states += 1;
    return super.spend();
  }
}

interface Folded {
  worth: number[] | null;
  row: readonly Placed[];
  states: number;
  isProof: boolean;
}

/** A case folded about its centre line in each of its layouts; the best of them. Widths in steps. */
function folded(one: FitCase, most = Infinity): Folded {
  const step = (mm: number) => Math.round(mm / one.step);
  const length = step(one.length);
  const widths = one.widths.map(step).filter((width) => width <= length);
  const order = one.order.filter((criterion) => criterion !== 'widths');
  const fewest = fewestOf(widths, length);
  const budget = new Counted(most, 60_000);
  let best: { worth: number[]; row: Placed[] } | null = null;
  for (const layout of layoutsOf(one)) {
    const sums = bestSums(layout, fewest, order);
    if (!sums) continue;
    const centre = one.centre2! / one.step;
    const found = new Fold(
      layout,
      length,
      centre,
      widths,
      order,
      fewest,
      budget,
      step,
      sums.worth[0]!,
    ).best();
    if (found && (!best || compareWorth(found.worth, best.worth) < 0)) best = found;
  }
  return { worth: best?.worth ?? null, row: best?.row ?? [], states: budget.states, isProof: budget.isProof };
}

const read = (raw: object): FitCase => must(readFitCase({ id: 'c', ...raw }, 'case'));
const none = { min: 0, max: 0 };
const shown = ({ row }: Folded) =>
  row.map(({ kind, w, id }) => (kind === 'filler' ? `(${w})` : (id ?? w))).join(' ');

const limits = fc
  .tuple(fc.nat(2), fc.nat(3), fc.boolean())
  .map(([min, more, optional]) => ({ min, max: min + more, optional }));
/** Rows of many pieces about a line not far from their middle, with things that stay and things that do not. */
const mirrored = fc
  .record({
    length: fc.integer({ min: 8, max: 17 }),
    widths: fc.uniqueArray(fc.integer({ min: 2, max: 6 }), { minLength: 2, maxLength: 3 }),
    ends: fc.tuple(fc.oneof(limits, fc.constant(none)), fc.oneof(limits, fc.constant(none))),
    inner: fc.option(limits, { freq: 2 }),
    off: fc.integer({ min: -5, max: 5 }),
    order: fc.constantFrom<FitCriterion[]>(
      ...([
        ['symmetry', 'filler', 'items'],
        ['symmetry', 'items', 'filler'],
        ['filler', 'symmetry', 'items'],
      ] as FitCriterion[][]),
      ...([
        ['filler', 'items', 'symmetry'],
        ['items', 'symmetry', 'filler'],
        ['items', 'filler', 'symmetry'],
      ] as FitCriterion[][]),
    ),
    items: fc.array(fc.tuple(fc.integer({ min: 1, max: 4 }), fc.option(fc.nat(16), { freq: 2 })), {
      maxLength: 3,
    }),
  })
  .map(({ items, off, ...rest }) =>
    read({
      ...{ ...rest, centre2: rest.length + off },
      items: items.map(([w, at], index) => ({ id: `i${index}`, w, ...(at === null ? {} : { at }) })),
    }),
  );

const foldOrders: FitCriterion[][] = [
  ['symmetry', 'filler', 'items'],
  ['symmetry', 'items', 'filler'],
  ['filler', 'symmetry', 'items'],
  ['items', 'symmetry', 'filler'],
];
const someOf = fc.array(fc.nat(2), { maxLength: 2, size: 'max' });
/** A row that can be, with two things in their places, what is between them closed by a filler, and perhaps a thing that may stand anywhere. */
const between = fc
  .record({
    widths: fc.uniqueArray(fc.integer({ min: 2, max: 5 }), { minLength: 3, maxLength: 3 }),
    stretches: fc.tuple(someOf, someOf, someOf),
    fillers: fc.tuple(fc.nat(2), fc.nat(3), fc.nat(2)),
    more: fc.tuple(fc.nat(1), fc.nat(2), fc.nat(1)),
    things: fc.tuple(fc.integer({ min: 1, max: 3 }), fc.integer({ min: 1, max: 3 })),
    free: fc.option(fc.tuple(fc.integer({ min: 1, max: 3 }), fc.nat(2))),
    off: fc.integer({ min: -4, max: 4 }),
    order: fc.constantFrom(...foldOrders),
  })
  .map(({ widths, stretches, fillers: [left, inner, right], more, things, free, off, order }) => {
    const [before, middle, after] = stretches.map(
      (stretch, index) =>
        stretch.reduce((sum, one) => sum + widths[one]!, 0) + (free && free[1] === index ? free[0] : 0),
    ) as [number, number, number];
    const first = left + before;
    const second = first + things[0] + middle + inner;
    const length = second + things[1] + after + right;
    const limit = (least: number, most: number) => ({ min: least, max: least + most });
    return read({
      ...{ length, widths, order, centre2: length + off, inner: limit(inner, more[1]) },
      ends: [limit(left, more[0]), limit(right, more[2])],
      items: [
        { id: 'a', w: things[0], at: first },
        { id: 'b', w: things[1], at: second },
        ...(free ? [{ id: 'c', w: free[0] }] : []),
      ],
    });
  })
  // Every row of a longer one takes long to write out.
  .filter(({ length }) => length <= 13);

describe('a row folded about its centre line', () => {
  it('is as good as the best of every row there is, and worth what it says', () => {
    fc.assert(
      fc.property(fc.oneof(mirrored, mirrored, between), (one) => {
        const found = folded(one);
        const wanted = exhaustiveFit(one);
        // The number of widths is not its business, and comes last of all.
        expect(one.order.at(-1)).toBe('widths');
        expect(found.worth).toEqual(wanted && wanted.slice(0, 3));
        if (!found.worth) return;
        expect(found.row.reduce((sum, { w }) => sum + w, 0)).toBe(one.length);
        const values = worthOf(found.row, one.length, one.centre2);
        expect(one.order.slice(0, 3).map((criterion) => values[criterion])).toEqual(found.worth);
      }),
      { numRuns: 700 },
    );
  });

  it('takes no more states than it took when this was written', () => {
    const states = (cases: fc.Arbitrary<FitCase>, order: FitCriterion[]) =>
      fc
        .sample(cases, { numRuns: 400, seed: 11 })
        .reduce((sum, one) => sum + folded({ ...one, order: [...order, 'widths'] }).states, 0);
    const taken = [
      [16_056, 8_737],
      [21_022, 8_954],
      [9_307, 6_784],
      [21_022, 8_954],
    ];
    foldOrders.forEach((order, index) => {
      expect(states(mirrored, order)).toBeLessThanOrEqual(taken[index]![0]!);
      expect(states(between, order)).toBeLessThanOrEqual(taken[index]![1]!);
    });
  });

  it('is a row by hand: about the middle, off it, and over a piece that stays', () => {
    const plain = { length: 2200, widths: [600, 1000], ends: [none, none], order: ['symmetry', 'items'] };
    expect(shown(folded(read({ ...plain, centre2: 2200 })))).toBe('600 1000 600');
    // About 1000 the row of 2600 is alike as far as the line reaches: what lies over 2000 is mirrored nowhere.
    const off = folded(read({ ...plain, length: 2600, widths: [600, 1000, 400], centre2: 2000 }));
    expect([shown(off), off.worth]).toEqual(['1000 1000 600', [0, 3, 0]]);
    const sink = [{ id: 'sink', w: 800, at: 900 }];
    const over = folded(
      read({ ...plain, length: 2600, widths: [300, 450, 600, 900], items: sink, centre2: 2600 }),
    );
    expect([shown(over), over.worth]).toEqual(['900 sink 900', [0, 2, 0]]);
    // 200 off the line, each of its two joints is 400 from the other one's mirror, if nothing else stands there.
    const aside = folded(
      read({ ...plain, widths: [700, 1100], length: 2600, items: [{ ...sink[0], at: 700 }], centre2: 2600 }),
    );
    expect([shown(aside), aside.worth]).toEqual(['700 sink 1100', [800, 2, 0]]);
  });

  it('shares its end fillers alike before it takes the least of them, where symmetry comes first', () => {
    const ends = [
      { min: 20, max: 60 },
      { min: 20, max: 100 },
    ];
    const one = { length: 1300, widths: [600], ends, centre2: 1300 };
    expect(shown(folded(read({ ...one, order: ['symmetry', 'filler'] })))).toBe('(50) 600 600 (50)');
    const less = { ...one, length: 1290, widths: [600, 620], order: ['filler', 'symmetry'] };
    expect(shown(folded(read({ ...less, centre2: 1290 })))).toBe('(25) 620 620 (25)');
    // About a line 5 aside of the middle the fillers are as far from alike.
    expect(shown(folded(read(less)))).toBe('(30) 620 620 (20)');
  });

  describe('of very many pairs of end fillers', () => {
    const ends = [
      { min: 20, max: 100, optional: true },
      { min: 20, max: 100, optional: true },
    ];
    const one = { step: 0.1, length: 2465, widths: [600, 450], ends, centre2: 2465 };

    it('tries those alike about the line, and does not call it proven', () => {
      const found = folded(read({ ...one, order: ['symmetry', 'filler', 'items'] }));
      expect([shown(found), found.isProof]).toEqual(['(325) 6000 6000 6000 6000 (325)', false]);
    });

    it('tries all that are little enough where the least filler comes first, and calls it proven', () => {
      const found = folded(read({ ...one, order: ['filler', 'symmetry', 'items'] }));
      expect([shown(found), found.isProof]).toEqual(['(325) 6000 6000 6000 6000 (325)', true]);
    });
  });

  it('ends where its budget does, with what it has by then', () => {
    const one = read({
      length: 30,
      widths: [2, 3, 5],
      ends: [none, none],
      centre2: 29,
      order: ['symmetry', 'items'],
    });
    const whole = folded(one);
    expect([whole.worth !== null, whole.isProof]).toEqual([true, true]);
    const short = folded(one, whole.states);
    expect([short.worth, short.isProof]).toEqual([null, false]);
    expect(folded(one, whole.states + 1).worth).toEqual(whole.worth);
  });

  it('does not go deeper than its pieces may be many', () => {
    const row = (length: number) =>
      folded(read({ length, widths: [1], ends: [none, none], centre2: length, order: ['symmetry'] }));
    expect([row(2500).worth, row(2500).isProof]).toEqual([[0, 0, 2500], true]);
    expect([row(2502).worth, row(2502).isProof]).toEqual([null, false]);
  });
});
