import { add, inward, length, scale, subtract, type Point } from './point';
import { forEachEdge, signedArea, type Polygon } from './polygon';
import { without, type Region } from './region';

/** What of a region (outlines counter-clockwise, holes clockwise) is no nearer to its edges than so much, mm, corners staying square: right to 0.001 mm. */
export function setIn(region: readonly Polygon[], by: number): Region {
  const strips = region.flatMap((ring) => edgeStrips(ring, by));
  return without([...region], strips).filter((ring) => Math.abs(signedArea(ring)) > 0);
}

/** A strip along each edge of a ring, so wide to either side, and as much past its ends, so that those of two edges meet at a corner; mm. */
export function edgeStrips(ring: Polygon, by: number): Point[][] {
  const strips: Point[][] = [];
  forEachEdge(ring, (a, b) => {
    const along = subtract(b, a);
    const long = length(along);
    if (long === 0) return;
    const u = scale(along, 1 / long);
    const [out, on] = [scale(inward(u), by), scale(u, by)];
    const [from, to] = [subtract(a, on), add(b, on)];
    strips.push([add(from, out), add(to, out), subtract(to, out), subtract(from, out)]);
  });
  return strips;
}
