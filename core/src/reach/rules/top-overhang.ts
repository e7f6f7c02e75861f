import { noun } from '../../nouns';
import { recordOf } from '../../document/design';
import { sideOfEdge, unsupported, UNSUPPORTED } from '../../surfaces/top-facts';
import type { Rule } from '../rule';

/** A top that stands out far past what carries it needs brackets. */
export const topOverhang: Rule = {
  id: 'top-overhang',
  level: 'guideline',
  parameters: { 'inch-residential': { most: UNSUPPORTED }, 'metric-residential': { most: UNSUPPORTED } },
  check({ design, tops }, { most }) {
    return tops.flatMap((top) =>
      unsupported(design, top).map(({ edge, overhang }) => {
        const [item] = edge.items;
        return {
          verdict: 'tight' as const,
          ids: edge.items,
          place: [edge.a, edge.b],
          measured: overhang,
          required: most!,
          names: [noun(`top-${sideOfEdge(edge)!}-of`, recordOf(design, 'item', item!)?.code ?? item!)],
        };
      }),
    );
  },
};
