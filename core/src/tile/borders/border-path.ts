import { crossing, type DirectedLine } from '../../geometry/line-crossing';
import { cross, distance, dot, inward, place, subtract, unit, type Point } from '../../geometry/point';
import { crossingEdges, signedArea, type Polygon } from '../../geometry/polygon';

/** Corners that turn by less are those of a bend, radians: about 20 degrees. */
const BEND = 0.35;
export const isBend = (before: Point, after: Point): boolean =>
  Math.abs(Math.atan2(cross(before, after), dot(before, after))) < BEND;
/** Lines that turn by less run the same way, as a sine. */
const SAME_WAY = 0.02;
const SHORT = 0.01;

/** An edge of a path: where it begins and which way it runs, the inside to its left. */
export type PathEdge = DirectedLine;

/** A path that a border goes along, walked as what it goes along is: its edges, and its two sides corner by corner, each at the start of its edge. */
export interface BorderPath {
  edges: readonly PathEdge[];
  outer: readonly Point[];
  inner: readonly Point[];
  /** The outline of what lies within it, a joint off. */
  within: readonly Point[];
}

/**
 * The path of a border along an outline, or round a hole that is walked clockwise, so far off it and so wide, mm. Steps, bays and stubs that are shorter than there is room for two corners are gone past in a straight line, on the inner side of a step.
 * Null where there is no room for it.
 */
export function borderPath(outline: Polygon, inset: number, wide: number, joint = 0): BorderPath | null {
  const way = Math.sign(signedArea(outline));
  for (let least = 2 * wide; least < 16 * wide; least *= 1.5) {
    const ring = straightened(outline, least, way);
    const edges = ring && edgesOf(ring);
    if (!edges) return null;
    const [outer, inner] = [beside(edges, inset), beside(edges, inset + wide)];
    const within = beside(edges, inset + wide + joint);
    const runs = [outer, inner, within].every((corners) => runsOn(edges, corners));
    if (runs && !crossingEdges(within) && signedArea(within) * way > 0)
      return { edges, outer, inner, within };
  }
  return null;
}

/** The corners of a path's edges moved inwards by so much, mm; outwards where that is negative. */
export function beside(edges: readonly PathEdge[], by: number): Point[] {
  const moved = edges.map(({ from, u }) => ({ from: place(from, inward(u), -by, u, 0), u }));
  return moved.map((edge, index) => crossing(moved.at(index - 1)!, edge));
}

function edgesOf(ring: Polygon): PathEdge[] {
  return ring.map((from, index) => ({ from, u: unit(subtract(ring[(index + 1) % ring.length]!, from)) }));
}

/** Whether every edge still runs its own way between two corners. */
function runsOn(edges: readonly PathEdge[], corners: readonly Point[]): boolean {
  return edges.every(
    ({ u }, index) => dot(subtract(corners[(index + 1) % corners.length]!, corners[index]!), u) > SHORT,
  );
}

/** An outline without the edges that are shorter than so much, but for those of bends; null where nothing is left. */
function straightened(outline: Polygon, least: number, way: number): Point[] | null {
  let ring = inLine(outline);
  for (let round = 0; round < outline.length; round++) {
    if (ring.length < 3) return null;
    const index = shortest(ring, least);
    if (index === null) return signedArea(ring) * way > 0 ? ring : null;
    ring = inLine(passed(ring, index));
  }
  return null;
}

/** Without corners that stand in line, or on one another. */
function inLine(outline: Polygon): Point[] {
  const apart = outline.filter((at, index) => distance(at, outline.at(index - 1)!) > SHORT);
  return apart.filter((at, index) => {
    const [before, after] = [apart.at(index - 1)!, apart[(index + 1) % apart.length]!];
    const [u, v] = [unit(subtract(at, before)), unit(subtract(after, at))];
    return Math.abs(cross(u, v)) > 1e-7 || dot(u, v) < 0;
  });
}

function shortest(ring: Polygon, least: number): number | null {
  const edges = edgesOf(ring);
  let found: { index: number; long: number } | null = null;
  for (const [index, edge] of edges.entries()) {
    const long = distance(edge.from, ring[(index + 1) % ring.length]!);
    if (long >= least || (found && long >= found.long)) continue;
    const [before, after] = [edges.at(index - 1)!, edges[(index + 1) % edges.length]!];
    if (isBend(before.u, edge.u) && isBend(edge.u, after.u)) continue;
    found = { index, long };
  }
  return found && found.index;
}

/** A ring that goes past one of its edges. */
function passed(ring: Polygon, index: number): Point[] {
  const turned = [...ring.slice(index), ...ring.slice(0, index)];
  const edges = edgesOf(turned);
  // The edge runs from the first corner to the second, after the last one and before that of the second.
  const [before, after] = [edges.at(-1)!, edges[1]!];
  const [start, end] = [turned.at(-1)!, turned[2]!];
  const rest = turned.slice(2);
  if (Math.abs(cross(before.u, after.u)) > SAME_WAY) {
    const at = crossing(before, after);
    const isOn = dot(subtract(at, start), before.u) > 0 && dot(subtract(end, at), after.u) > 0;
    return isOn ? [at, ...rest] : rest;
  }
  if (dot(before.u, after.u) < 0) {
    // A bay or a stub: straight across from its shorter side.
    const [near, far] = [distance(start, turned[0]!), distance(turned[1]!, end)];
    if (near > far) return [crossing(before, { from: end, u: edges[0]!.u }), ...rest];
    return [crossing(after, { from: start, u: edges[0]!.u }), ...rest];
  }
  // A step: along the side further in, which is to the left.
  const isIn = cross(before.u, subtract(after.from, before.from)) > 0;
  if (isIn) return [...rest.slice(0, -1), crossing(edges.at(-2)!, after)];
  return [crossing(before, edges[2 % edges.length]!), ...rest.slice(1)];
}
