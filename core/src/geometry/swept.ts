import { circlesMeet, lineMeetsCircle } from './circle';
import { clipHalfPlane } from './convex';
import {
  add,
  cross,
  direction,
  distance,
  dot,
  inward,
  length,
  scale,
  subtract,
  unit,
  type Point,
} from './point';
import { contains, distanceToSegment, forEachEdge, segmentsCross, signedArea, type Polygon } from './polygon';
import { wrapAngle } from '../units/angles';

/** A convex place in plan bounded by straight edges and at most one arc: what a leaf sweeps, what a drawer comes out over, a piece of a body. */
export interface Swept {
  /** The arc as chords that stand off it by no more than a hundredth of a millimetre. */
  outline: Polygon;
  edges: readonly (readonly [Point, Point])[];
  arc: SweptArc | null;
}

interface SweptArc {
  centre: Point;
  radius: number;
  /** Counter-clockwise from here by so much, radians. */
  from: number;
  sweep: number;
}

/** How far chords stand off an arc, mm. */
const OFF = 1e-2;

/** A convex polygon as a swept place. */
export function sweptPolygon(outline: Polygon): Swept {
  const edges: [Point, Point][] = [];
  forEachEdge(outline, (a, b) => edges.push([a, b]));
  return { outline, edges, arc: null };
}

/** A leaf that turns about a corner of its own, at its face on the side it swings to; mm and radians. */
export interface TurningLeaf {
  pivot: Point;
  width: number;
  thick: number;
  /** The directions of its face closed and open. */
  closed: number;
  open: number;
}

/**
 * What a leaf sweeps beyond the line it is closed on. The corner of its edge behind its face reaches the farthest: along an arc until the leaf
 * stands open, from where on its edge bounds the place.
 */
export function sweptByLeaf({ pivot, width, thick, closed, open }: TurningLeaf): Swept {
  const sign = Math.sign(open - closed) || 1;
  const radius = Math.hypot(width, thick);
  const turned = Math.max(0, Math.abs(open - closed) - Math.atan2(thick, width));
  const last = closed + sign * turned;
  const parts = Math.max(1, Math.ceil(turned / (2 * Math.acos(1 - OFF / radius))));
  const at = (angle: number, far: number) => add(pivot, scale(direction(angle), far));
  const along = Array.from({ length: parts + 1 }, (_, index) =>
    at(closed + (sign * turned * index) / parts, radius),
  );
  const leading = at(open, width);
  const ring = [pivot, ...along, leading];
  return {
    outline: signedArea(ring) < 0 ? ring.reverse() : ring,
    edges: [
      [pivot, along[0]!],
      [along.at(-1)!, leading],
      [leading, pivot],
    ],
    arc: { centre: pivot, radius, from: sign > 0 ? closed : last, sweep: turned },
  };
}

/** The area two convex polygons share, mm². */
export function sharedArea(a: Polygon, b: Polygon): number {
  let shared: Point[] = [...a];
  const around = signedArea(b) < 0 ? [...b].reverse() : b;
  forEachEdge(around, (from, to) => {
    if (shared.length < 3) return;
    const along = subtract(to, from);
    if (along.x === 0 && along.y === 0) return;
    const left = scale(inward(unit(along)), -1);
    shared = clipHalfPlane(shared, left, dot(from, left));
  });
  return shared.length < 3 ? 0 : Math.abs(signedArea(shared));
}

/** The least distance between two swept places, mm; 0 where they share a place. */
export function sweptApart(a: Swept, b: Swept): number {
  if (contains(a.outline, b.outline[0]!) || contains(b.outline, a.outline[0]!)) return 0;
  let least = Infinity;
  for (const [p, q] of a.edges)
    for (const [r, s] of b.edges) {
      if (!inLine(p, q, r, s) && segmentsCross(p, q, r, s)) return 0;
      least = Math.min(
        least,
        distanceToSegment(p, r, s),
        distanceToSegment(q, r, s),
        distanceToSegment(r, p, q),
        distanceToSegment(s, p, q),
      );
    }
  if (a.arc) for (const edge of b.edges) least = Math.min(least, edgeToArc(edge, a.arc));
  if (b.arc) for (const edge of a.edges) least = Math.min(least, edgeToArc(edge, b.arc));
  if (a.arc && b.arc) least = Math.min(least, arcToArc(a.arc, b.arc));
  return least;
}

/** Whether two segments run the same way (the sine of it): in one line, however far apart, they lie to different sides of one another by rounding only. */
function inLine(a: Point, b: Point, c: Point, d: Point): boolean {
  const [one, other] = [subtract(b, a), subtract(d, c)];
  return Math.abs(cross(one, other)) <= 1e-9 * length(one) * length(other);
}

/** Whether an arc of no more than half a turn lies in a direction from its centre. */
function reaches({ from, sweep }: SweptArc, towards: number): boolean {
  const turned = wrapAngle(towards - from);
  return turned >= -1e-9 && turned <= sweep + 1e-9;
}

function toArc(point: Point, arc: SweptArc): number {
  const away = subtract(point, arc.centre);
  if (reaches(arc, Math.atan2(away.y, away.x))) return Math.abs(Math.hypot(away.x, away.y) - arc.radius);
  return Math.min(...endsOf(arc).map((end) => distance(point, end)));
}

function endsOf({ centre, radius, from, sweep }: SweptArc): [Point, Point] {
  const end = (angle: number) => add(centre, scale(direction(angle), radius));
  return [end(from), end(from + sweep)];
}

function edgeToArc([a, b]: readonly [Point, Point], arc: SweptArc): number {
  if (crossesArc(a, b, arc)) return 0;
  const along = subtract(b, a);
  const size = dot(along, along);
  const share = size > 0 ? Math.min(1, Math.max(0, dot(subtract(arc.centre, a), along) / size)) : 0;
  const foot = add(a, scale(along, share));
  return Math.min(
    toArc(a, arc),
    toArc(b, arc),
    toArc(foot, arc),
    ...endsOf(arc).map((end) => distanceToSegment(end, a, b)),
  );
}

/** Whether a segment crosses an arc. */
function crossesArc(a: Point, b: Point, arc: SweptArc): boolean {
  const along = subtract(b, a);
  const size = Math.hypot(along.x, along.y);
  if (size === 0) return false;
  const u = scale(along, 1 / size);
  return lineMeetsCircle(a, u, arc).some((at) => {
    const share = dot(subtract(at, a), u);
    const away = subtract(at, arc.centre);
    return share >= 0 && share <= size && reaches(arc, Math.atan2(away.y, away.x));
  });
}

function arcToArc(a: SweptArc, b: SweptArc): number {
  const crossing = circlesMeet(a, b).some((at) =>
    [a, b].every((arc) => {
      const away = subtract(at, arc.centre);
      return reaches(arc, Math.atan2(away.y, away.x));
    }),
  );
  if (crossing) return 0;
  const between = subtract(b.centre, a.centre);
  const towards = Math.atan2(between.y, between.x);
  const ends = Math.min(...endsOf(a).map((end) => toArc(end, b)), ...endsOf(b).map((end) => toArc(end, a)));
  if (!reaches(a, towards) || !reaches(b, towards + Math.PI)) return ends;
  return Math.min(ends, Math.abs(Math.hypot(between.x, between.y) - a.radius - b.radius));
}
