import { chordsFor, type Arc } from '../../geometry/arc';
import { lineMeetsCircle } from '../../geometry/circle';
import {
  add,
  cross,
  direction,
  distance,
  dot,
  place,
  scale,
  subtract,
  unit,
  type Point,
} from '../../geometry/point';
import { contains, distanceToSegment, segmentsCross } from '../../geometry/polygon';
import type { OutlinePart } from './treated';

/** What is cut out of a top: a rectangle with round corners, or a circle, as what it is rounded about (a rectangle, a line or a place) and its radius, mm. */
export interface CutOut {
  id: string;
  core: readonly Point[];
  radius: number;
  /** mm² */
  area: number;
}

/** A rectangle whose near side has its middle at a place: so wide along u and so deep along `away`. */
export function rectangularCutOut(
  id: string,
  { near, u, away }: { near: Point; u: Point; away: Point },
  { width, depth, radius }: { width: number; depth: number; radius: number },
): CutOut {
  const half = width / 2 - radius;
  const core = [
    [-half, radius],
    [half, radius],
    [half, depth - radius],
    [-half, depth - radius],
  ].map(([along, in_]) => place(near, u, along!, away, in_!));
  return { id, core, radius, area: width * depth - (4 - Math.PI) * radius * radius };
}

export const roundCutOut = (id: string, centre: Point, radius: number): CutOut => ({
  id,
  core: [centre],
  radius,
  area: Math.PI * radius * radius,
});

/** The least distance of a cut-out to an outline, arcs included, mm; null where it does not lie within it (touching is within). */
export function distanceWithin(parts: readonly OutlinePart[], { core, radius }: CutOut): number | null {
  const sides = sidesOf(core);
  if (!sides.every(([a, b]) => between(parts, a, b).every((point) => within(parts, point)))) return null;
  let least = Infinity;
  for (const part of parts)
    for (const [a, b] of sides)
      least = Math.min(
        least,
        part.type === 'arc' ? arcToSegment(part, a, b) : segmentToSegment(part.a, part.b, a, b),
      );
  const free = least - radius;
  return free < -EDGE ? null : Math.max(0, free);
}

/** How far two cut-outs are apart, mm; below 0 where they overlap. */
export function cutOutsApart(one: CutOut, other: CutOut): number {
  const inside = (core: readonly Point[], point: Point) => core.length > 2 && contains(core, point);
  if (inside(one.core, other.core[0]!) || inside(other.core, one.core[0]!)) return -Infinity;
  const all = sidesOf(one.core).flatMap(([a, b]) =>
    sidesOf(other.core).map(([c, d]) => segmentToSegment(a, b, c, d)),
  );
  return Math.min(...all) - one.radius - other.radius;
}

/** What lies over an edge by less than this lies at it, mm. */
const EDGE = 1e-6;

const sidesOf = (core: readonly Point[]): [Point, Point][] =>
  core.map((point, index) => [point, core[(index + 1) % core.length]!]);

/** Whether a place lies within an outline or at it: within its chords, but for what lies between an arc and its chord, where it is the other way round. */
function within(parts: readonly OutlinePart[], point: Point): boolean {
  if (parts.some((part) => toPart(part, point) <= EDGE)) return true;
  let inside = contains(
    parts.map(({ a }) => a),
    point,
  );
  for (const part of parts) if (part.type === 'arc' && underArc(part.arc, part, point)) inside = !inside;
  return inside;
}

/** A place of every stretch of a line between where it meets an outline, and its ends. */
function between(parts: readonly OutlinePart[], a: Point, b: Point): Point[] {
  const size = distance(a, b);
  if (size <= EDGE) return [a];
  const met = parts.flatMap((part) => meets(part, a, b)).filter((at) => at > 0 && at < 1);
  const stops = [0, ...met.sort((one, other) => one - other), 1];
  const at = (share: number) => ({ x: a.x + (b.x - a.x) * share, y: a.y + (b.y - a.y) * share });
  return [a, b, ...stops.slice(1).map((stop, index) => at((stop + stops[index]!) / 2))];
}

