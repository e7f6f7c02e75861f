import { distance, middle, type Point } from './point';
import { contains, distanceToSegment, type Polygon } from './polygon';

/** How near to an edge a place must be to lie on it, mm. */
const ON_EDGE = 1e-3;

/**
 * The two parts of a polygon on either side of a straight cut between two places on its edge: first the one met going on along
 * the polygon from `a` to `b`. Null when the cut does not run through the inside.
 */
export function splitPolygon(polygon: Polygon, a: Point, b: Point): [Point[], Point[]] | null {
  const [edgeA, edgeB] = [edgeOf(polygon, a), edgeOf(polygon, b)];
  if (edgeA < 0 || edgeB < 0 || edgeA === edgeB || !contains(polygon, middle(a, b))) return null;
  const along = (from: number, to: number): Point[] => {
    const corners: Point[] = [];
    for (let index = from; index !== to; index = (index + 1) % polygon.length)
      corners.push(polygon[(index + 1) % polygon.length]!);
    return corners;
  };
  const parts = [
    [a, ...along(edgeA, edgeB), b],
    [b, ...along(edgeB, edgeA), a],
  ].map(withoutDoubles);
  return parts.every((part) => part.length >= 3) ? (parts as [Point[], Point[]]) : null;
}

/** The edge a place lies on, by its first corner; -1 for none. */
function edgeOf(polygon: Polygon, place: Point): number {
  return polygon.findIndex(
    (corner, index) => distanceToSegment(place, corner, polygon[(index + 1) % polygon.length]!) < ON_EDGE,
  );
}

function withoutDoubles(corners: readonly Point[]): Point[] {
  return corners.filter((corner, index) => distance(corner, corners.at(index - 1)!) > ON_EDGE);
}
