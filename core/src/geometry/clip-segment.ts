import { cross, distance, subtract, type Point } from './point';
import { forEachEdge, signedArea, type Polygon } from './polygon';

/** How long a segment lies within a convex polygon, mm. */
export function clipSegment(polygon: Polygon, a: Point, b: Point): number {
  const way = signedArea(polygon) < 0 ? -1 : 1;
  let [from, to] = [0, 1];
  forEachEdge(polygon, (c, d) => {
    const edge = subtract(d, c);
    const [atA, atB] = [way * cross(edge, subtract(a, c)), way * cross(edge, subtract(b, c))];
    if (atA >= 0 && atB >= 0) return;
    if (atA < 0 && atB < 0) to = -1;
    else if (atA < 0) from = Math.max(from, atA / (atA - atB));
    else to = Math.min(to, atA / (atA - atB));
  });
  return to > from ? (to - from) * distance(a, b) : 0;
}
