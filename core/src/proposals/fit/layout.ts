import type { FillerLimits, FitCase, FitItem } from './fit-case';

/** Items that touch one another, in the order they stand in. */
export interface Block {
  items: readonly FitItem[];
  w: number;
}

/** A length between what stays; steps. */
export interface Stretch {
  from: number;
  to: number;
  /** Widths its fillers can have: at its left, at its right, and, between things that stay, one at either; 0 for none. */
  left: readonly number[];
  right: readonly number[];
  either: readonly number[];
  /** Every width its fillers can have together, the narrowest first, and one way to have it. */
  together: readonly { left: number; right: number; width: number }[];
}

/** One way that the given places and ties can be kept: what stays, the stretches between, and what may stand in any of these. Lengths in steps. */
export interface Layout {
  anchored: readonly { block: Block; at: number }[];
  stretches: readonly Stretch[];
  free: readonly Block[];
}

/** Every way to keep the places and ties of a case: each group of tied items can stand in one order or the other. */
export function layoutsOf(one: FitCase): Layout[] {
  const step = (mm: number) => Math.round(mm / one.step);
  const length = step(one.length);
  const groups = chained(one.items);
  if (!groups) return [];
  const ways = groups.reduce<Block[][]>(
    (all, order) => {
      const orders = order.length > 1 ? [order, [...order].reverse()] : [order];
      return all.flatMap((blocks) =>
        orders.map((items) => [...blocks, { items, w: items.reduce((sum, { w }) => sum + step(w), 0) }]),
      );
    },
    [[]],
  );
  return ways.flatMap((blocks) => {
    const free = blocks.filter(({ items }) => items.every(({ at }) => at === undefined));
    const anchored = blocks.flatMap((block) => {
      let before = 0;
      const places = block.items.flatMap(({ at, w }) => {
        const place = at === undefined ? [] : step(at) - before;
        before += step(w);
        return place;
      });
      return places.length === 0
        ? []
        : [{ block, at: places[0]!, agrees: places.every((at) => at === places[0]) }];
    });
    anchored.sort((a, b) => a.at - b.at);
    const stretches: Stretch[] = [];
    let from = 0;
    for (const { block, at, agrees } of [
      ...anchored,
      { block: { items: [], w: 0 }, at: length, agrees: true },
    ]) {
      if (!agrees || at < from || at > length) return [];
      const [first, last] = [stretches.length === 0, at === length && block.items.length === 0];
      const left = first ? widthsOf(one.ends[0], step) : [0];
      const right = last ? widthsOf(one.ends[1], step) : [0];
      const either = first || last ? [0] : widthsOf(one.inner && { ...one.inner, optional: true }, step);
      const together = fillersTogether(first || last ? left : either, right);
      stretches.push({ from, to: at, left, right, either, together });
      from = at + block.w;
    }
    return from > length ? [] : [{ anchored, stretches, free }];
  });
}

/** The widths a filler can have, the narrowest first; 0 for none. */
function widthsOf(limits: FillerLimits | null, step: (mm: number) => number): number[] {
  if (!limits || limits.max === 0) return [0];
  const [min, max] = [step(limits.min), step(limits.max)];
  const widths = Array.from({ length: max - min + 1 }, (_, index) => min + index);
  return limits.optional && min > 0 ? [0, ...widths] : widths;
}

function fillersTogether(left: readonly number[], right: readonly number[]): Stretch['together'] {
  const known = new Map<number, Stretch['together'][number]>();
  for (const a of left)
    for (const b of right) if (!known.has(a + b)) known.set(a + b, { left: a, right: b, width: a + b });
  return [...known.values()].sort((a, b) => a.width - b.width);
}

/** Items in groups that touch, each in the order they must stand in (or its reverse); null where no row keeps the ties. */
function chained(items: readonly FitItem[]): FitItem[][] | null {
  const beside = new Map(items.map(({ id }) => [id, new Set<string>()]));
  for (const { id, nextTo = [] } of items)
    for (const other of nextTo) {
      beside.get(id)!.add(other);
      beside.get(other)!.add(id);
    }
  if ([...beside.values()].some(({ size }) => size > 2)) return null;
  const byId = new Map(items.map((item) => [item.id, item]));
  const groups: FitItem[][] = [];
  const seen = new Set<string>();
  // Begun at their ends, so that a ring, which no row is, is left over.
  for (const { id } of items) {
    if (seen.has(id) || beside.get(id)!.size > 1) continue;
    const group: FitItem[] = [];
    for (let next: string | undefined = id; next !== undefined;) {
      seen.add(next);
      group.push(byId.get(next)!);
      next = [...beside.get(next)!].find((other) => !seen.has(other));
    }
    groups.push(group);
  }
  return seen.size === items.length ? groups : null;
}
