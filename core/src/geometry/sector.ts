import { clipHalfPlane } from './convex';
import { add, direction, distance, dot, inward, scale, subtract, type Point } from './point';
import { contains, distanceToSegment, forEachEdge, type Polygon } from './polygon';
import { TOUCH } from './tolerance';
import { wrapAngle } from '../units/angles';

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

/** Whether two sectors share a place: the arcs cross, an edge crosses an edge or arc, or one holds the other's centre. */
export function sectorsMeet(a: Sector, b: Sector): boolean {
  if (holds(a, b.centre) || holds(b, a.centre)) return true;
  const edgesA = straightEdges(a);
  const edgesB = straightEdges(b);
  if (edgesA.some((edge) => edgesB.some((other) => cross2(edge, other)))) return true;
  if (edgesA.some((edge) => arcMeetsEdge(b, edge)) || edgesB.some((edge) => arcMeetsEdge(a, edge)))
    return true;
  return arcCrossings(a, b).some((point) => holds(a, point) && holds(b, point));
}

function holds({ centre, radius, from, sweep }: Sector, point: Point): boolean {
  const away = subtract(point, centre);
  const size = Math.hypot(away.x, away.y);
  if (size > radius + 1e-9) return false;
  if (size < 1e-9) return true;
  const turned = wrapAngle(Math.atan2(away.y, away.x) - from);
  return turned >= -1e-9 && turned <= sweep + 1e-9;
}

type Edge = [Point, Point];

function straightEdges({ centre, radius, from, sweep }: Sector): Edge[] {
  return [from, from + sweep].map((angle) => {
    const tip = direction(angle);
    return [centre, { x: centre.x + tip.x * radius, y: centre.y + tip.y * radius }];
  });
}

function cross2([a, b]: Edge, [c, d]: Edge): boolean {
  const side = (p: Point, q: Point, r: Point) => (q.x - p.x) * (r.y - p.y) - (q.y - p.y) * (r.x - p.x);
  return side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0;
}

function arcMeetsEdge(sector: Sector, [a, b]: Edge): boolean {
  const along = subtract(b, a);
  const away = subtract(a, sector.centre);
  const p = dot(along, along);
  const q = dot(along, away);
  const under = q * q - p * (dot(away, away) - sector.radius ** 2);
  if (under < 0) return false;
  return [-1, 1].some((sign) => {
    const t = (-q + sign * Math.sqrt(under)) / p;
    return t >= 0 && t <= 1 && holds(sector, { x: a.x + along.x * t, y: a.y + along.y * t });
  });
}

function arcCrossings(a: Sector, b: Sector): Point[] {
  const apart = distance(a.centre, b.centre);
  if (apart === 0 || apart > a.radius + b.radius || apart < Math.abs(a.radius - b.radius)) return [];
  const along = (apart * apart + a.radius ** 2 - b.radius ** 2) / (2 * apart);
  const off = Math.sqrt(Math.max(0, a.radius ** 2 - along ** 2));
  const u = scale(subtract(b.centre, a.centre), 1 / apart);
  const n = inward(u);
  return [off, -off].map((side) => ({
    x: a.centre.x + u.x * along + n.x * side,
    y: a.centre.y + u.y * along + n.y * side,
  }));
}
