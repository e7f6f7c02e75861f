import { named } from '../../nouns';
import { middle } from '../../geometry/point';
import { KEPT } from '../../geometry/tolerance';
import { middleOf } from '../../setting/item-box';
import type { Rule } from '../rule';
import { besideSeat, seatings } from '../seats';

/** Elbow room: the middles of seats beside one another stand as far apart as each is wide at the top. */
export const seatWidth: Rule = {
  id: 'seat-width',
  level: 'guideline',
  parameters: { 'inch-residential': { width: 609.6 }, 'metric-residential': { width: 600 } },
  check(facts, { width }) {
    const all = seatings(facts);
    return all.flatMap((one) => {
      const beside = besideSeat(one, all);
      // Each pair once.
      if (!beside || (besideSeat(beside.other, all)?.other === one && beside.other.seat.id < one.seat.id))
        return [];
      const { other, apart } = beside;
      return [
        {
          verdict: apart < width! - KEPT ? ('tight' as const) : ('clear' as const),
          ids: [one.seat.id, other.seat.id],
          place: [middleOf(one.seat), middle(middleOf(one.seat), middleOf(other.seat)), middleOf(other.seat)],
          measured: apart,
          required: width!,
          names: [named(one.seat.record.code)],
        },
      ];
    });
  },
};
