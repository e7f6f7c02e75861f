import Flatbush from 'flatbush';
import type { Point } from './point';
import { boundsOf, widened, type Bounds } from './polygon';

/** Things by where they lie, so that what is near a place is found without asking each of them. */
export interface BoundsIndex<T> {
  /** Those whose extent meets that of some points, so much wider, in the order they were given. */
  near(points: readonly Point[], wider?: number): readonly T[];
}

/** An index of things by the corners of each. */
export function boundsIndex<T>(
  things: readonly T[],
  cornersOf: (thing: T) => readonly Point[],
): BoundsIndex<T> {
  return indexBy(things, (thing) => boundsOf(cornersOf(thing)));
}

/** Asked no more often than this, all things are gone through: a tree is built for more. */
const ASKED = 16;

function indexBy<T>(things: readonly T[], extentOf: (thing: T) => Bounds): BoundsIndex<T> {
  if (things.length === 0) return { near: () => [] };
  let asked = 0;
  let tree: Flatbush | null = null;
  let extents: readonly Bounds[] | null = null;
  const filled = () => {
    const made = new Flatbush(things.length);
    for (const thing of things) {
      const { left, right, bottom, top } = extentOf(thing);
      made.add(left, bottom, right, top);
    }
    made.finish();
    return made;
  };
  return {
    near(points, wider = 0) {
      const within = widened(boundsOf(points), wider);
      if (++asked <= ASKED) {
        const of = (extents ??= things.map(extentOf));
        return things.filter((_, index) => meetsOrTouches(of[index]!, within));
      }
      tree ??= filled();
      return tree
        .search(within.left, within.bottom, within.right, within.top)
        .sort((a, b) => a - b)
        .map((at) => things[at]!);
    },
  };
}

/** More things than this that differ from one list to the next are not told apart. */
const FEW = 32;
/** What was found is known for so many lists after it. */
const LISTS_KEPT = 16;

/** What was near some points in a list. */
interface Found<T> {
  wider: number;
  within: Bounds;
  list: number;
  things: readonly T[];
}

/**
 * Indexes of one list of things after another, where few differ from each to the next: what is near the very same points is looked for
 * again only where something near them came or went, and is the very same list otherwise.
 */
export class BoundsIndexes<T extends object> {
  private last: readonly T[] = [];
  private lists = 0;
  /** The extents of what came or went with each of the last lists; null where that was much. */
  private readonly changes = new Map<number, readonly Bounds[] | null>();
  private readonly known = new WeakMap<readonly Point[], Found<T>[]>();

  /** With the extent of each, which is asked for often. */
  constructor(private readonly extentOf: (thing: T) => Bounds) {}

  next(things: readonly T[]): BoundsIndex<T> {
    const list = ++this.lists;
    const changed = differing(this.last, things);
    const extents = changed.map(this.extentOf);
    this.changes.set(list, changed.length > FEW ? null : extents);
    this.changes.delete(list - LISTS_KEPT);
    this.last = things;
    const index = indexBy(things, this.extentOf);
    return {
      near: (points, wider = 0) => {
        const entries = this.known.get(points) ?? [];
        const entry = entries.find((one) => one.wider === wider);
        if (entry && this.isAsIn(entry.list, list, entry.within)) {
          entry.list = list;
          return entry.things;
        }
        const within = entry?.within ?? widened(boundsOf(points), wider);
        const found = { wider, within, list, things: index.near(points, wider) };
        this.known.set(points, [found, ...entries.filter((one) => one !== entry)]);
        return found.things;
      },
    };
  }

  /** Whether nothing came or went within an extent from one list to another. */
  private isAsIn(one: number, other: number, within: Bounds): boolean {
    for (let list = Math.min(one, other) + 1; list <= Math.max(one, other); list++) {
      const changes = this.changes.get(list);
      if (!changes || changes.some((extent) => meetsOrTouches(extent, within))) return false;
    }
    return true;
  }
}

/** What is in only one of two lists, or stands elsewhere: all between what they begin and end with alike. */
function differing<T>(one: readonly T[], other: readonly T[]): readonly T[] {
  const shorter = Math.min(one.length, other.length);
  let [before, after] = [0, 0];
  while (before < shorter && one[before] === other[before]) before += 1;
  while (after < shorter - before && one.at(-1 - after) === other.at(-1 - after)) after += 1;
  return [...one.slice(before, one.length - after), ...other.slice(before, other.length - after)];
}

/** Extents that only touch are found too. */
function meetsOrTouches(a: Bounds, b: Bounds): boolean {
  return a.bottom <= b.top && b.bottom <= a.top && a.left <= b.right && b.left <= a.right;
}
