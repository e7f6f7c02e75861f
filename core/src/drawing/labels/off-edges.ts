import Flatbush from 'flatbush';
import type { Point } from '../../geometry/point';
import { boundsOf, contains, distanceToSegment, forEachEdge, type Polygon } from '../../geometry/polygon';

/** How far a place is from the nearest edge of an outline, mm. */
export function offEdges(outline: Polygon, at: Point): number {
  let off = Infinity;
  forEachEdge(outline, (a, b) => (off = Math.min(off, distanceToSegment(at, a, b))));
  return off;
}

/** Whether a place lies in an outline, or nearer to it than a distance, mm. */
export const isBy = (outline: Polygon, at: Point, nearer: number): boolean =>
  contains(outline, at) || offEdges(outline, at) < nearer;

/** Whether a place lies in any of some things, or nearer to one than a distance, mm. */
export function standing(things: readonly { footprint: Polygon }[]): (at: Point, nearer: number) => boolean {
  if (things.length === 0) return () => false;
  const index = new Flatbush(things.length);
  for (const { footprint } of things) {
    const { left, right, bottom, top } = boundsOf(footprint);
    index.add(left, bottom, right, top);
  }
  index.finish();
  return (at, nearer) =>
    index
      .search(at.x - nearer, at.y - nearer, at.x + nearer, at.y + nearer)
      .some((found) => isBy(things[found]!.footprint, at, nearer));
}
