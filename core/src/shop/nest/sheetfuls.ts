import { groupedBy } from '../../document/grouped';
import { Covering } from './covering';
import { SAME } from './nest-types';
import { choosings, layParts, partings, type Filled, type Piece, type Room, type Shape } from './sawn';

/** Sheets with parts, and the parts that have none. */
export interface Laying {
  filled: readonly Filled[];
  left: readonly number[];
}

/** A sheet of a size with as many of each sort on it; the pieces of its tree are told by sort. */
interface Sheetful {
  size: number;
  counts: readonly number[];
  root: Piece;
}

/** In one round the prices are tried from so many starts, each so many times changed a little. */
const STARTS = 16;
const TRIES = 100;
/** Rounds end where the last few of them have not brought so much of a sheet. */
const FEW_ROUNDS = 4;
const LITTLE = 0.01;
/** As long as the best of the last round was worth so much they go on. */
const NEAR = 1.03;
const ROUNDS = { first: 80, later: 10 };
/** As much of sheets, as a share of the largest. */
const TRIFLE = 1e-6;
/** A sheet must be worth so much more than it costs. */
const MORE = 1e-6;
/** So many of those that are found in a round are added, the best; prices keep so much of what they were. */
const BEST = 250;
const STEADY = 0.5;
/** So often in a row it may come to nothing from the start. */
const VAIN = 8;
/** Of more sorts of parts than this the covering takes too long. */
const MOST_SORTS = 300;
/** No more are kept. */
const MOST_KEPT = 2_400;
/** What is left of so many sheets is laid by the search itself. */
const FINISHED = 7.5;

/** What is searched: the parts, the sizes of sheets (as many of each as it takes) with the areas of whole ones, the best that is known, and how what is left at the end is laid. */
export interface SheetfulProblem {
  shapes: readonly Shape[];
  sizes: readonly { room: Room; area: number }[];
  random: () => number;
  known: () => Laying;
  finish: (parts: readonly number[]) => Generator<Laying | null>;
}

/**
 * Looks for less of sheets by whole sheets: which, in shares, would do with the least area (a covering of what is asked), and which
 * others would be worth more than they cost at its prices. Those taken whole stay, and the rest is gone through again. Gives a laying
 * where it has one, and null after every bit of work; ends where even shares would take as much as is known, over and over.
 */
export function* bySheetfuls(problem: SheetfulProblem): Generator<Laying | null, void> {
  const search = new SheetfulSearch(problem);
  if (search.sorts > MOST_SORTS) return;
  for (let vain = 0; vain < VAIN;) {
    const isHopeful = yield* search.attempt();
    vain = isHopeful ? 0 : vain + 1;
  }
}

class SheetfulSearch {
  /** The parts of every sort: alike in size, and in whether they may turn. */
  readonly #sorts: readonly (readonly number[])[];
  readonly #shapes: readonly Shape[];
  /** Of each sort as many as have room on a sheet: which sort each is of. */
  readonly #copies: readonly number[];
  readonly #copied: readonly Shape[];
  readonly #copiesOf: readonly (readonly number[])[];
  /** What a sheet of each size costs, of the largest 1; the room on that, mm². */
  readonly #costs: readonly number[];
  readonly #room: number;
  #kept = new Map<string, Sheetful>();

