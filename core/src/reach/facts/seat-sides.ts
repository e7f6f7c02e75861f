import { perDesign } from '../../document/design';
import { distance, type Point } from '../../geometry/point';
import { SAME_PLACE } from '../../geometry/tolerance';
import { seatings, type Seating } from './seats';

/** Those who sit at one edge. */
export interface SeatSide {
  seats: readonly Seating[];
}

/** The edges that are sat at, each with its seats. */
export const seatSides = perDesign((design): readonly SeatSide[] => {
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
