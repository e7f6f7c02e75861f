import { clipHalfPlane } from './convex';
import { add, direction, inward, scale, subtract, type Point } from './point';
import { contains, distanceToSegment, forEachEdge, type Polygon } from './polygon';
import { TOUCH } from './tolerance';

/** A swept circular sector of less than half a turn: from angle `from`, counter-clockwise by `sweep` radians (0..π). */
export interface Sector {
  centre: Point;
  radius: number;
  from: number;
  sweep: number;
}

/**
 * How far a convex polygon reaches into a sector, mm: the radius less the distance of its nearest part inside the wedge; zero or less when clear.
 * Exact: the polygon is clipped by the wedge's two half-planes, then its distance from the centre is compared with the radius.
 */
export function reachIntoSector(polygon: Polygon, { centre, radius, from, sweep }: Sector): number {
  const startNormal = scale(inward(direction(from)), -1);
  const endNormal = inward(direction(from + sweep));
  const local = polygon.map((point) => subtract(point, centre));
  const within = (margin: number) =>
    clipHalfPlane(clipHalfPlane(local, startNormal, margin), endNormal, margin);
  // What only touches an edge of the wedge, at the hinge too, stands beside it.
  if (within(TOUCH).length < 3) return 0;
  const inWedge = within(1e-6);
  const origin = { x: 0, y: 0 };
  if (contains(inWedge, origin)) return radius;
  let nearest = Infinity;
  forEachEdge(inWedge, (a, b) => (nearest = Math.min(nearest, distanceToSegment(origin, a, b))));
  return radius - nearest;
}

/** A sector as a polygon: its centre, then points along its arc, at most `step` radians apart. */
export function sectorOutline({ centre, radius, from, sweep }: Sector, step = Math.PI / 36): Point[] {
  const parts = Math.max(1, Math.ceil(Math.abs(sweep) / step));
  const arc = Array.from({ length: parts + 1 }, (_, index) =>
    add(centre, scale(direction(from + (sweep * index) / parts), radius)),
  );
  return [centre, ...arc];
}
