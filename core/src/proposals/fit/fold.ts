import { compareWorth, type Placed } from './arrangement';
import type { Budget } from '../budget';
import type { FitCriterion } from './fit-case';
import type { Layout, Stretch } from './layout';

/** What comes after a state, at its best, and the piece it begins with. */
interface Best {
  worth: number[];
  set: { side: 'left' | 'right'; piece: Placed } | null;
  next: Best | null;
}
/** A piece that a side can set next. */
interface Move {
  piece: Placed;
  /** The free blocks that stand then, and whether the side's stretch has its filler. */
  mask: number;
  used: boolean;
  /** Whether it is what the other side alone can have, and the last of all. */
  last: boolean;
}
interface State {
  /** What is filled, from the left end and from the right. */
  left: number;
  right: number;
  /** How far from the centre the last piece of the side that is nearer to it began, doubled. */
  upper: number;
  /** Free blocks that stand already. */
  mask: number;
  /** Whether the stretch that either side is in has its filler. */
  usedLeft: boolean;
  usedRight: boolean;
  /** Where a piece over the centre line began, doubled, from the centre; once there is one only the other side goes on. */
  over: { side: 'left' | 'right'; began: number } | null;
}

/**
 * The arrangement of a layout that is least in a list of values with its symmetry among them: exact, by dynamic programming from both ends to the centre line.
 * The side that is farther from the centre sets the next piece; so a joint is followed by joints on both sides of its mirrored place as soon as the other side
 * has passed it, and what is still to come depends on where the two sides stand, and on no more of what was set.
 * Places are in steps; distances from the centre are doubled, for the centre may lie between steps.
 */
export class Fold {
  private readonly known = new Map<string, Best | null>();
  private readonly whole: number;
  /** The fillers at both ends, set before anything else is. */
  private fillerLeft = 0;
  private fillerRight = 0;
  private readonly forcedLeft = new Map<number, Placed>();
  private readonly forcedRight = new Map<number, Placed>();
  /** Which lengths cabinets and free blocks can fill, without a filler and with one of the inner ones. */
  private readonly plain: Uint8Array;
  private readonly filled: Uint8Array;

  constructor(
    private readonly layout: Layout,
    private readonly length: number,
    private readonly centre2: number,
    private readonly widths: readonly number[],
    private readonly order: readonly Exclude<FitCriterion, 'widths'>[],
    fewest: Int32Array,
    private readonly budget: Budget,
    step: (mm: number) => number,
    /** No more filler than this is wanted, where that comes first. */
    private readonly mostFiller: number,
  ) {
    const { anchored, stretches, free } = layout;
    this.whole = (1 << free.length) - 1;
    for (const { block, at } of anchored) {
      let place = at;
      for (const { id, w } of block.items) {
        const piece: Placed = { kind: 'item', w: step(w), id };
        this.forcedLeft.set(place, piece);
        place += piece.w;
        this.forcedRight.set(place, piece);
      }
    }
    const either = [...new Set(stretches.flatMap((stretch) => stretch.either))];
    this.plain = Uint8Array.from(fewest, (count) => (count >= 0 ? 1 : 0));
    for (const { w } of free)
      for (let at = this.length; at >= w; at--) if (this.plain[at - w]) this.plain[at] = 1;
    this.filled = Uint8Array.from(this.plain);
    for (const width of either)
      for (let at = width; at <= this.length; at++) if (this.plain[at - width]) this.filled[at] = 1;
  }

