import { compareWorth } from './arrangement';
import type { FitCriterion } from './fit-case';
import type { Layout, Stretch } from './layout';

/** What a set of widths can make: for each length, steps, the fewest cabinets that together are as long; -1 where none are. */
export function fewestOf(widths: readonly number[], length: number): Int32Array {
  const fewest = new Int32Array(length + 1).fill(-1);
  fewest[0] = 0;
  for (let at = 1; at <= length; at++)
    for (const width of widths) {
      const before = width <= at ? fewest[at - width]! : -1;
      if (before >= 0 && (fewest[at]! < 0 || before + 1 < fewest[at]!)) fewest[at] = before + 1;
    }
  return fewest;
}

/** How one stretch is filled: which free blocks stand in it, its fillers left and right, and how long the cabinets are together. */
export interface StretchFill {
  blocks: number;
  left: number;
  right: number;
  cabinets: number;
}

/**
 * The best way to share out free blocks and fillers over the stretches of a layout, where only the sums of widths count: exact, because a list of values
 * that come one after the other is least in sum where it is least in each stretch. Null where the layout can't be filled.
 */
export function bestSums(
  { stretches, free }: Layout,
  fewest: Int32Array,
  order: readonly FitCriterion[],
): { worth: number[]; fills: StretchFill[] } | null {
  const whole = (1 << free.length) - 1;
  const widthOf = Array.from({ length: whole + 1 }, (_, mask) =>
    free.reduce((sum, { w }, index) => sum + (mask & (1 << index) ? w : 0), 0),
  );
  const worthOf = (filler: number, items: number) =>
    order.flatMap((one) => (one === 'filler' ? filler : one === 'items' ? items : []));
  type Best = { worth: number[]; fills: StretchFill[] };
  let states = new Map<number, Best>([[0, { worth: worthOf(0, 0), fills: [] }]]);
  for (const stretch of stretches) {
    const next = new Map<number, Best>();
    const own = new Map<number, ReturnType<typeof bestOf>>();
    for (const [placed, before] of states) {
      const open = whole & ~placed;
      for (let mask = open; ; mask = (mask - 1) & open) {
        let fill = own.get(mask);
        if (fill === undefined) own.set(mask, (fill = bestOf(stretch, mask)));
        if (fill) {
          const worth = before.worth.map((value, index) => value + fill.worth[index]!);
          const known = next.get(placed | mask);
          if (!known || compareWorth(worth, known.worth) < 0)
            next.set(placed | mask, { worth, fills: [...before.fills, fill.fill] });
        }
        if (mask === 0) break;
      }
    }
    states = next;
  }
  return states.get(whole) ?? null;

  function bestOf({ from, to, together }: Stretch, mask: number) {
    const length = to - from - widthOf[mask]!;
    let best: { worth: number[]; fill: StretchFill } | null = null;
    for (const { left, right, width } of together) {
      const cabinets = length - width;
      if (cabinets < 0) break;
      if (fewest[cabinets]! < 0) continue;
      const worth = worthOf(width, fewest[cabinets]!);
      if (best && compareWorth(worth, best.worth) >= 0) continue;
      best = { worth, fill: { blocks: mask, left, right, cabinets } };
      // The narrowest comes first.
      if (order.find((one) => one !== 'symmetry') === 'filler') break;
    }
    return best;
  }
}