  constructor(private readonly problem: SheetfulProblem) {
    const { shapes, sizes } = problem;
    const largest = Math.max(...sizes.map(({ area }) => area));
    this.#costs = sizes.map(({ area }) => area / largest);
    this.#room = Math.max(...sizes.map(({ room }) => room.l * room.w));
    const parts = shapes.map((_, part) => part);
    const sorts = groupedBy(parts, (part) => {
      const { l, w, turns } = shapes[part]!;
      return `${l} ${w} ${turns}`;
    });
    this.#sorts = [...sorts.values()];
    this.#shapes = this.#sorts.map(([part]) => shapes[part!]!);
    this.#copies = this.#sorts.flatMap((parts, sort) => {
      const most = Math.floor(this.#room / this.#shapes[sort]!.area + SAME);
      return Array.from({ length: Math.min(parts.length, most) }, () => sort);
    });
    this.#copied = this.#copies.map((sort) => this.#shapes[sort]!);
    this.#copiesOf = this.#sorts.map((_, sort) =>
      this.#copies.flatMap((one, copy) => (one === sort ? [copy] : [])),
    );
  }

  get sorts(): number {
    return this.#sorts.length;
  }

  /** Once through: whether it is worth trying again. */
  *attempt(): Generator<Laying | null, boolean> {
    const { known, finish } = this.problem;
    this.#keepKnown(known());
    const waiting = this.#sorts.map((parts) => [...parts]);
    const fixed: Filled[] = [];
    for (let phase = 0; ; phase++) {
      const left = waiting.map(({ length }) => length);
      const { sum, taken } = yield* this.#covered(left, phase === 0 ? ROUNDS.first : ROUNDS.later);
      // Sheets of one size are whole.
      const least = this.#costOf(fixed) + (this.#costs.length === 1 ? Math.ceil(sum - LITTLE) : sum);
      const isVain = () => least >= this.#costOf(known().filled) - TRIFLE;
      // As much as is known, or more: from the start there is no hope in it, later on another way may be better.
      if (isVain()) return phase > 0;
      if (sum < FINISHED)
        for (const rest of finish(waiting.flat()))
          yield rest && { filled: [...fixed, ...rest.filled], left: rest.left };
      if (isVain()) return true;
      const whole = this.#whole(taken, left);
      if (whole.length === 0) return true;
      for (const one of whole) fixed.push(this.#made(one, (sort) => waiting[sort]!.pop() ?? -1));
      if (waiting.some(({ length }) => length > 0)) continue;
      yield { filled: fixed, left: [] };
      return true;
    }
  }

  /** The sheets of a nest are ones to begin with. */
  #keepKnown({ filled }: Laying): void {
    const sortOf = new Map(this.#sorts.flatMap((parts, sort) => parts.map((part) => [part, sort] as const)));
    for (const { root, room } of filled)
      this.#keep(
        this.#told(
          room.stock,
          retold(root, (part) => sortOf.get(part)!),
        ),
      );
  }

  #costOf(filled: readonly Filled[]): number {
    return filled.reduce((sum, { room }) => sum + this.#costs[room.stock]!, 0);
  }

  #told(size: number, root: Piece): Sheetful {
    const counts = this.#sorts.map(() => 0);
    forEachPart(root, (sort) => (counts[sort] = counts[sort]! + 1));
    return { size, counts, root };
  }

  /** Keeps a sheet; false where there is one with the same on it. */
  #keep(one: Sheetful): boolean {
    const key = `${one.size}: ${one.counts.join(' ')}`;
    if (this.#kept.has(key)) return false;
    this.#kept.set(key, one);
    return true;
  }

  /** Covers what is left, with more sheets as they are found; how many it takes, and which of them how often. */
  *#covered(
    left: readonly number[],
    rounds: number,
  ): Generator<null, { sum: number; taken: readonly { one: Sheetful; share: number }[] }> {
    const rows = left.flatMap((count, sort) => (count > 0 ? [sort] : []));
    const covering = new Covering(rows.map((sort) => left[sort]!));
    const numbers = new Map<number, Sheetful>();
    const add = (one: Sheetful) =>
      numbers.set(
        covering.add(
          rows.map((sort) => Math.min(one.counts[sort]!, left[sort]!)),
          this.#costs[one.size]!,
        ),
        one,
      );
    for (const one of this.#kept.values()) add(one);
    const sums: number[] = [];
    /** What the best of the last round was worth. */
    let most = Infinity;
    // By area at first: what nothing is known of yet is worth that.
    let steady: Float64Array = Float64Array.from(left, (_, sort) => this.#shapes[sort]!.area / this.#room);
    for (let round = 0; round < rounds; round++) {
      covering.solve();
      sums.push(covering.sum);
      const before = sums.at(-1 - FEW_ROUNDS);
      if (most < NEAR && before !== undefined && before - covering.sum < LITTLE) break;
      const prices = new Float64Array(left.length);
      covering.prices.forEach((price, row) => (prices[rows[row]!] = price));
      const tried = steadied(prices, steady);
      const found: { one: Sheetful; worth: number }[] = [];
      for (let start = 0; start < STARTS; start++) {
        found.push(...this.#worthMore(start % 3 === 2 ? prices : tried, prices, left, start));
        yield null;
      }
      found.sort((a, b) => b.worth - a.worth);
      most = found[0]?.worth ?? 1;
      for (const { one } of found.slice(0, BEST)) if (this.#keep(one)) add(one);
      steady = tried;
    }
    covering.solve();
    const taken = covering.taken.flatMap(({ column, share }) => {
      const one = numbers.get(column);
      return one ? [{ one, share }] : [];
    });
    if (this.#kept.size > MOST_KEPT) {
      const used = new Set(taken.map(({ one }) => one));
      const newest = [...this.#kept].slice(-MOST_KEPT / 2);
      this.#kept = new Map([...[...this.#kept].filter(([, one]) => used.has(one)), ...newest]);
    }
    return { sum: covering.sum, taken };
  }

  /** Sheets that are worth more than one at some prices: laid by order of worth, which is changed a little over and over, as it gets better. */
  #worthMore(
    prices: Float64Array,
    asked: Float64Array,
    left: readonly number[],
    start: number,
  ): { one: Sheetful; worth: number }[] {
    const { random, sizes } = this.problem;
    const size = Math.floor(random() * sizes.length);
    const cost = this.#costs[size]!;
    const sorts = left.flatMap((count, sort) => (count > 0 && prices[sort]! > MORE ? [sort] : []));
    const byShape = (sort: number) => {
      const { l, w, area } = this.#shapes[sort]!;
      const price = prices[sort]!;
      return (start % 2 === 0 ? price : price / area) * (start % 4 < 2 ? 1 : Math.max(l, w));
    };
    // Each sort stands twice in the order: so many of it, and the others.
    const runs = left.flatMap((count, sort) => {
      const all = this.#copiesOf[sort]!.slice(0, count);
      const first = Math.ceil(random() * all.length);
      return [all.slice(0, first), all.slice(first)];
    });
    const ends = Uint16Array.from(sorts.flatMap((sort) => [2 * sort, 2 * sort + 1]));
    let keys: Float64Array = new Float64Array(2 * left.length);
    for (const at of ends) keys[at] = byShape(at >> 1) * (1 + 0.6 * (random() - 0.5));
    const found: { one: Sheetful; worth: number }[] = [];
    let most = 0;
    for (let count = 0; count < TRIES; count++) {
      const changed = random() < 0.5 ? 0.3 : 0.05;
      const next = Float64Array.from(keys);
      for (const at of ends) if (random() < changed) next[at] = next[at]! * (1 + 0.8 * (random() - 0.5));
      ends.sort((p, q) => next[q]! - next[p]!);
      const order: number[] = [];
      for (const at of ends) for (const copy of runs[at]!) order.push(copy);
      const [one] = layParts(
        order,
        this.#copied,
        [sizes[size]!.room],
        {
          choosing: choosings[Math.floor(random() * choosings.length)]!,
          parting: partings[Math.floor(random() * partings.length)]!,
          anywhere: false,
        },
        this.#copies,
      ).filled;
      if (!one) break;
      let [worth, own] = [0, 0];
      for (const copy of one.parts) {
        const sort = this.#copies[copy]!;
        worth += prices[sort]!;
        own += asked[sort]!;
      }
      if (worth >= most) [most, keys] = [worth, next];
      if (own > cost * (1 + MORE))
        found.push({
          one: this.#told(
            size,
            retold(one.root, (copy) => this.#copies[copy]!),
          ),
          worth: own / cost,
        });
    }
    return found;
  }

  /** Those that are taken whole, and have all of their parts still; or else the two nearest to it. */
  #whole(taken: readonly { one: Sheetful; share: number }[], before: readonly number[]): Sheetful[] {
    const left = [...before];
    const fixed: Sheetful[] = [];
    const take = (one: Sheetful) => {
      if (one.counts.some((count, sort) => count > left[sort]!)) return;
      one.counts.forEach((count, sort) => (left[sort] = left[sort]! - count));
      fixed.push(one);
    };
    for (const { one, share } of taken)
      for (let times = Math.floor(share + 1e-4); times > 0; times--) take(one);
    if (fixed.length > 0) return fixed;
    const byShare = [...taken].sort((a, b) => b.share - a.share);
    for (const { one } of byShare) if (fixed.length < 2) take(one);
    // What covers more than is left has its parts as far as they go.
    return fixed.length > 0 ? fixed : byShare.slice(0, 1).map(({ one }) => one);
  }

  /** A sheet with parts of its sorts on it; where none is left it stays free. */
  #made({ root, size }: Sheetful, part: (sort: number) => number): Filled {
    const own = retold(root, part);
    const parts: number[] = [];
    forEachPart(own, (one) => parts.push(one));
    const used = parts.reduce((sum, one) => sum + this.problem.shapes[one]!.area, 0);
    return { room: this.problem.sizes[size]!.room, root: own, parts, used };
  }
}

/** Prices between what they were and what they are: they swing less, and less is looked for in vain. */
const steadied = (prices: Float64Array, before: Float64Array): Float64Array =>
  prices.map((price, at) => STEADY * before[at]! + (1 - STEADY) * price);

/** A tree of pieces with its parts told otherwise; none of it where that is less than 0. */
export function retold(piece: Piece, tell: (part: number) => number): Piece {
  if (piece.sawn) return { ...piece, first: retold(piece.first!, tell), second: retold(piece.second!, tell) };
  const part = piece.part < 0 ? -1 : tell(piece.part);
  return { ...piece, part, turned: part >= 0 && piece.turned };
}

function forEachPart(piece: Piece, each: (part: number) => void): void {
  if (piece.sawn) {
    forEachPart(piece.first!, each);
    forEachPart(piece.second!, each);
  } else if (piece.part >= 0) each(piece.part);
}
