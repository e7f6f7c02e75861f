import { cross, place, subtract, type Point } from './point';

/** A line through a place, and the way it runs. */
export interface DirectedLine {
  from: Point;
  u: Point;
}

/** Where two lines cross; where they run the same way, the place of the second. */
export function crossing(before: DirectedLine, after: DirectedLine): Point {
  const turn = cross(before.u, after.u);
  if (Math.abs(turn) < 1e-9) return after.from;
  return place(before.from, before.u, cross(subtract(after.from, before.from), after.u) / turn, before.u, 0);
}
