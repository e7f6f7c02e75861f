import { add, inward, length, scale, subtract, type Point } from './point';
import { forEachEdge, signedArea, type Polygon } from './polygon';
import { without, type Region } from './region';

/** What of a region (outlines counter-clockwise, holes clockwise) is no nearer to its edges than so much, mm, corners staying square: right to 0.001 mm. */
export function setIn(region: readonly Polygon[], by: number): Region {
  const strips: Point[][] = [];
  for (const ring of region)
    forEachEdge(ring, (a, b) => {
      const along = subtract(b, a);
      const long = length(along);
      if (long === 0) return;
      const u = scale(along, 1 / long);
      // The region is to the left; at corners that come into it the strips of both edges meet.
      const [out, on] = [scale(inward(u), by), scale(u, by)];
      const [from, to] = [subtract(a, on), add(b, on)];
      strips.push([add(from, out), add(to, out), subtract(to, out), subtract(from, out)]);
    });
  return without([...region], strips).filter((ring) => Math.abs(signedArea(ring)) > 0);
}
