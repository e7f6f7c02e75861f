import { distance, type Point } from '../../geometry/point';
import { SAME_PLACE } from '../../geometry/tolerance';
import { perDesign } from '../../document/design';
import { seatings, type Seating } from '../facts/seats';
import type { Measure } from '../measure';

/** Those who sit at one edge. */
interface Side {
  seats: readonly Seating[];
}

/** The edges that are sat at: each with its seats. */
const sides = perDesign((design): readonly Side[] => {
  const found: Seating[][] = [];
  for (const one of seatings(design)) {
    const own = found.find(([first]) => first!.at === one.at && isSame(first!.edge, one.edge));
    if (own) own.push(one);
    else found.push([one]);
  }
  return found.map((seats) => ({ seats }));
});

function isSame([a, b]: readonly [Point, Point], [c, d]: readonly [Point, Point]): boolean {
  return distance(a, c) < SAME_PLACE && distance(b, d) < SAME_PLACE;
}

/** The width that each seat has at an edge, and the room for knees under it, by the height of the surface above the floor. */
export const seating: Measure<Side> = {
  id: 'seating',
  subjects: sides,
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
