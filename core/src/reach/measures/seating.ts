import { distance } from '../../geometry/point';
import { seatSides, type SeatSide } from '../facts/seat-sides';
import type { Measure } from '../measure';

/** The width that each seat has at an edge, and the room for knees under it, by the height of the surface above the floor. */
export const seating: Measure<SeatSide> = {
  id: 'seating',
  subjects: seatSides,
  take({ seats }) {
    const tightest = seats.reduce((one, other) => (other.depth < one.depth ? other : one));
    const [a, b] = tightest.edge;
    return [
      {
        key: seats.map(({ seat }) => seat.id).join(' '),
        ids: [...new Set([tightest, ...seats].map(({ seat }) => seat.id)), tightest.at],
        place: tightest.place,
        about: [{ of: tightest.seat.id }],
        values: { 'width-per-seat': distance(a, b) / seats.length, 'knee-depth': tightest.depth },
        traits: { surface: tightest.surface },
      },
    ];
  },
};