  /** The best arrangement, or null where there is none or the budget ran out. */
  best(): { worth: number[]; row: Placed[] } | null {
    const { stretches } = this.layout;
    const [first, last] = [stretches[0]!, stretches.at(-1)!];
    const fillerAt = this.order.indexOf('filler');
    const crookedAt = this.order.indexOf('symmetry');
    const off = (a: number, b: number) =>
      Math.abs(this.centre2 - 2 * a - (2 * (this.length - b) - this.centre2));
    const fits = ({ a, b }: { a: number; b: number }) =>
      stretches.length > 1 || this.plain[this.length - a - b] === 1;
    const many = first.left.length * last.right.length > MOST_PAIRS;
    // Of very many pairs only those that lie alike about the centre line, and those that leave the least.
    const inverse = (a: number) =>
      [...last.right]
        .sort((p, q) => off(a, p) - off(a, q) || p - q)
        .slice(0, Math.ceil(MOST_PAIRS / 20 / first.left.length));
    const most = fillerAt === 0 ? this.mostFiller : Infinity;
    const pairs = first.left
      .flatMap((a) =>
        (many && most === Infinity ? inverse(a) : last.right).flatMap((b) => (a + b <= most ? { a, b } : [])),
      )
      .filter(fits)
      .sort((p, q) =>
        fillerAt < crookedAt
          ? p.a + p.b - q.a - q.b || off(p.a, p.b) - off(q.a, q.b)
          : off(p.a, p.b) - off(q.a, q.b) || p.a + p.b - q.a - q.b,
      );
    let best: { worth: number[]; row: Placed[] } | null = null;
    for (const { a, b } of pairs) {
      if (many && most === Infinity) this.budget.doubt();
      if (best && fillerAt === 0 && a + b > best.worth[0]!) break;
      if (best && crookedAt === 0 && fillerAt === 1 && best.worth[0] === 0 && a + b > best.worth[1]!)
        continue;
      const found = this.from(a, b);
      if (this.budget.isSpent) return best;
      if (found && (!best || compareWorth(found.worth, best.worth) < 0)) best = found;
    }
    return best;
  }

  private from(fillerLeft: number, fillerRight: number): { worth: number[]; row: Placed[] } | null {
    this.known.clear();
    [this.fillerLeft, this.fillerRight] = [fillerLeft, fillerRight];
    const found = this.after(
      {
        left: 0,
        right: this.length,
        upper: Infinity,
        mask: 0,
        usedLeft: false,
        usedRight: false,
        over: null,
      },
      0,
    );
    if (!found) return null;
    const [left, right]: [Placed[], Placed[]] = [[], []];
    for (let at: Best | null = found; at?.set; at = at.next)
      (at.set.side === 'left' ? left : right).push(at.set.piece);
    return { worth: found.worth, row: [...left, ...right.reverse()] };
  }

  private after(state: State, depth: number): Best | null {
    const { left, right, mask } = state;
    if (left === right)
      return mask === this.whole ? { worth: this.order.map(() => 0), set: null, next: null } : null;
    const key = `${left} ${right} ${state.upper} ${mask} ${Number(state.usedLeft)}${Number(state.usedRight)} ${state.over?.side ?? ''}${state.over?.began ?? ''}`;
    const before = this.known.get(key);
    if (before !== undefined) return before;
    if (!this.budget.spend() || depth > MOST_DEPTH) {
      this.budget.exhaust();
      return null;
    }
    const { left: a, right: b } = this.apart(state);
    const side = state.over ? (state.over.side === 'left' ? 'right' : 'left') : a >= b ? 'left' : 'right';
    let best: Best | null = null;
    for (const move of this.moves(state, side)) {
      const { piece } = move;
      const next = this.moved(state, side, move);
      if (!next) continue;
      const rest = this.after(next.state, depth + 1);
      if (this.budget.isSpent) return null;
      if (!rest) continue;
      const worth = this.order.map(
        (one, index) => rest.worth[index]! + this.worthOf(one, piece, next.crooked),
      );
      if (!best || compareWorth(worth, best.worth) < 0) best = { worth, set: { side, piece }, next: rest };
    }
    this.known.set(key, best);
    return best;
  }

  private worthOf(one: FitCriterion, { kind, w }: Placed, crooked: number): number {
    if (one === 'symmetry') return crooked / 2;
    if (one === 'items') return kind === 'cabinet' ? 1 : 0;
    return kind === 'filler' ? w : 0;
  }

  /** How far both sides are from the centre, doubled; negative past it. */
  private apart({ left, right }: Pick<State, 'left' | 'right'>) {
    return { left: this.centre2 - 2 * left, right: 2 * right - this.centre2 };
  }

  private stretchOf(side: 'left' | 'right', place: number): Stretch {
    const { stretches } = this.layout;
    return side === 'left'
      ? stretches.findLast(({ from }) => from <= place)!
      : stretches.find(({ to }) => to >= place)!;
  }

  /** What alone can come next on a side: its end's filler, or what stays. */
  private forced({ left, right }: State, side: 'left' | 'right'): Placed | undefined {
    const filler =
      side === 'left' ? left === 0 && this.fillerLeft : right === this.length && this.fillerRight;
    if (filler) return { kind: 'filler', w: filler };
    return side === 'left' ? this.forcedLeft.get(left) : this.forcedRight.get(right);
  }

