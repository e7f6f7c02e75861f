import { compareWorth, worthIn, worthOf, type FitValues, type Placed } from './arrangement';
import { Budget } from '../budget';
import { combinations } from '../combinations';
import type { FitCase, FitCriterion } from './fit-case';
import { Fold } from './fold';
import { layoutsOf, type Layout } from './layout';
import { improved } from './improve';
import { bestSums, fewestOf, type StretchFill } from './sums';

/** The best way to fill a run, from left to right, widths in mm; and whether nothing better can be. */
export interface Fitted {
  id: string;
  arrangement: readonly ({ kind: 'cabinet' | 'filler'; w: number } | { kind: 'item'; id: string })[] | null;
  values: FitValues | null;
  proven: boolean;
}

/** A search may take so many states and milliseconds; sets of widths, and making the best so far better, so many more. */
const MOST_STATES = 1_200_000;
const TIME_TO_FOLD = 450;
const TIME_FOR_SETS = 250;
const TIME_TO_IMPROVE = 120;

interface Candidate {
  worth: readonly number[];
  row: readonly Placed[];
}

/**
 * The best arrangement of a case. What only sums decide (fillers, different widths, number of cabinets) is found exactly over the lengths that widths can
 * make; where a centre line asks for symmetry too, by dynamic programming from both ends to it. The widths are tried in sets, the fewest first. Where the
 * budget does not reach, the best so far is made better by exchanging neighbours, and said not to be proven.
 */
export function fit(one: FitCase): Fitted {
  const search = new FitSearch(one);
  return search.run();
}

class FitSearch {
  private readonly length: number;
  private readonly widths: readonly number[];
  /** The centre line, where joints can be mirrored at it. */
  private readonly centre2: number | null;
  private readonly layouts: readonly Layout[];
  /** The criteria but for the number of widths, which the sets decide; and how many of them come before it. */
  private readonly others: readonly Exclude<FitCriterion, 'widths'>[];
  private readonly before: number;
  private readonly wholly = new Budget(MOST_STATES / 2, TIME_TO_FOLD / 2);
  private folding = this.wholly;
  private readonly trying = new Budget(Infinity, TIME_FOR_SETS + TIME_TO_FOLD);

  constructor(private readonly one: FitCase) {
    this.length = this.step(one.length);
    this.widths = one.widths.map((width) => this.step(width)).filter((width) => width <= this.length);
    // A line on a step is on it exactly: places as far from it are then equally far.
    const centre2 = one.centre2 === null ? null : Math.round((one.centre2 / one.step) * 1e6) / 1e6;
    this.centre2 = centre2 !== null && centre2 > 0 && centre2 < 2 * this.length ? centre2 : null;
    this.layouts = layoutsOf(one);
    this.others = one.order.filter((criterion) => criterion !== 'widths');
    this.before = one.order.indexOf('widths');
  }

  run(): Fitted {
    const { id } = this.one;
    const isFirst = this.others.indexOf('symmetry') < this.before;
    const whole = this.bestWith(this.widths, isFirst, null);
    if (!whole) return { id, arrangement: null, values: null, proven: true };
    const wanted = whole.worth.slice(0, this.before);
    const share = isFirst && this.before > 0 ? 0.5 : 1;
    this.folding = new Budget(MOST_STATES * share, TIME_TO_FOLD * share);
    let best = whole;
    let reached = false;
    for (let size = 0; size < this.widths.length && !(reached && this.wholly.isProof); size++) {
      for (const set of combinations(this.widths, size)) {
        if (!this.trying.spend()) break;
        const found = this.bestWith(set, true, wanted);
        if (!found || compareWorth(found.worth.slice(0, this.before), wanted) > 0) continue;
        reached = true;
        if (this.compare(found, best) < 0) best = found;
      }
    }
    if (!reached) {
      const all = this.bestWith(this.widths, true, wanted);
      if (all && this.compare(all, best) < 0) best = all;
    }
    const proven = this.folding.isProof && this.wholly.isProof && this.trying.isProof && this.isExact();
    if (!proven && this.centre2 !== null)
      best = improved(
        best.row,
        this.length,
        this.centre2,
        this.one.order,
        this.layouts,
        new Budget(Infinity, TIME_TO_IMPROVE),
      );
    return { id, ...this.inMillimetres(best.row), proven };
  }

