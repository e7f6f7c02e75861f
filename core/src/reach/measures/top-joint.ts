import { cutOutsApart } from '../../surfaces/outline/cut-out';
import { topCutOuts } from '../../surfaces/top-cut-outs';
import { jointedTops } from '../../surfaces/top-joints';
import { tops, type Top } from '../../surfaces/tops';
import type { Measure } from '../measure';
import type { Reading } from '../reading';

/** How far a joint of a top is from its cut-outs, and whether it lies over a dishwasher, where steam opens it. */
export const topJoint: Measure<Top> = {
  id: 'top-joint',
  subjects: tops,
  take(top, look) {
    const cutOuts = look.at(topCutOuts).get(top) ?? [];
    return look
      .at(jointedTops)
      .get(top)!
      .joints.map(({ a, b, over }, index): Reading => {
        const base = { key: `${top.items[0]!} ${index}`, place: [a, b] };
        if (over) return { ...base, ids: [over], about: [{ of: over }], values: { over: 1 } };
        const joint = { id: '', core: [a, b], radius: 0, area: 0 };
        let nearest = { apart: Infinity, item: top.items[0]! };
        for (const { item, cut } of cutOuts) {
          const apart = Math.max(0, cutOutsApart(cut, joint));
          if (apart < nearest.apart) nearest = { apart, item };
        }
        const { apart, item } = nearest;
        return {
          ...base,
          ids: [item],
          about: [{ of: item, as: 'cut-out-of' }],
          values: apart < Infinity ? { over: 0, apart } : { over: 0 },
        };
      });
  },
};
