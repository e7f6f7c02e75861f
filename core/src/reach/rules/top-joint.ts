import { noun, named } from '../../nouns';
import { recordOf } from '../../document/design';
import { cutOutsApart } from '../../surfaces/outline/cut-out';
import { topCutOuts } from '../../surfaces/top-cut-outs';
import { JOINT_CLEAR, jointedTops } from '../../surfaces/top-joints';
import type { Rule } from '../rule';

/** A joint of a top keeps clear of its cut-outs, and lies over no dishwasher: steam opens it. */
export const topJoint: Rule = {
  id: 'top-joint',
  level: 'guideline',
  parameters: { 'inch-residential': { clear: JOINT_CLEAR }, 'metric-residential': { clear: JOINT_CLEAR } },
  check({ design, tops }, { clear }) {
    const codeOf = (id: string) => recordOf(design, 'item', id)?.code ?? id;
    return tops.flatMap((top) =>
      jointedTops(design)
        .get(top)!
        .joints.flatMap(({ a, b, nearCutOut, over }) => {
          const about = over ?? nearCutOut;
          if (about === null) return [];
          const cut = (topCutOuts(design).get(top) ?? []).find(({ item }) => item === nearCutOut)?.cut;
          const apart = over || !cut ? 0 : cutOutsApart(cut, { id: '', core: [a, b], radius: 0, area: 0 });
          return {
            verdict: 'tight' as const,
            ids: [about],
            place: [a, b],
            measured: Math.max(0, apart),
            required: over ? 0 : clear!,
            names: [over ? named(codeOf(over)) : noun('cut-out-of', codeOf(nearCutOut!))],
          };
        }),
    );
  },
};