  private *moves(state: State, side: 'left' | 'right'): Generator<Move> {
    const { left, right, mask } = state;
    const at = side === 'left' ? left : right;
    const used = side === 'left' ? state.usedLeft : state.usedRight;
    const forced = this.forced(state, side);
    if (forced) return yield { piece: forced, mask, used, last: false };
    // The last piece of all may be what the other side alone can have.
    const last = this.forced(state, side === 'left' ? 'right' : 'left');
    if (last?.w === right - left) yield { piece: last, mask, used, last: true };
    for (const w of this.widths) yield { piece: { kind: 'cabinet', w }, mask, used, last: false };
    for (const [index, { w, items }] of this.layout.free.entries())
      if (!(mask & (1 << index)))
        yield { piece: { kind: 'item', w, id: items[0]!.id }, mask: mask | (1 << index), used, last: false };
    if (used) return;
    const { from, to, either } = this.stretchOf(side, at);
    const [begin, end] = side === 'left' ? [from, to] : [to, from];
    for (const w of either)
      if (w > 0 && (at === begin || at + (side === 'left' ? w : -w) === end))
        yield { piece: { kind: 'filler', w }, mask, used: true, last: false };
  }

  /** The state after a piece is set on one side, and what it brings in crooked joints, doubled; null where it has no place. */
  private moved(state: State, side: 'left' | 'right', { piece: { w }, mask, used, last }: Move) {
    const toLeft = side === 'left';
    const kept = toLeft
      ? state.right === this.length && this.fillerRight
      : state.left === 0 && this.fillerLeft;
    const place = toLeft ? state.left + w : state.right - w;
    const [left, right] = toLeft ? [place, state.right] : [state.left, place];
    if (right - left < (last ? 0 : kept || 0)) return null;
    const own = this.stretchOf(side, toLeft ? state.left : state.right);
    const forced = this.forced(state, side);
    if (forced?.kind !== 'item' && (toLeft ? place > own.to : place < own.from)) return null;
    const [inLeft, inRight] = [this.stretchOf('left', left), this.stretchOf('right', right)];
    const together = inLeft === inRight;
    let [usedLeft, usedRight] = toLeft
      ? [inLeft === own && used, state.usedRight]
      : [state.usedLeft, inRight === own && used];
    if (together) usedLeft = usedRight = usedLeft || usedRight;
    if (!this.canClose(left, right, inLeft, inRight, usedLeft, usedRight)) return null;
    const apart = this.apart(state);
    const [mine, other] = toLeft ? [apart.left, apart.right] : [apart.right, apart.left];
    const reached = toLeft ? this.centre2 - 2 * place : 2 * place - this.centre2;
    const closing = left === right;
    const isEnd = toLeft ? state.right === this.length : state.left === 0;
    const next: State = { left, right, upper: 0, mask, usedLeft, usedRight, over: state.over };
    if (state.over) {
      const { began } = state.over;
      // The mirrored place lies in the piece over the centre: between where that began and where it ends.
      return { state: next, crooked: closing ? 0 : Math.min(began - reached, reached - other) };
    }
    let crooked = 0;
    if (reached > other) {
      next.upper = state.upper;
      if (!isEnd) crooked = Math.min(state.upper - reached, reached - other);
    } else if (reached < other) {
      next.upper = mine;
      if (!isEnd && other !== 0) crooked = Math.min(mine - other, other - reached);
      if (reached < 0 && !closing) {
        next.over = { side, began: mine };
        crooked += Math.min(mine + reached, -2 * reached);
      }
    }
    return { state: next, crooked };
  }

  /** Whether what lies between the two sides, or up to the end of the stretch either is in, can still be filled. */
  private canClose(
    left: number,
    right: number,
    inLeft: Stretch,
    inRight: Stretch,
    usedLeft: boolean,
    usedRight: boolean,
  ): boolean {
    if (left === right) return true;
    const begin = left === 0 ? this.fillerLeft : left;
    const end = right === this.length ? right - this.fillerRight : right;
    const fits = (from: number, to: number, used: boolean) =>
      to >= from && (used ? this.plain : this.filled)[to - from] === 1;
    if (inLeft === inRight) return fits(begin, end, usedLeft || usedRight);
    // Past the end of its stretch a side is among what stays, which is set as it stands.
    return (
      (left > inLeft.to || fits(begin, inLeft.to, usedLeft)) &&
      (right < inRight.from || fits(inRight.from, end, usedRight))
    );
  }
}

/** As many pairs of end fillers are tried. */
const MOST_PAIRS = 40_000;
/** Runs of more pieces than this are not searched so. */
const MOST_DEPTH = 2500;