  /** What a fold sets as one piece has no joints within. */
  private isExact(): boolean {
    return (
      this.centre2 === null || this.layouts.every(({ free }) => free.every(({ items }) => items.length === 1))
    );
  }

  /** The best of all layouts with these widths; null where nothing can be, or what sums alone decide is worse than wanted. */
  private bestWith(
    set: readonly number[],
    folds: boolean,
    wanted: readonly number[] | null,
  ): Candidate | null {
    const fewest = fewestOf(set, this.length);
    const sure = wanted === null ? 0 : Math.min(wanted.length, this.others.indexOf('symmetry'));
    let best: Candidate | null = null;
    for (const layout of this.layouts) {
      const sums = bestSums(layout, fewest, this.others);
      if (!sums || (wanted && compareWorth(sums.worth.slice(0, sure), wanted.slice(0, sure)) > 0)) continue;
      const row = rowOf(layout, sums.fills, fewest, set, this.step);
      const made: Candidate[] = [{ row, worth: this.worthOf(row) }];
      const folded = folds ? this.folded(layout, set, fewest, sums.worth[0]!) : null;
      if (folded) made.push({ row: folded, worth: this.worthOf(folded) });
      for (const one of made) if (!best || compareWorth(one.worth, best.worth) < 0) best = one;
    }
    return best;
  }

  private folded(layout: Layout, set: readonly number[], fewest: Int32Array, first: number): Placed[] | null {
    if (this.centre2 === null || this.folding.isSpent) return null;
    const fold = new Fold(
      layout,
      this.length,
      this.centre2,
      set,
      this.others,
      fewest,
      this.folding,
      this.step,
      first,
    );
    const found = fold.best();
    return found && expanded(found.row, layout, this.step);
  }

  private worthOf(row: readonly Placed[]): number[] {
    const values = worthOf(row, this.length, this.centre2);
    return this.others.map((criterion) => values[criterion]);
  }

  private compare(a: Candidate, b: Candidate): number {
    const worth = ({ row }: Candidate) => worthIn(worthOf(row, this.length, this.centre2), this.one.order);
    return compareWorth(worth(a), worth(b));
  }

  private readonly step = (mm: number): number => Math.round(mm / this.one.step);

  private inMillimetres(row: readonly Placed[]): Pick<Fitted, 'arrangement' | 'values'> {
    const mm = (steps: number) => Math.round(steps * this.one.step * 1e9) / 1e9;
    const values = worthOf(row, this.length, this.centre2);
    return {
      arrangement: row.map(({ kind, w, id }) => (kind === 'item' ? { kind, id: id! } : { kind, w: mm(w) })),
      values: { ...values, filler: mm(values.filler), symmetry: mm(values.symmetry) },
    };
  }
}

/** A row of the stretches of a layout, each with its blocks first and its cabinets, the widest first, after them. */
function rowOf(
  { anchored, free }: Layout,
  fills: readonly StretchFill[],
  fewest: Int32Array,
  widths: readonly number[],
  step: (mm: number) => number,
): Placed[] {
  const itemsOf = (items: readonly { id: string; w: number }[]): Placed[] =>
    items.map(({ id, w }) => ({ kind: 'item', w: step(w), id }));
  const filler = (w: number): Placed[] => (w > 0 ? [{ kind: 'filler', w }] : []);
  return fills.flatMap(({ blocks, left, right, cabinets }, index) => {
    const row: Placed[] = [
      ...filler(left),
      ...free.flatMap(({ items }, bit) => (blocks & (1 << bit) ? itemsOf(items) : [])),
    ];
    for (let at = cabinets; at > 0;) {
      const width = widths.find((w) => w <= at && fewest[at - w]! === fewest[at]! - 1)!;
      row.push({ kind: 'cabinet', w: width });
      at -= width;
    }
    return [...row, ...filler(right), ...itemsOf(anchored[index]?.block.items ?? [])];
  });
}

/** A row in which free blocks of several items are those items. */
function expanded(row: readonly Placed[], { free }: Layout, step: (mm: number) => number): Placed[] {
  return row.flatMap((piece): Placed[] => {
    const block = free.find(({ items }) => items.length > 1 && items[0]!.id === piece.id);
    return block ? block.items.map(({ id, w }) => ({ kind: 'item', w: step(w), id })) : [piece];
  });
}
