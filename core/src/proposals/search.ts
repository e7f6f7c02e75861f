import {
  IN_LINE,
  type Criterion,
  type Filling,
  type FilledSegment,
  type FillProblem,
  type FillSegment,
} from './fill-problem';
import { TICKS, ticks, valuesOf } from './fill-values';
import { segmentOptions, type SegmentOption } from './segment-options';
import { compositions, type Compositions } from './compositions';
import { Budget } from './budget';
import { combinations } from './combinations';

const LINE = ticks(IN_LINE);

/** A search may take so many states and milliseconds; what it leaves open, few widths at a time are tried for, each so many states. */
const MOST_STATES = 3_000_000;
const TIME_TO_SEARCH = 300;
const TIME_FOR_FEW = 200;
const STATES_FOR_FEW = 4_000;

/** The best fillings that were found, and whether it is proven that nothing is better. */
export interface Found {
  fillings: readonly Filling[];
  proven: boolean;
}

/**
 * The best ways to fill one of several problems, the best first, no two of the same worth: criteria are taken one after the other
 * in the order given. A branch is left only where a bound of every criterion shows that nothing better lies in it, so that what is found within the
 * budget is the best there is; else few widths at a time are tried, and it is said that nothing is proven. Of fillings worth the same it gives the one
 * with the widest cabinets first.
 */
export function bestFillings(
  problems: readonly FillProblem[],
  order: readonly Criterion[],
  most: number,
  budget = new Budget(MOST_STATES, TIME_TO_SEARCH),
): Found {
  const best: Ranked[] = [];
  problems.forEach((problem, index) => new FillSearch(problem, index, order, most, best, budget).run());
  if (!budget.isProof) {
    const until = new Budget(Infinity, TIME_FOR_FEW);
    for (const size of [1, 2, 3])
      problems.forEach((problem, index) => {
        for (const few of combinations(problem.pieces, size)) {
          if (!until.hasTime()) return;
          const pieces = problem.pieces.map((piece) =>
            few.includes(piece) ? piece : { ...piece, width: Infinity },
          );
          const own = new Budget(STATES_FOR_FEW, TIME_FOR_FEW);
          new FillSearch({ ...problem, pieces }, index, order, most, best, own).run();
        }
      });
  }
  return { fillings: best.map(({ filling }) => filling), proven: budget.isProof };
}

interface Ranked {
  worth: readonly number[];
  filling: Filling;
}

/** What is still to come, at the least; filler in ticks. */
interface Rest {
  filler: number;
  items: number;
  price: number;
}

/** The segment that is being filled: its fillers, ticks, what comes after it, whether it takes nothing. */
interface SegmentAt {
  index: number;
  left: number;
  right: number;
  rest: Rest;
  empty: boolean;
}

/** What has still to be set in a segment: so much of cabinets, ticks, and loose things, a bit each. */
interface ToSet {
  cabinets: number;
  loose: number;
}

/** Which of two lists of values comes first. */
function compare(a: readonly number[], b: readonly number[]): number {
  for (let i = 0; i < a.length; i++) if (a[i] !== b[i]) return a[i]! - b[i]!;
  return 0;
}

/** Depth first, from the left end to the right, over how much of each segment cabinets take, where the rest goes, and their order. */
class FillSearch {
  private readonly made: Compositions;
  private readonly options: readonly (readonly SegmentOption[])[];
  /** The least filler, items and price of the segments from one on. */
  private readonly rest: Rest[] = [];
  private readonly fixed: readonly number[];
  private readonly aligned: readonly number[];
  private readonly centre: { twice: number; from: number; to: number } | null;
  /** Joints so far, left to right. */
  private readonly joints: number[] = [];
  private readonly filled: FilledSegment[] = [];
  private pieces: number[] = [];
  private filler: number;
  private price: number;
  private items: number;
  /** How often each width is used. */
  private readonly used = new Map<number, number>();
  private readonly widths: readonly number[];
  private readonly loose: readonly number[];
  private readonly allLoose: number;
  /** The loose things that stand already, a bit each. */
  private placed = 0;

