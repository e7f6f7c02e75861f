import { noun } from '../../nouns';
import { recordOf } from '../../document/design';
import { isThin, LEAST_RAIL, topCutOuts } from '../../surfaces/top-cut-outs';
import type { Rule } from '../rule';

/** What is left of a top beside what is let into it breaks where it is too narrow. */
export const topCutOut: Rule = {
  id: 'top-cut-out',
  level: 'guideline',
  parameters: { 'inch-residential': { rail: LEAST_RAIL }, 'metric-residential': { rail: LEAST_RAIL } },
  check({ design, tops }, { rail }) {
    return tops.flatMap((top) =>
      (topCutOuts(design).get(top) ?? []).filter(isThin).map(({ item, use, cut, nearest }) => ({
        verdict: 'tight' as const,
        ids: [item],
        place: cut.core,
        measured: nearest ?? 0,
        required: rail!,
        names: [noun(`${use}-of`, recordOf(design, 'item', item)?.code ?? item)],
      })),
    );
  },
};
