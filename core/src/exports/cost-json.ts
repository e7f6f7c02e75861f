import type { Design } from '../document/design';
import { costByGroup, costOf } from '../shop/cost/cost';
import type { PriceBook } from '../shop/cost/price-book';

/** What a room costs by a book of prices: every line with what it comes from, the sum of every part of the job, the total; amounts to the hundredth. */
export function costReport(design: Design, book?: PriceBook): object {
  const cost = costOf(design, book);
  const { lines, cents, asked } = cost;
  return {
    lines: lines.map(({ cents: amount, ...line }) => ({ ...line, amount: amount / 100 })),
    groups: costByGroup(cost),
    total: cents / 100,
    asked,
  };
}
