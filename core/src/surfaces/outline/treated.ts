import { chordsFor, onArc, type Arc } from '../../geometry/arc';
import { cross, distance, dot, inward, place, subtract, unit, type Point } from '../../geometry/point';
import { signedArea } from '../../geometry/polygon';
import { SAME_PLACE } from '../../geometry/tolerance';
import { ok, refuse, type Result } from '../../result';
import { quantise } from '../../units/units';
import type { RingEdge } from './edge-ring';

/** How a corner is made: round, tangent to both of its edges, or cut off by so much along both. Lengths mm. */
export type CornerShape = { radius: number } | { chamfer: number };

/** A corner that is made otherwise than sharp: between the edges of two keys, in either order. */
export interface TreatedCorner {
  at: readonly [string, string];
  shape: CornerShape;
}

/** A stretch of a finished outline: what is left of an edge, or what is made of a corner. */
export type OutlinePart<E = unknown> = { type: 'edge'; edge: E; a: Point; b: Point } | MadeCorner;

/** What is made of a corner: a cut across it, or an arc. */
type MadeCorner = { type: 'chamfer'; a: Point; b: Point } | { type: 'arc'; a: Point; b: Point; arc: Arc };

/** The outline of an edge ring with its corners as they are made, each given with the edge that begins at it (null: sharp). Refused where they take more of an edge than there is. */
export function treatedOutline<E extends RingEdge>(
  ring: readonly E[],
  shapes: readonly (CornerShape | null | undefined)[],
): Result<OutlinePart<E>[]> {
  const shaped = ring.map((edge, index) => {
    const shape = shapes[index];
    return shape ? madeCorner(ring[(index + ring.length - 1) % ring.length]!, edge, shape) : null;
  });
  const parts: OutlinePart<E>[] = [];
  for (const [index, edge] of ring.entries()) {
    const [own, next] = [shaped[index], shaped[(index + 1) % ring.length]];
    const [a, b] = [own?.b ?? edge.a, next?.a ?? edge.b];
    const full = subtract(edge.b, edge.a);
    if ((own || next) && dot(subtract(b, a), full) < -SAME_PLACE * Math.hypot(full.x, full.y))
      return refuse('top-corner-too-large', { edge: edge.key, length: distance(edge.a, edge.b) });
    if (own) parts.push(own);
    parts.push({ type: 'edge', edge, a, b });
  }
  return ok(parts);
}

/** The edge that begins at the corner between two edges, in either order; -1 where they do not meet. */
export function cornerIndex(ring: readonly RingEdge[], [one, other]: TreatedCorner['at']): number {
  return ring.findIndex((edge, index) => {
    const before = ring[(index + ring.length - 1) % ring.length]!;
    return (before.key === one && edge.key === other) || (before.key === other && edge.key === one);
  });
}

/** What is made of the corner where one edge ends and the next begins; nothing where they run on straight. */
function madeCorner(first: RingEdge, second: RingEdge, shape: CornerShape): MadeCorner | null {
  const [u, v] = [unit(subtract(first.b, first.a)), unit(subtract(second.b, second.a))];
  const turn = Math.atan2(cross(u, v), dot(u, v));
  if (Math.abs(turn) < 1e-9) return null;
  const corner = second.a;
  const back = 'radius' in shape ? shape.radius * Math.tan(Math.abs(turn) / 2) : shape.chamfer;
  const [a, b] = [place(corner, u, -back, v, 0), place(corner, v, back, u, 0)];
  if ('chamfer' in shape) return { type: 'chamfer', a, b };
  // To the side it turns to: inside the top where that is its left, outside where it is a re-entrant corner.
  const centre = place(a, inward(u), -Math.sign(turn) * shape.radius, u, 0);
  const from = Math.atan2(a.y - centre.y, a.x - centre.x);
  return { type: 'arc', a, b, arc: { centre, radius: shape.radius, from, sweep: turn } };
}

/** Area within a closed outline, mm²: of its chords, and between each arc and its chord (radius² (sweep - sin sweep) / 2). */
export function areaWithin(parts: readonly OutlinePart[]): number {
  const chords = signedArea(parts.map(({ a }) => a));
  return parts.reduce((area, part) => {
    if (part.type !== 'arc') return area;
    const { radius, sweep } = part.arc;
    return area + (radius * radius * (sweep - Math.sin(sweep))) / 2;
  }, chords);
}

/** Length of a stretch of an outline, mm. */
export const partLength = (part: OutlinePart): number =>
  part.type === 'arc' ? part.arc.radius * Math.abs(part.arc.sweep) : distance(part.a, part.b);

/** The outline as a ring of places, its arcs as chords. */
export const chordsOf = (parts: readonly OutlinePart[]): Point[] =>
  parts.flatMap((part) => {
    if (part.type !== 'arc') return distance(part.a, part.b) > SAME_PLACE ? [part.a] : [];
    const count = chordsFor(part.arc.radius, part.arc.sweep);
    return Array.from({ length: count }, (_, index) => onArc(part.arc, index / count));
  });

/** An outline as it is told: its corners, of those that are made otherwise both places where that begins and ends, and its arcs. */
export interface ToldOutline {
  vertices: [number, number][];
  arcs: { centre: [number, number]; radius: number }[];
}

export const toldOutline = (parts: readonly OutlinePart[]): ToldOutline => ({
  vertices: parts
    .filter((part) => part.type !== 'edge' || partLength(part) > SAME_PLACE)
    .map(({ a }) => pairOf(a)),
  arcs: parts.flatMap((part) =>
    part.type === 'arc' ? [{ centre: pairOf(part.arc.centre), radius: part.arc.radius }] : [],
  ),
});

export const pairOf = ({ x, y }: Point): [number, number] => [quantise(x), quantise(y)];
