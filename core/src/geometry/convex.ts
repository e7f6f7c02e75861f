import { add, distance, dot, scale, subtract, unit, type Point } from './point';
import { forEachEdge, signedArea, type Polygon } from './polygon';

/**
 * How far two convex polygons go into each other, mm: the shortest move that parts them (separating axes).
 * Zero or negative when they touch or stand apart (then the largest separation over the axes, negated).
 */
export function overlapDepth(a: Polygon, b: Polygon): number {
  let least = Infinity;
  for (const polygon of [a, b]) {
    forEachEdge(polygon, (p, q) => {
      const edge = subtract(q, p);
      const axis = scale({ x: -edge.y, y: edge.x }, 1 / Math.hypot(edge.x, edge.y));
      const [ownLow, ownHigh] = extent(a, axis);
      const [otherLow, otherHigh] = extent(b, axis);
      least = Math.min(least, Math.min(ownHigh, otherHigh) - Math.max(ownLow, otherLow));
    });
  }
  return least;
}

/** The lowest and highest projection of a polygon on a unit axis. */
export function extent(polygon: Polygon, axis: Point): [number, number] {
  let low = Infinity;
  let high = -Infinity;
  for (const point of polygon) {
    const at = dot(point, axis);
    if (at < low) low = at;
    if (at > high) high = at;
  }
  return [low, high];
}

/** The part of a polygon where dot(point, normal) >= at least `from` (Sutherland–Hodgman, one half-plane). */
export function clipHalfPlane(polygon: Polygon, normal: Point, from: number): Point[] {
  const kept: Point[] = [];
  const count = polygon.length;
  for (let i = 0; i < count; i++) {
    const a = polygon[i]!;
    const b = polygon[i + 1 < count ? i + 1 : 0]!;
    const da = dot(a, normal) - from;
    const db = dot(b, normal) - from;
    if (da >= 0) kept.push(a);
    if (da >= 0 !== db >= 0) {
      const t = da / (da - db);
      kept.push({ x: a.x + (b.x - a.x) * t, y: a.y + (b.y - a.y) * t });
    }
  }
  return kept;
}

/** A polygon with each of its sides moved out by little against how long they are, mm. */
export function grown(polygon: Polygon, by: number): Point[] {
  const corners = polygon.filter((at, index) => distance(at, polygon.at(index - 1)!) > 0);
  const out = signedArea(corners) > 0 ? by : -by;
  const outward = (a: Point, b: Point): Point => {
    const { x, y } = unit(subtract(b, a));
    return { x: y, y: -x };
  };
  return corners.map((at, index) => {
    const before = outward(corners.at(index - 1)!, at);
    const after = outward(at, corners[(index + 1) % corners.length]!);
    // At the tip of a splinter no farther than ten times as far.
    return add(at, scale(add(before, after), out / Math.max(0.1, 1 + dot(before, after))));
  });
}