  constructor(
    private readonly problem: FillProblem,
    private readonly index: number,
    private readonly order: readonly Criterion[],
    private readonly most: number,
    private readonly best: Ranked[],
    private readonly budget: Budget,
  ) {
    const { pieces, segments, decided, centre } = problem;
    this.made = compositions(pieces);
    this.widths = pieces.map(({ width }) => ticks(width));
    this.loose = problem.loose.map(ticks);
    this.allLoose = (1 << this.loose.length) - 1;
    this.options = segments.map((segment) => this.optionsOf(segment));
    let rest = { filler: 0, items: 0, price: 0 };
    this.rest[segments.length] = rest;
    for (let i = segments.length - 1; i >= 0; i--) {
      const least = (of: (option: SegmentOption) => number) => Math.min(...this.options[i]!.map(of));
      rest = {
        filler: rest.filler + least(({ left, right }) => left + right),
        items: rest.items + least(({ total }) => this.made.of(total)!.items),
        price: rest.price + least(({ total }) => this.made.of(total)!.price),
      };
      this.rest[i] = rest;
    }
    this.fixed = problem.joints.map(ticks);
    this.aligned = problem.aligned.map(ticks);
    this.centre = centre && {
      twice: 2 * ticks(centre.at),
      from: ticks(centre.from),
      to: ticks(centre.to),
    };
    this.filler = ticks(decided.filler);
    this.price = decided.price;
    this.items = decided.widths.length;
    for (const width of decided.widths) this.use(ticks(width), 1);
  }

  run(): void {
    if (this.options.every((options) => options.length > 0)) this.segment(0, -Infinity, 0, 0);
  }

  /** The ways to fill a segment, whichever loose things stand in it. */
  private optionsOf(segment: FillSegment): SegmentOption[] {
    const { made, problem, loose, allLoose } = this;
    return Array.from({ length: allLoose + 1 }, (_, some) => {
      const wide = loose.reduce((sum, width, index) => sum + (some & (1 << index) ? width : 0), 0);
      return segmentOptions(segment, made, problem.filler, some, wide);
    }).flat();
  }

  private use(width: number, by: 1 | -1): void {
    const times = (this.used.get(width) ?? 0) + by;
    if (times > 0) this.used.set(width, times);
    else this.used.delete(width);
  }

  /** Fills the segments from one on; `known` is the place up to which it is decided where joints are, with so many amiss. */
  private segment(index: number, known: number, crooked: number, unaligned: number): void {
    const next = this.problem.segments[index];
    const before = this.joints.length;
    const until = next ? ticks(next.from) : Infinity;
    for (const joint of this.fixed) if (joint <= until) this.push(joint);
    const end = next ? until : Infinity;
    crooked += this.crookedBetween(known, next ? until : Infinity, before);
    unaligned += this.unalignedBetween(known, end);
    if (!next) {
      if (this.placed === this.allLoose) this.take(crooked, unaligned);
    } else if (!this.isHopeless(this.rest[index]!, crooked, unaligned)) {
      const rest = this.rest[index + 1]!;
      const outer = this.pieces;
      const isLast = index === this.problem.segments.length - 1;
      for (const { total, loose, left, right } of this.options[index]!) {
        if (loose & this.placed || (isLast && (loose | this.placed) !== this.allLoose)) continue;
        this.filler += left + right;
        this.placed |= loose;
        this.pieces = [];
        const at = { index, left, right, rest, empty: total === 0 && loose === 0 };
        this.compose({ cabinets: total, loose }, until + left, at, end, crooked, unaligned);
        this.placed &= ~loose;
        this.filler -= left + right;
      }
      this.pieces = outer;
    }
    this.joints.length = before;
  }

