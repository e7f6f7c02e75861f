import type { Design } from '../document/design';
import { costOf } from '../shop/cost/cost';
import type { PriceBook } from '../shop/cost/price-book';
import { costGroupNames, type CostGroup } from '../wording/cost-words';

/** What a room costs by a book of prices: every line with what it comes from, the sum of every part of the job, the total; amounts to the hundredth. */
export function costReport(design: Design, book?: PriceBook): object {
  const { lines, cents, asked } = costOf(design, book);
  const groups = (Object.keys(costGroupNames) as CostGroup[]).flatMap((group) => {
    const own = lines.filter((line) => line.group === group);
    return own.length > 0 ? [{ group, amount: own.reduce((sum, line) => sum + line.cents, 0) / 100 }] : [];
  });
  return {
    lines: lines.map(({ cents: amount, ...line }) => ({ ...line, amount: amount / 100 })),
    groups,
    total: cents / 100,
    asked,
  };
}
