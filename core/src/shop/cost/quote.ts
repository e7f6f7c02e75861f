import { clientGroupNames, type ClientGroup, type CostGroup } from '../../wording/cost-words';
import type { Cost } from './cost-types';

/** What a client is told beside the sums: money is in this currency; sums that stand in for what is not chosen yet, or are taken off; words. */
export interface QuoteTerms {
  currency: string;
  /** It holds for so many days. */
  days: number;
  client: string;
  allowances: readonly { name: string; amount: number }[];
  excluded: string;
  terms: string;
}

/** What a room costs the client: what each part of it comes to with its share of overhead and margin, what is allowed for, tax and total; amounts in hundredths. */
export interface Quote {
  lines: readonly { group: ClientGroup; cents: number }[];
  allowances: readonly { name: string; cents: number }[];
  net: number;
  /** The share of the net that tax is. */
  taxed: number;
  tax: number;
  total: number;
  /** What has no price, and is not in it. */
  unpriced: readonly string[];
}

const clientGroup: Readonly<Record<Exclude<CostGroup, 'margin' | 'overhead' | 'tax'>, ClientGroup>> = {
  ...{ boards: 'cabinets', edging: 'cabinets', hardware: 'cabinets', lengths: 'cabinets', shop: 'cabinets' },
  ...{
    bought: 'bought',
    linings: 'linings',
    tops: 'tops',
    tiles: 'tiles',
    site: 'fitting',
    delivery: 'fitting',
  },
};

/** A room's cost as a client is told it. Its lines add up to its net, and without allowances its total is that of the cost, to the hundredth. */
export function quoteOf({ lines, asked }: Cost, { allowances }: Pick<QuoteTerms, 'allowances'>): Quote {
  const own = new Map<ClientGroup, number>();
  let [spread, taxed] = [0, 0];
  for (const { group, cents, qty } of lines) {
    if (group === 'tax') taxed = qty;
    else if (group === 'overhead' || group === 'margin') spread += cents;
    else own.set(clientGroup[group], (own.get(clientGroup[group]) ?? 0) + cents);
  }
  const found = (Object.keys(clientGroupNames) as ClientGroup[]).flatMap((group) =>
    own.has(group) ? [{ group, cents: own.get(group)! }] : [],
  );
  const shares = inShares(
    spread,
    found.map(({ cents }) => cents),
  );
  const told = found.map(({ group, cents }, index) => ({ group, cents: cents + shares[index]! }));
  const allowed = allowances.map(({ name, amount }) => ({ name, cents: Math.round(amount * 100) }));
  const net = [...told, ...allowed].reduce((sum, { cents }) => sum + cents, 0);
  const tax = Math.round(net * taxed);
  return {
    ...{ lines: told, allowances: allowed, net, taxed, tax, total: net + tax },
    unpriced: asked.map(({ code }) => code),
  };
}

/** A sum in whole shares as large as some weights are against one another, that add up to it: what is left of rounding goes where most was lost. */
export function inShares(sum: number, weights: readonly number[]): number[] {
  const whole = weights.reduce((total, weight) => total + weight, 0);
  if (whole <= 0) return weights.map((_, index) => (index === 0 ? sum : 0));
  const exact = weights.map((weight) => (sum * weight) / whole);
  const shares = exact.map(Math.floor);
  const left = sum - shares.reduce((total, share) => total + share, 0);
  const order = exact
    .map((value, index) => ({ index, lost: value - shares[index]! }))
    .sort((a, b) => b.lost - a.lost || a.index - b.index);
  for (const { index } of order.slice(0, left)) shares[index]! += 1;
  return shares;
}
