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
    let least: { items: number; price: number } | null = null;
    pieces.forEach(({ price }, index) => {
      const rest = widths[index]! <= length ? of(length - widths[index]!) : null;
      if (!rest) return;
      least = {
        items: Math.min(least?.items ?? Infinity, rest.items + 1),
        price: Math.min(least?.price ?? Infinity, rest.price + price),
      };
    });
    known.set(length, least);
    return least;
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
