import { topCutOuts } from '../../surfaces/top-cut-outs';
import { tops, type Top } from '../../surfaces/tops';
import type { Measure } from '../measure';

/** How much of a top is left beside what is let into it: nothing where that runs over its edge. */
export const topCutOut: Measure<Top> = {
  id: 'top-cut-out',
  subjects: tops,
  take(top, look) {
    const cutOuts = look.at(topCutOuts).get(top) ?? [];
    // A tap's hole is narrow: only one that runs over the edge says something.
    const told = cutOuts.filter(({ use, nearest }) => use !== 'tap' || nearest === null);
    return told.map(({ item, use, cut, nearest }) => ({
      key: `${item} ${use}`,
      ids: [item],
      place: cut.core,
      about: [{ of: item, as: `${use}-of` as const }],
      values: { left: nearest ?? 0 },
    }));
  },
};
