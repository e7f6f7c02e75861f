import { randomFrom } from '../../geometry/random';
import { fewestSheets, leastSheetArea, type SheetSize } from './least-area';
import { orderings, permutations, sorted } from './orders';
import {
  choosings,
  fits,
  layParts,
  partings,
  type Filled,
  type Piece,
  type Room,
  type Rule,
  type Shape,
} from './sawn';
import { bySheetfuls, retold, type Laying } from './sheetfuls';

/** How good a nest is to go on from: what has no sheet, the area of the sheets, how many they are, and how unevenly they are filled; mm², each the less the better. */
interface Worth {
  left: number;
  area: number;
  count: number;
  /** The fuller some are the emptier is the last one. */
  even: number;
}

/** So much is the same area, mm². */
const SAME_AREA = 1e-3;

/** Whether one nest takes less of sheets than another: none left over, the least area, the fewest. */
function compareSheets(a: Worth, b: Worth): number {
  if (Math.abs(a.left - b.left) > SAME_AREA) return a.left - b.left;
  if (Math.abs(a.area - b.area) > SAME_AREA) return a.area - b.area;
  return a.count - b.count;
}

/** Whether it is better to go on from one nest than from another: of as much of sheets, the more unevenly they are filled. */
const compareWorth = (a: Worth, b: Worth): number => compareSheets(a, b) || a.even - b.even;

/** A few sheets are taken apart at once, and laid anew so often. */
const MOST_APART = 5;
const TRIES = 24;
/** How far the order of parts is shaken, as a share of what they are ordered by. */
const SHAKEN = [0, 0.04, 0.1, 0.2, 0.4, 0.8] as const;
/** How much worse a nest may be that is gone on with, as a share of a sheet filled or not, at first; and how fast that falls. */
const WARM = 0.02;
const COOLING = 4;
/** Where no less of sheets will do a larger offcut is looked for, for so much of the time. */
const FOR_OFFCUTS = 0.1;

/** So often what is taken apart is laid sheet after sheet, each the best of a few or many orders; such a laying counts for so many tries at the most. */
const IN_TURN = 0.6;
const ORDERS = { few: 3, many: 48, count: 12 };

/** Of so many parts whole sheets are looked for as well, so much longer; what they leave at the end is laid in a few orders first, then in so many steps. */
const BY_SHEETS = { parts: 40, ofOneSize: 2, ofMore: 1 };
/** They begin where for so long nothing less was found; one is no further ahead of the other than this, ms. */
const STILL = 600;
const AHEAD = 50;
const FINISH = { orders: 24, steps: 1_200 };

/** Searches for the nest with the least sheets: many orders first, then a few sheets at a time taken apart and laid anew. Goes on until it is stopped, or nothing better can be. */
export class NestSearch {
  readonly #random: () => number;
  /** What each part is ordered by just now. */
  readonly #keys: Float64Array;
  readonly #least: number;
  readonly #area: number;
  readonly #fewest: number;
  #now: Laying;
  best: Laying;
  bestWorth: Worth;

  constructor(
    private readonly shapes: readonly Shape[],
    private readonly sizes: readonly SheetSize[],
    seed = 1,
  ) {
    this.#random = randomFrom(seed);
    this.#keys = new Float64Array(shapes.length);
    this.#least = leastSheetArea(shapes, sizes);
    this.#fewest = fewestSheets(shapes, sizes);
    this.#area = shapes.reduce((sum, { area }) => sum + area, 0);
    this.#now = this.best = { filled: [], left: shapes.map((_, index) => index) };
    this.bestWorth = this.worth(this.best);
  }

  /** Whether no nest takes less of sheets. */
  get proven(): boolean {
    return this.bestWorth.left === 0 && this.bestWorth.area <= this.#least * (1 + 1e-9) + SAME_AREA;
  }

  /** Whether there is nothing left to look for: sizes of one kind are as many as their area says. */
  get #isDone(): boolean {
    return this.proven && (this.sizes.length === 1 || this.bestWorth.count <= this.#fewest);
  }

