import { add, distance, dot, scale, subtract, type Point } from './point';

/** The foot of a place on a segment. */
export function footOn(point: Point, a: Point, b: Point): Point {
  const along = subtract(b, a);
  const size = dot(along, along);
  const share = size > 0 ? Math.min(1, Math.max(0, dot(subtract(point, a), along) / size)) : 0;
  return add(a, scale(along, share));
}

/** The least distance between two segments that do not cross, and where it is. */
export function nearestBetween(
  [a, b]: readonly [Point, Point],
  [c, d]: readonly [Point, Point],
): { apart: number; from: Point; to: Point } {
  const pairs: [Point, Point][] = [
    [a, footOn(a, c, d)],
    [b, footOn(b, c, d)],
    [footOn(c, a, b), c],
    [footOn(d, a, b), d],
  ];
  const found = pairs.map(([from, to]) => ({ apart: distance(from, to), from, to }));
  return found.reduce((one, other) => (other.apart < one.apart ? other : one));
}
