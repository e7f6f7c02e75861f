import type { Finish } from '../../surfaces/finishes';
import type { Need, Taken } from './cost-types';

/** So much of something with its finish, and what takes it. */
export interface FinishedNeed {
  finish: Finish | null;
  of: readonly Taken[];
}

/** What a finish of the studio's own costs for so much of it, where it says that; else null. */
export function ownPrice(finish: Finish | null, per: 'm' | 'm2'): number | null {
  const price = finish?.own?.price;
  return price?.per === per ? price.amount : null;
}

/** What is needed of one sort: by each finish that says what it costs, and all others together at the book's price. */
export function needsByFinish(
  each: readonly FinishedNeed[],
  { per, name, ...need }: Pick<Need, 'codes' | 'group' | 'name'> & { per: 'm' | 'm2' },
): Need[] {
  const found = new Map<string, Need & { of: Taken[] }>();
  for (const { finish, of } of each) {
    const price = ownPrice(finish, per);
    const own = price === null ? null : finish!.name;
    const known = found.get(own ?? '') ?? {
      ...{ ...need, of: [], name: [name, own].filter(Boolean).join(', ') },
      ...(price !== null && { price, unit: per }),
    };
    known.of.push(...of);
    found.set(own ?? '', known);
  }
  return [...found.values()];
}
