import { clipHalfPlane, extent } from '../geometry/convex';
import { TOUCH } from '../geometry/tolerance';
import { cross, dot, scale, subtract, type Point } from '../geometry/point';

/** A band of floor seen from an origin: along u without end, from `near` to `far` along n. */
export interface Strip {
  origin: Point;
  u: Point;
  n: Point;
  near: number;
  far: number;
}

/** The stretch [from, to] along u that a convex polygon takes of a strip, or null if it stays outside or only touches its edges. */
export function stretchOfPolygon(strip: Strip, polygon: readonly Point[]): [number, number] | null {
  return misses(strip, polygon)
    ? null
    : polygonStretch(narrowed(strip), polygon) && polygonStretch(strip, polygon);
}

/** The stretch along u that a segment takes of a strip, or null if it stays outside or only touches its edges. */
export function stretchOfSegment(strip: Strip, a: Point, b: Point): [number, number] | null {
  return misses(strip, [a, b]) ? null : segmentStretch(narrowed(strip), a, b) && segmentStretch(strip, a, b);
}

/** The stretches along u that a line of segments takes of a strip: one for every time it comes in. */
export function stretchesOfPath(strip: Strip, path: readonly Point[]): [number, number][] {
  return joined(path.slice(1).map((end, i) => stretchOfSegment(strip, path[i]!, end)));
}

/** Stretches of edges that follow one another, as one where they join: where a line leaves the strip between two edges and comes back elsewhere, they do not. */
export function joined(stretches: readonly ([number, number] | null)[]): [number, number][] {
  const all: [number, number][] = [];
  let open = false;
  for (const stretch of stretches) {
    const last = all.at(-1);
    if (stretch && open && last && stretch[0] <= last[1] + TOUCH && stretch[1] >= last[0] - TOUCH) {
      last[0] = Math.min(last[0], stretch[0]);
      last[1] = Math.max(last[1], stretch[1]);
    } else if (stretch) all.push([...stretch]);
    open = stretch !== null;
  }
  return all;
}

/** Stretches that meet or lie over one another as one. */
export function merged(stretches: readonly (readonly [number, number])[]): [number, number][] {
  const all: [number, number][] = [];
  for (const [from, to] of [...stretches].sort((a, b) => a[0] - b[0])) {
    const last = all.at(-1);
    if (last && from <= last[1] + TOUCH) last[1] = Math.max(last[1], to);
    else all.push([from, to]);
  }
  return all;
}

/** What some stretches leave free of a length, but for what is no longer than the least, mm. */
export function leftFree(
  taken: readonly (readonly [number, number])[],
  long: number,
  least: number,
): [number, number][] {
  const free: [number, number][] = [];
  let from = 0;
  for (const [left, right] of [...merged(taken), [long, long] as const]) {
    const to = Math.min(left, long);
    if (to - from > least) free.push([from, to]);
    from = Math.max(from, right);
  }
  return free;
}

/** Whether all of some points lie on one side of a strip: most things do, and nothing more has to be computed for them. */
function misses({ origin, n, near, far }: Strip, points: readonly Point[]): boolean {
  let [before, behind] = [true, true];
  for (const point of points) {
    const out = (point.x - origin.x) * n.x + (point.y - origin.y) * n.y;
    if (out > near) before = false;
    if (out < far) behind = false;
    if (!before && !behind) return false;
  }
  return true;
}

/** What reaches no deeper into a strip than a touch is not in it; what is in it is measured over its whole depth. */
function narrowed(strip: Strip): Strip {
  return { ...strip, near: strip.near + TOUCH, far: strip.far - TOUCH };
}

function polygonStretch(strip: Strip, polygon: readonly Point[]): [number, number] | null {
  const { origin, u, n, near, far } = strip;
  const local = polygon.map((point) => subtract(point, origin));
  const inside = clipHalfPlane(clipHalfPlane(local, n, near), scale(n, -1), -far);
  return inside.length < 3 ? null : extent(inside, u);
}

function segmentStretch({ origin, u, n, near, far }: Strip, a: Point, b: Point): [number, number] | null {
  const [sa, sb] = [subtract(a, origin), subtract(b, origin)];
  const [ya, yb] = [dot(sa, n), dot(sb, n)];
  const [xa, xb] = [dot(sa, u), dot(sb, u)];
  const within = (limit: number) => (limit - ya) / (yb - ya);
  let [from, to] = [0, 1];
  if (Math.abs(yb - ya) < 1e-9) {
    if (ya < near || ya > far) return null;
  } else {
    const [t1, t2] = [within(near), within(far)].sort((p, q) => p - q) as [number, number];
    [from, to] = [Math.max(0, t1), Math.min(1, t2)];
    if (from >= to) return null;
  }
  const [p, q] = [xa + (xb - xa) * from, xa + (xb - xa) * to];
  return p < q ? [p, q] : [q, p];
}

/** Whether two directions are parallel, either way round, within an angle. */
export function parallel(a: Point, b: Point, within: number): boolean {
  return Math.abs(cross(a, b)) <= Math.sin(within);
}
