import { distance } from '../../geometry/point';
import { seatSides, type SeatSide } from '../facts/seat-sides';
import type { Seating } from '../facts/seats';
import type { Measure } from '../measure';

/** The width that each seat has at a straight edge, and the room for knees under a top, by the height of the surface above the floor. */
export const seating: Measure<SeatSide> = {
  id: 'seating',
  subjects: seatSides,
  take({ seats }) {
    const deep = ({ depth }: Seating) => depth ?? Infinity;
    const tightest = seats.reduce((one, other) => (deep(other) < deep(one) ? other : one));
    const { edge, isRound, depth } = tightest;
    return [
      {
        key: seats.map(({ seat }) => seat.id).join(' '),
        ids: [...new Set([tightest, ...seats].map(({ seat }) => seat.id)), tightest.at],
        place: tightest.place,
        about: [{ of: tightest.seat.id }],
        values: {
          ...(!isRound && { 'width-per-seat': distance(...edge) / seats.length }),
          ...(depth !== null && { 'knee-depth': depth }),
        },
        traits: { surface: tightest.surface },
      },
    ];
  },
};