  /** Sets cabinets side by side from a place on until nothing is left over. */
  private compose(
    left: ToSet,
    at: number,
    segment: SegmentAt,
    known: number,
    crooked: number,
    unaligned: number,
  ): void {
    const before = this.joints.length;
    if (!segment.empty) this.push(at);
    crooked += this.crookedBetween(known, at, before);
    unaligned += this.unalignedBetween(known, at);
    const least = this.made.of(left.cabinets)!;
    const { rest } = segment;
    const bound = { filler: rest.filler, items: rest.items + least.items, price: rest.price + least.price };
    if (!this.isHopeless(bound, crooked, unaligned)) {
      if (left.cabinets === 0 && left.loose === 0) {
        this.filled.push({
          left: segment.left / TICKS,
          pieces: [...this.pieces],
          right: segment.right / TICKS,
        });
        const pieces = this.pieces;
        this.segment(segment.index + 1, at, crooked, unaligned);
        this.pieces = pieces;
        this.filled.pop();
      } else {
        for (const piece of this.made.widest) {
          const width = this.widths[piece]!;
          if (width > left.cabinets || !this.made.of(left.cabinets - width)) continue;
          this.pieces.push(piece);
          this.use(width, 1);
          this.items += 1;
          this.price += this.problem.pieces[piece]!.price;
          const still = { ...left, cabinets: left.cabinets - width };
          this.compose(still, at + width, segment, at, crooked, unaligned);
          this.price -= this.problem.pieces[piece]!.price;
          this.items -= 1;
          this.use(width, -1);
          this.pieces.pop();
        }
        this.loose.forEach((width, index) => {
          if (!(left.loose & (1 << index))) return;
          this.pieces.push(-1 - index);
          const still = { ...left, loose: left.loose & ~(1 << index) };
          this.compose(still, at + width, segment, at, crooked, unaligned);
          this.pieces.pop();
        });
      }
    }
    this.joints.length = before;
  }

  /** Whether nothing that begins so can be among the best; `rest` is the least that is still to come. */
  private isHopeless(rest: Rest, crooked: number, unaligned: number): boolean {
    if (!this.budget.spend()) return true;
    if (this.best.length < this.most) return false;
    const worst = this.best[this.best.length - 1]!.worth;
    for (let i = 0; i < this.order.length; i++) {
      const bound = this.bound(this.order[i]!, rest, crooked, unaligned);
      if (bound !== worst[i]) return bound > worst[i]!;
    }
    return true;
  }

  private bound(criterion: Criterion, rest: Rest, crooked: number, unaligned: number): number {
    switch (criterion) {
      case 'filler':
        return this.filler + rest.filler;
      case 'symmetry':
        return crooked / TICKS;
      case 'items':
        return this.items + rest.items;
      case 'widths':
        return this.used.size;
      case 'alignment':
        return unaligned;
      case 'price':
        return this.price + rest.price;
    }
  }

  private take(crooked: number, unaligned: number): void {
    const nothing = { filler: 0, items: 0, price: 0 };
    const worth = this.order.map((criterion) => this.bound(criterion, nothing, crooked, unaligned));
    const place = this.best.findIndex((other) => compare(other.worth, worth) >= 0);
    if (place >= 0 && compare(this.best[place]!.worth, worth) === 0) return;
    if (place < 0 && this.best.length >= this.most) return;
    const segments = [...this.filled];
    const filling = { problem: this.index, segments, values: valuesOf(this.problem, segments) };
    this.best.splice(place < 0 ? this.best.length : place, 0, { worth, filling });
    this.best.length = Math.min(this.best.length, this.most);
  }

  /** How far mirrored joints, about which all is known when what is known goes from one place to another, are from the nearest joint; joints from `before` on are new. */
  private crookedBetween(known: number, to: number, before: number): number {
    if (!this.centre) return 0;
    const { twice, from: first, to: last } = this.centre;
    let found = 0;
    this.joints.forEach((joint, index) => {
      const mirrored = twice - joint;
      if (joint <= first || joint >= last || mirrored <= first || mirrored >= last) return;
      if (mirrored > to || (index < before && mirrored <= known)) return;
      found += this.toJoint(mirrored, first, last);
    });
    return found;
  }

  /** How far a place is from the nearest joint so far, or end. */
  private toJoint(place: number, first: number, last: number): number {
    let nearest = Math.min(place - first, last - place);
    for (let i = this.joints.length - 1; i >= 0; i--) {
      const away = this.joints[i]! - place;
      nearest = Math.min(nearest, Math.abs(away));
      if (away <= -nearest) break;
    }
    return nearest;
  }

  private unalignedBetween(known: number, to: number): number {
    let found = 0;
    for (const place of this.aligned)
      if (place > known - LINE && place <= to - LINE && !this.hasJoint(place)) found += 1;
    return found;
  }

  private push(joint: number): void {
    if (joint > (this.joints.at(-1) ?? -Infinity)) this.joints.push(joint);
  }

  private hasJoint(place: number): boolean {
    for (let i = this.joints.length - 1; i >= 0; i--) {
      const joint = this.joints[i]!;
      if (Math.abs(joint - place) <= LINE) return true;
      if (joint < place - LINE) return false;
    }
    return false;
  }
}