  worth({ filled, left }: Laying): Worth {
    let area = 0;
    let even = 0;
    for (const { room, used } of filled) {
      area += this.sizes[room.stock]!.area;
      even -= (used / (room.l * room.w)) ** 2;
    }
    return {
      left: left.reduce((sum, part) => sum + this.shapes[part]!.area, 0),
      ...{ area, count: filled.length, even },
    };
  }

  #take(laying: Laying): void {
    const worth = this.worth(laying);
    const order = compareSheets(worth, this.bestWorth);
    if (order > 0 || (order === 0 && largestOffcut(laying) <= largestOffcut(this.best) + SAME_AREA)) return;
    [this.best, this.bestWorth] = [laying, worth];
  }

  /** Lays the parts in many orders, by every rule, from the sizes there are. Stops at a moment. */
  begin(until: () => boolean): void {
    const all = this.shapes.map((_, index) => index);
    const lists = this.#roomLists();
    for (const parting of partings)
      for (const choosing of choosings)
        for (const key of orderings)
          for (const rooms of lists) {
            if (this.best.filled.length > 0 && until()) return this.#settle();
            const order = sorted(all, this.shapes, key);
            this.#take(layParts(order, this.shapes, rooms, { choosing, parting, anywhere: false }));
          }
    this.#settle();
  }

  /** Fills sheet after sheet, each as well as the best of so many orders of all parts that are left. */
  #filledInTurn(parts: readonly number[], rooms: readonly Room[], tries: number): Laying {
    let left = [...parts];
    const filled: Filled[] = [];
    for (const room of rooms) {
      if (left.length === 0) break;
      let best: Filled | null = null;
      let most = 0;
      for (let count = 0; count < tries; count++) {
        const [one] = layParts(this.#shaken(left), this.shapes, [room], this.#rule()).filled;
        if (one && one.used > most) [best, most] = [one, one.used];
      }
      if (!best) continue;
      filled.push(best);
      const gone = new Set(best.parts);
      left = left.filter((part) => !gone.has(part));
    }
    return { filled, left };
  }

  #settle(): void {
    this.best = { ...this.best, filled: this.best.filled.map((one) => this.#onSmaller(one)) };
    this.bestWorth = this.worth(this.best);
    this.#now = this.best;
  }

  /** Goes on until it is told to stop. `done` is how much of its time is over, 0 to 1. */
  improve(done: () => number): void {
    const isEnough = this.sizes.every(({ count }) => count === Infinity);
    const longer = this.sizes.length === 1 ? BY_SHEETS.ofOneSize : BY_SHEETS.ofMore;
    let sheets = isEnough && this.shapes.length >= BY_SHEETS.parts ? this.#bySheets() : null;
    /** How much longer one of the two ways has been gone on with, ms: they take turns, once the first has come to nothing for a while. */
    let ahead = 0;
    let better = performance.now();
    let { area } = this.bestWorth;
    for (let share = done(); share < (this.#isDone ? FOR_OFFCUTS : 1); share = done()) {
      const began = performance.now();
      if (sheets && ahead > 0 && began - better > STILL && !this.proven) {
        const { value, done: isOver } = sheets.next();
        if (value) this.#come(value);
        if (isOver) sheets = null;
        ahead -= (performance.now() - began) / longer;
      } else {
        this.#step(WARM * Math.exp(-COOLING * share));
        const now = performance.now();
        ahead = Math.min(AHEAD, ahead + now - began);
        if (this.bestWorth.area < area - SAME_AREA) [area, better] = [this.bestWorth.area, now];
      }
    }
  }

  #bySheets(): Generator<Laying | null, void> {
    return bySheetfuls({
      ...{ shapes: this.shapes, sizes: this.sizes, random: this.#random },
      known: () => this.best,
      finish: (parts) => this.#finished(parts),
    });
  }

  /** Lays some of the parts by themselves, step by step. */
  *#finished(parts: readonly number[]): Generator<Laying | null> {
    const shapes = parts.map((part) => this.shapes[part]!);
    const own = new NestSearch(shapes, this.sizes, Math.floor(this.#random() * 1e9));
    let orders = 0;
    own.begin(() => orders++ >= FINISH.orders);
    for (let step = 0; step < FINISH.steps && !own.proven; step++) {
      own.#step(WARM * Math.exp((-COOLING * step) / FINISH.steps));
      yield null;
    }
    const { filled, left } = own.best;
    const tell = (at: number) => parts[at]!;
    yield {
      filled: filled.map((one) => ({ ...one, root: retold(one.root, tell), parts: one.parts.map(tell) })),
      left: left.map(tell),
    };
  }

  /** Goes on from a laying that was found elsewhere, where it is better. */
  #come(laying: Laying): void {
    const before = this.best;
    this.#take(laying);
    if (this.best !== before) this.#now = this.best;
  }

  /** Takes a few sheets apart and lays their parts anew. */
  #step(warm: number): void {
    const { filled, left } = this.#now;
    const taken = this.#few(filled);
    const kept = filled.filter((_, index) => !taken.has(index));
    const apart = filled.filter((_, index) => taken.has(index));
    const parts = [...apart.flatMap((one) => one.parts), ...left];
    if (parts.length === 0) return;
    const before = this.worth({ filled: apart, left });
    const need = parts.reduce((sum, part) => sum + this.shapes[part]!.area, 0);
    let found: { laying: Laying; worth: Worth } | null = null;
    const lists = this.#listsFor(apart, kept, need, before);
    if (lists.length === 0) return;
    for (let count = 0; count < TRIES; count++) {
      const rooms = lists[count % lists.length]!;
      const orders = this.#random() < IN_TURN ? this.#orders() : 0;
      const laying =
        orders > 0
          ? this.#filledInTurn(parts, rooms, orders)
          : layParts(this.#shaken(parts), this.shapes, rooms, this.#rule());
      count += Math.min(orders, ORDERS.count);
      const smaller = { ...laying, filled: laying.filled.map((one) => this.#onSmaller(one, 2)) };
      const worth = this.worth(smaller);
      if (!found || compareWorth(worth, found.worth) < 0) found = { laying: smaller, worth };
      if (compareWorth(worth, before) < 0) break;
    }
    if (!found) return;
    const { worth } = found;
    const isAsGood =
      compareWorth(worth, before) <= 0 ||
      (worth.left <= before.left + SAME_AREA &&
        worth.area <= before.area + SAME_AREA &&
        worth.count <= before.count &&
        worth.even - before.even < warm * this.#random());
    if (!isAsGood) return;
    this.#now = { filled: [...kept, ...found.laying.filled], left: found.laying.left };
    this.#take(this.#now);
  }

  /** A few sheets, the emptier the likelier. */
  #few(filled: readonly Filled[]): Set<number> {
    const many = Math.min(filled.length, 1 + Math.floor(this.#random() * MOST_APART));
    const byFill = filled
      .map(({ room, used }, index) => ({ index, key: (used / (room.l * room.w)) * (0.4 + this.#random()) }))
      .sort((a, b) => a.key - b.key);
    return new Set(byFill.slice(0, many).map(({ index }) => index));
  }

  /** The sheets that parts are laid on anew: fewer or smaller ones where their room may do, else the same. */
  #listsFor(apart: readonly Filled[], kept: readonly Filled[], need: number, before: Worth): Room[][] {
    const used = this.sizes.map((_, stock) => kept.filter(({ room }) => room.stock === stock).length);
    const free = this.sizes.map(({ count }, stock) => count - used[stock]!);
    const lists: Room[][] = [];
    const most = apart.length + (before.left > 0 ? 1 : 0);
    const limit = before.left > 0 ? Infinity : before.area + SAME_AREA;
    const collect = (stock: number, rooms: Room[], area: number, room: number): void => {
      if (area > limit) return;
      if (stock === this.sizes.length) {
        const isLess = before.left > 0 || area < before.area - SAME_AREA || rooms.length < apart.length;
        if (isLess && room >= need - SAME_AREA && rooms.length > 0) lists.push(rooms);
        return;
      }
      const size = this.sizes[stock]!;
      const can = Math.min(free[stock]!, most + 1 - rooms.length);
      for (let many = 0; many <= can; many++) {
        const more = Array.from({ length: many }, () => size.room);
        collect(
          stock + 1,
          [...rooms, ...more],
          area + many * size.area,
          room + many * size.room.l * size.room.w,
        );
      }
    };
    if (this.sizes.length <= 6) collect(0, [], 0, 0);
    const areaOf = (rooms: readonly Room[]) =>
      rooms.reduce((sum, { stock }) => sum + this.sizes[stock]!.area, 0);
    const cheapest = lists.sort((a, b) => areaOf(a) - areaOf(b)).slice(0, 6);
    const same = apart.map(({ room }) => room);
    // What has no sheet yet may need one more of any size.
    const more =
      before.left > 0
        ? this.sizes.flatMap((size, stock) =>
            free[stock]! > same.filter((room) => room.stock === stock).length ? [[...same, size.room]] : [],
          )
        : [];
    return [...cheapest, ...more, ...(same.length > 0 ? [same] : [])].map((rooms) => this.#mixed(rooms));
  }

  #mixed<T>(list: readonly T[]): T[] {
    const mixed = [...list];
    for (let at = mixed.length - 1; at > 0; at--) {
      const other = Math.floor(this.#random() * (at + 1));
      [mixed[at], mixed[other]] = [mixed[other]!, mixed[at]!];
    }
    return mixed;
  }

  /** Few orders as often as many. */
  #orders(): number {
    return Math.ceil(ORDERS.few * (ORDERS.many / ORDERS.few) ** this.#random());
  }

  #rule(): Rule {
    return {
      choosing: choosings[Math.floor(this.#random() * choosings.length)]!,
      parting: partings[Math.floor(this.#random() * partings.length)]!,
      anywhere: this.#random() < 0.3,
    };
  }

  /** Parts by one of their measures, shaken a little or much. */
  #shaken(parts: readonly number[]): number[] {
    const key = orderings[Math.floor(this.#random() * orderings.length)]!;
    const by = SHAKEN[Math.floor(this.#random() * SHAKEN.length)]!;
    const keys = this.#keys;
    for (const part of parts) keys[part] = key(this.shapes[part]!) * (1 + by * (this.#random() - 0.5));
    return [...parts].sort((a, b) => keys[b]! - keys[a]!);
  }

  /** The same parts on a smaller sheet, where they have room there. */
  #onSmaller(one: Filled, tries = 12): Filled {
    if (this.sizes.length === 1) return one;
    const area = this.sizes[one.room.stock]!.area;
    const smaller = this.sizes
      // Of sizes that are counted others may have had the last one: those are tried where the others are known.
      .filter(
        (size) =>
          size.count === Infinity &&
          size.area < area - SAME_AREA &&
          size.room.l * size.room.w >= one.used - SAME_AREA,
      )
      .sort((a, b) => a.area - b.area);
    for (const { room } of smaller) {
      if (!one.parts.every((part) => fits(this.shapes[part]!, room.l, room.w))) continue;
      for (let count = 0; count < tries; count++) {
        const { filled, left } = layParts(this.#shaken(one.parts), this.shapes, [room], this.#rule());
        if (left.length === 0) return filled[0]!;
      }
    }
    return one;
  }

  /** Lists of sheets to be opened in their order: each size first, the others after it. */
  #roomLists(): Room[][] {
    const indices = this.sizes.map((_, index) => index);
    const orders =
      indices.length <= 3
        ? permutations(indices)
        : indices.map((first) => [first, ...indices.filter((one) => one !== first)]);
    return orders.map((order) =>
      order.flatMap((stock) => {
        const { room, count } = this.sizes[stock]!;
        const enough = Math.ceil((4 * this.#area) / (room.l * room.w)) + 4;
        return Array.from({ length: Math.min(count, enough, this.shapes.length) }, () => room);
      }),
    );
  }
}

/** The largest piece that is left of any sheet, mm² with its kerfs. */
const largestOffcut = ({ filled }: Laying): number =>
  Math.max(0, ...filled.map(({ root }) => largestFree(root)));

function largestFree({ sawn, first, second, part, l, w }: Piece): number {
  if (sawn) return Math.max(largestFree(first!), largestFree(second!));
  return part < 0 ? l * w : 0;
}
