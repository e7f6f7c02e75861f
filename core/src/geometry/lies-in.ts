import type { Point } from './point';
import { contains, distanceToSegment, forEachEdge, segmentsCross, type Polygon } from './polygon';
import { SAME_PLACE } from './tolerance';

/** Whether all of an outline lies in another, or on its edges. */
export function liesIn(outline: Polygon, other: Polygon): boolean {
  const isAt = (corner: Point) => {
    let at = false;
    forEachEdge(other, (a, b) => {
      at ||= distanceToSegment(corner, a, b) <= SAME_PLACE;
    });
    return at;
  };
  if (!outline.every((corner) => contains(other, corner) || isAt(corner))) return false;
  let crossing = false;
  forEachEdge(outline, (a, b) => {
    forEachEdge(other, (c, d) => {
      const touching = [a, b].some((end) => distanceToSegment(end, c, d) <= SAME_PLACE);
      const cornered = [c, d].some((end) => distanceToSegment(end, a, b) <= SAME_PLACE);
      crossing ||= touching || cornered ? false : segmentsCross(a, b, c, d);
    });
  });
  return (
    !crossing &&
    outline.every((a, index) => {
      const b = outline[(index + 1) % outline.length]!;
      const middle = { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 };
      return contains(other, middle) || isAt(middle);
    })
  );
}
