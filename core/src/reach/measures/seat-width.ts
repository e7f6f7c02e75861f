import { middle } from '../../geometry/point';
import { middleOf } from '../../setting/item-box';
import { besideSeat, seatings, type Seating } from '../facts/seats';
import type { Measure } from '../measure';

/** How far the middles of seats beside one another stand apart. */
export const seatWidth: Measure<Seating> = {
  id: 'seat-width',
  subjects: seatings,
  take(one, look) {
    const all = look.at(seatings);
    const beside = besideSeat(one, all);
    // Each pair once.
    if (!beside || (besideSeat(beside.other, all)?.other === one && beside.other.seat.id < one.seat.id))
      return [];
    const { other, apart } = beside;
    return [
      {
        key: `${one.seat.id} ${other.seat.id}`,
        ids: [one.seat.id, other.seat.id],
        place: [middleOf(one.seat), middle(middleOf(one.seat), middleOf(other.seat)), middleOf(other.seat)],
        about: [{ of: one.seat.id }],
        values: { apart },
      },
    ];
  },
};
