import {
  add,
  cross,
  distance,
  dot,
  inward,
  place,
  scale,
  subtract,
  unit,
  type Point,
} from '../../geometry/point';
import { crossingEdges } from '../../geometry/polygon';
import { SAME_PLACE } from '../../geometry/tolerance';
import { ok, refuse, type Result } from '../../result';

/** What an edge of a top is: what one stands before, what lies at a wall or behind, an end, or the side of a break. */
export type EdgeKind = 'front' | 'back' | 'end' | 'cut';

/** An edge as it lies before it is moved: a place it begins at, its direction with the top on its left, and how far out it is moved, mm (negative: short of its line). */
export interface EdgeLine {
  key: string;
  kind: EdgeKind;
  from: Point;
  u: Point;
  over: number;
}

/** An edge of a top's outline, walked counter-clockwise. */
export interface RingEdge {
  key: string;
  kind: EdgeKind;
  a: Point;
  b: Point;
}

/** Directions that differ by less than this (radians) cross nowhere that could be told. */
const NO_CROSSING = 1e-7;

/** The line of an edge once it is moved: out is to the right of the way it is walked. */
const moved = ({ from, u, over }: EdgeLine): Point => place(from, u, 0, inward(u), over);

/** The edge from one place to another. */
export const edgeBetween = (
  key: string,
  kind: EdgeKind,
  [from, to]: readonly [Point, Point],
  over: number,
): EdgeLine => ({
  key,
  kind,
  from,
  u: unit(subtract(to, from)),
  over,
});

/**
 * The outline that edges make, each moved by its own overhang: corners are where neighbouring lines cross. Neighbours in one direction
 * that lie apart are joined by a step square to them, where the second begins (`step-<first>-<second>`).
 * Refused where an edge is moved away altogether, or the outline crosses itself.
 */
export function edgeRing(lines: readonly EdgeLine[]): Result<RingEdge[]> {
  const edges: RingEdge[] = lines.map(({ key, kind }) => ({ key, kind, a: NOWHERE, b: NOWHERE }));
  const ring: RingEdge[] = [];
  const steps = new Map<number, RingEdge>();
  for (const [index, line] of lines.entries()) {
    const before = (index + lines.length - 1) % lines.length;
    const [last, next] = [edges[before]!, edges[index]!];
    const met = meeting(lines[before]!, line);
    if (!met) return refuse('top-edges-fold', { first: lines[before]!.key, second: line.key });
    [last.b, next.a] = met;
    if (met[0] !== met[1])
      steps.set(index, { key: `step-${last.key}-${next.key}`, kind: 'end', a: met[0], b: met[1] });
  }
  for (const [index, edge] of edges.entries()) {
    if (dot(subtract(edge.b, edge.a), lines[index]!.u) < -SAME_PLACE)
      return refuse('top-edge-gone', { edge: edge.key });
    const step = steps.get(index);
    if (step) ring.push(step);
    ring.push(edge);
  }
  const long = ring.filter(({ a, b }) => distance(a, b) > SAME_PLACE);
  const crossed = crossingEdges(long.map(({ a }) => a));
  if (crossed)
    return refuse('top-crosses-itself', { first: long[crossed[0]]!.key, second: long[crossed[1]]!.key });
  return ok(ring);
}

const NOWHERE: Point = { x: 0, y: 0 };

/** Where one edge ends and the next begins: the same place where their lines cross; null where the second runs straight back. */
function meeting(first: EdgeLine, second: EdgeLine): readonly [Point, Point] | null {
  const [a, b] = [moved(first), moved(second)];
  const turn = cross(first.u, second.u);
  if (Math.abs(turn) > NO_CROSSING) {
    const corner = add(a, scale(first.u, cross(subtract(b, a), second.u) / turn));
    return [corner, corner];
  }
  if (dot(first.u, second.u) < 0) return null;
  const foot = add(a, scale(first.u, dot(subtract(b, a), first.u)));
  return Math.abs(cross(first.u, subtract(b, a))) <= SAME_PLACE ? [foot, foot] : [foot, b];
}
