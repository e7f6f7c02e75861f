import { cross, distance, type Point } from './point';

export type Polygon = readonly Point[];

// Areas, centroids and whether a place lies inside are asked of rings again and again: loops keep their sums, a closure makes a number anew for each.

/** Signed area, mm²: positive counter-clockwise (shoelace formula). */
export function signedArea(polygon: Polygon): number {
  const count = polygon.length;
  let twice = 0;
  for (let i = 0; i < count; i++) twice += cross(polygon[i]!, polygon[i + 1 < count ? i + 1 : 0]!);
  return twice / 2;
}

export function perimeter(polygon: Polygon): number {
  let sum = 0;
  forEachEdge(polygon, (a, b) => (sum += distance(a, b)));
  return sum;
}

/** Calls back with each edge's start, end and index, the closing edge too. */
export function forEachEdge(polygon: Polygon, visit: (a: Point, b: Point, index: number) => void): void {
  for (let i = 0; i < polygon.length; i++) visit(polygon[i]!, polygon[(i + 1) % polygon.length]!, i);
}

/** Whether the point is inside (even-odd rule; on the edge is either). */
export function contains(polygon: Polygon, point: Point): boolean {
  const { x, y } = point;
  const count = polygon.length;
  let inside = false;
  for (let i = 0; i < count; i++) {
    const a = polygon[i]!;
    const b = polygon[i + 1 < count ? i + 1 : 0]!;
    if (a.y > y !== b.y > y && x < ((b.x - a.x) * (y - a.y)) / (b.y - a.y) + a.x) inside = !inside;
  }
  return inside;
}

/** A straight piece of a line. */
export interface Segment {
  a: Point;
  b: Point;
}

export interface Bounds {
  left: number;
  bottom: number;
  right: number;
  top: number;
}

export const boundsOf = (points: Iterable<Point>): Bounds => boundsOfAll([points]);

/** The bounds of several rings together. */
export function boundsOfAll(rings: readonly Iterable<Point>[]): Bounds {
  let [left, bottom, right, top] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const ring of rings)
    for (const { x, y } of ring) {
      left = Math.min(left, x);
      right = Math.max(right, x);
      bottom = Math.min(bottom, y);
      top = Math.max(top, y);
    }
  return { left, bottom, right, top };
}

/** Bounds that reach so much further all round. */
export const widened = ({ left, right, bottom, top }: Bounds, by: number): Bounds => ({
  left: left - by,
  right: right + by,
  bottom: bottom - by,
  top: top + by,
});

/** The corners of a box, counter-clockwise from its lower left one. */
export const boundsCorners = ({ left, right, bottom, top }: Bounds): [Point, Point, Point, Point] => [
  { x: left, y: bottom },
  { x: right, y: bottom },
  { x: right, y: top },
  { x: left, y: top },
];

/** Whether two bounds share a place. */
export function boundsMeet(a: Bounds, b: Bounds): boolean {
  return a.bottom < b.top && b.bottom < a.top && a.left < b.right && b.left < a.right;
}

/** Area centroid, mm; falls back to the first corner for a polygon without area. */
export function centroid(polygon: Polygon): Point {
  const area = signedArea(polygon);
  if (area === 0) return polygon[0]!;
  const count = polygon.length;
  let x = 0;
  let y = 0;
  for (let i = 0; i < count; i++) {
    const a = polygon[i]!;
    const b = polygon[i + 1 < count ? i + 1 : 0]!;
    const by = cross(a, b);
    x += (a.x + b.x) * by;
    y += (a.y + b.y) * by;
  }
  return { x: x / (6 * area), y: y / (6 * area) };
}

/** Distance from a point to a segment, mm. */
export function distanceToSegment(point: Point, a: Point, b: Point): number {
  // Asked of every edge of an outline: nothing is made on the way.
  const [x, y] = [b.x - a.x, b.y - a.y];
  const size = x * x + y * y;
  const t = size === 0 ? 0 : Math.max(0, Math.min(1, ((point.x - a.x) * x + (point.y - a.y) * y) / size));
  const [dx, dy] = [a.x + x * t - point.x, a.y + y * t - point.y];
  return Math.sqrt(dx * dx + dy * dy);
}

/** Distance from a point to a line of segments, mm. */
export function distanceToPath(point: Point, path: readonly Point[]): number {
  let least = Infinity;
  for (let i = 1; i < path.length; i++)
    least = Math.min(least, distanceToSegment(point, path[i - 1]!, path[i]!));
  return least;
}

/** Where the first pair of edges that do not share a corner cross each other, or null for a simple polygon. */
export function crossingEdges(polygon: Polygon): [number, number] | null {
  const count = polygon.length;
  for (let i = 0; i < count; i++) {
    for (let j = i + 2; j < count; j++) {
      if (i === 0 && j === count - 1) continue;
      if (!extentsTouch(polygon[i]!, polygon[i + 1]!, polygon[j]!, polygon[(j + 1) % count]!)) continue;
      if (segmentsCross(polygon[i]!, polygon[i + 1]!, polygon[j]!, polygon[(j + 1) % count]!)) return [i, j];
    }
  }
  return null;
}

/** Whether the extents of two segments touch: most do not, and it is asked of every two. */
function extentsTouch(a: Point, b: Point, c: Point, d: Point): boolean {
  if (Math.max(a.x, b.x) < Math.min(c.x, d.x) || Math.max(c.x, d.x) < Math.min(a.x, b.x)) return false;
  return Math.max(a.y, b.y) >= Math.min(c.y, d.y) && Math.max(c.y, d.y) >= Math.min(a.y, b.y);
}

/** Whether two segments cross (touching ends count where they lie to different sides). */
export function segmentsCross(a: Point, b: Point, c: Point, d: Point): boolean {
  return sideOf(a, b, c) !== sideOf(a, b, d) && sideOf(c, d, a) !== sideOf(c, d, b);
}

/** To which side of the way from one place to another a third lies: 1 to its left, -1 to its right, 0 on it. */
const sideOf = (p: Point, q: Point, r: Point): number =>
  Math.sign((q.x - p.x) * (r.y - p.y) - (q.y - p.y) * (r.x - p.x));
