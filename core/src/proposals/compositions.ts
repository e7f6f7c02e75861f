import type { Piece } from './fill-problem';
import { ticks } from './fill-values';

/** Which lengths pieces side by side can make, and with how few and how cheaply. Lengths in ticks. */
export interface Compositions {
  /** The least number and price of pieces that together make a length exactly; null where none do. */
  of(length: number): { items: number; price: number } | null;
  /** Every length that can be made, up to one, sorted; nothing is one. */
  upTo(length: number): number[];
  /** The pieces, the widest first. */
  widest: readonly number[];
}

export function compositions(pieces: readonly Piece[]): Compositions {
  const widths = pieces.map(({ width }) => ticks(width));
  const known = new Map<number, { items: number; price: number } | null>([[0, { items: 0, price: 0 }]]);
  const of = (length: number): { items: number; price: number } | null => {
    const before = known.get(length);
    if (before !== undefined) return before;
    // What is needed first is worked out first, on a list of its own: a long face of narrow pieces goes deep.
    const open = [length];
    while (open.length > 0) {
      const at = open.at(-1)!;
      const missing = widths
        .filter((width) => width <= at && !known.has(at - width))
        .map((width) => at - width);
      if (missing.length > 0) {
        open.push(...missing);
        continue;
      }
      open.pop();
      if (known.has(at)) continue;
      let least: { items: number; price: number } | null = null;
      widths.forEach((width, index) => {
        const rest = width <= at ? known.get(at - width) : null;
        if (!rest) return;
        least = {
          items: Math.min(least?.items ?? Infinity, rest.items + 1),
          price: Math.min(least?.price ?? Infinity, rest.price + pieces[index]!.price),
        };
      });
      known.set(at, least);
    }
    return known.get(length)!;
  };
  return {
    of,
    upTo(length) {
      const made = new Set([0]);
      for (const sum of made) for (const width of widths) if (sum + width <= length) made.add(sum + width);
      return [...made].sort((a, b) => a - b);
    },
    widest: pieces.map((_, index) => index).sort((a, b) => widths[b]! - widths[a]! || a - b),
  };
}