/** Where the line through two places meets a stretch of an outline, as shares of the way between them. */
export function meets(part: OutlinePart, a: Point, b: Point): number[] {
  const way = subtract(b, a);
  if (part.type === 'arc') {
    const size = distance(a, b);
    return lineMeetsCircle(a, unit(way), part.arc)
      .filter((point) => facing(part.arc, point))
      .map((point) => dot(subtract(point, a), way) / (size * size));
  }
  const edge = subtract(part.b, part.a);
  const turn = cross(way, edge);
  if (turn === 0) return [];
  const off = subtract(part.a, a);
  const along = cross(off, way) / turn;
  return along >= 0 && along <= 1 ? [cross(off, edge) / turn] : [];
}

const toPart = (part: OutlinePart, point: Point): number =>
  part.type === 'arc' ? pointToArc(part.arc, part, point) : distanceToSegment(point, part.a, part.b);

/** Whether a place lies between an arc of less than a full turn and its chord. */
function underArc({ centre, radius, sweep }: Arc, { a, b }: { a: Point; b: Point }, point: Point): boolean {
  const side = cross(subtract(b, a), subtract(point, a));
  return distance(centre, point) < radius && side * sweep < 0;
}

/** Whether the direction of a place, seen from the centre, is one that an arc passes. */
function facing({ centre, from, sweep }: Arc, point: Point): boolean {
  const angle = Math.atan2(point.y - centre.y, point.x - centre.x) - from;
  const turn = 2 * Math.PI;
  const along = sweep > 0 ? angle : -angle;
  return (((along % turn) + turn) % turn) - Math.abs(sweep) <= 1e-12;
}

function pointToArc(arc: Arc, { a, b }: { a: Point; b: Point }, point: Point): number {
  const ends = Math.min(distance(a, point), distance(b, point));
  return facing(arc, point) ? Math.min(ends, Math.abs(distance(arc.centre, point) - arc.radius)) : ends;
}

/** The least distance of an arc and a line: none where they cross, else at an end of either, or where the line comes nearest to the centre. */
function arcToSegment(part: OutlinePart & { type: 'arc' }, a: Point, b: Point): number {
  if (meets(part, a, b).some((at) => at >= 0 && at <= 1)) return 0;
  const way = subtract(b, a);
  const size = dot(way, way);
  const share = size === 0 ? 0 : dot(subtract(part.arc.centre, a), way) / size;
  const foot = { x: a.x + way.x * share, y: a.y + way.y * share };
  return Math.min(
    ...[a, b, ...(share > 0 && share < 1 ? [foot] : [])].map((point) => pointToArc(part.arc, part, point)),
    distanceToSegment(part.a, a, b),
    distanceToSegment(part.b, a, b),
  );
}

function segmentToSegment(a: Point, b: Point, c: Point, d: Point): number {
  if (segmentsCross(a, b, c, d)) return 0;
  return Math.min(
    distanceToSegment(a, c, d),
    distanceToSegment(b, c, d),
    distanceToSegment(c, a, b),
    distanceToSegment(d, a, b),
  );
}

/** A cut-out as a ring of places, its round corners as chords. */
export function cutOutRing({ core, radius }: CutOut): Point[] {
  if (radius === 0) return [...core];
  const turn = core.length > 2 ? Math.PI / 2 : 2 * Math.PI;
  const count = Math.max(2, chordsFor(radius, turn));
  const first = core.length > 1 ? subtract(core[0]!, core[1]!) : { x: 1, y: 0 };
  // The corners are walked about the middle; each has its quarter from where the side before it ends.
  const round =
    core.length > 2 ? Math.sign(cross(subtract(core[1]!, core[0]!), subtract(core[2]!, core[1]!))) : 1;
  const from = Math.atan2(first.y, first.x);
  return core.flatMap((point, index) =>
    Array.from({ length: core.length > 1 ? count + 1 : count }, (_, step) =>
      add(point, scale(direction(from + round * turn * (index + step / count)), radius)),
    ),
  );
}
