import FlatQueue from 'flatqueue';
import { sideOf, triangleOf, type FloorMesh } from './floor-mesh';
import { distance, dot, middle, subtract, type Point } from './point';
import { centroid, contains, distanceToSegment } from './polygon';
import { footOn } from './nearest-between';

/** Where a way is narrowest: how wide, mm, from what to what, and where the way goes. */
export interface Narrowest {
  width: number;
  from: Point;
  to: Point;
  way: readonly Point[];
}

/** The widest ways from a place to every triangle of a floor: how wide each is at its narrowest, and the side it comes in by. */
export interface WidestWays {
  mesh: FloorMesh;
  width: Float64Array;
  by: Int32Array;
}

/** The widest ways from a place; about it nothing counts for so far, mm. */
export function widestWays(mesh: FloorMesh, from: Point, about: number): WidestWays {
  const count = mesh.corners.length / 3;
  const width = new Float64Array(count).fill(-1);
  const by = new Int32Array(count).fill(-1);
  const queue = new FlatQueue<number>();
  for (const triangle of trianglesNear(mesh, from, about)) {
    width[triangle] = Infinity;
    queue.push(triangle, -Infinity);
  }
  while (queue.length > 0) {
    const here = -queue.peekValue()!;
    const triangle = queue.pop()!;
    if (here < width[triangle]!) continue;
    for (let side = 3 * triangle; side < 3 * triangle + 3; side++) {
      const twin = mesh.beyond[side]!;
      if (twin < 0) continue;
      const other = Math.floor(twin / 3);
      const size = mesh.sizes[side]!;
      const through = Math.min(here, size);
      if (size <= mesh.step || through <= width[other]!) continue;
      width[other] = through;
      by[other] = twin;
      queue.push(other, -through);
    }
  }
  return { mesh, width, by };
}

/**
 * The narrowest place of the widest way to a place (found over triangles, then measured between the edges there); about it nothing counts for so far, mm.
 * Null where both ends are one; no width where there is no way.
 */
export function narrowestTo(
  { mesh, width, by }: WidestWays,
  from: Point,
  to: Point,
  about: number,
): Narrowest | null {
  let [best, away] = [-1, Infinity];
  for (const triangle of trianglesNear(mesh, to, about)) {
    // Of those that are reached as well the nearest: one goes no farther than one must.
    const far = distance(to, centroid(triangleOf(mesh, triangle)));
    if (best >= 0 && (width[triangle]! < width[best]! || (width[triangle] === width[best] && far >= away)))
      continue;
    [best, away] = [triangle, far];
  }
  if (best < 0 || width[best]! < 0) return { width: 0, from, to, way: [] };
  const sides: number[] = [];
  for (let at = best; by[at]! >= 0; at = Math.floor(mesh.beyond[by[at]!]! / 3)) sides.unshift(by[at]!);
  const way = [from, ...sides.map((side) => middle(...sideOf(mesh, side))), to];
  let least: Across | null = null;
  // From the shortest on: the ends of one at the narrowest place are no farther past each other than neighbours along an edge.
  for (const side of [...sides].sort((a, b) => mesh.sizes[a]! - mesh.sizes[b]!)) {
    if (least && mesh.sizes[side]! > Math.hypot(least.width, mesh.step)) break;
    const here = acrossSide(mesh, side);
    if (here && (!least || here.width < least.width)) least = here;
  }
  // Where nothing stands between both ends, it is as wide as halfway.
  if (!least && distance(from, to) > 2 * about) least = widthAt(mesh, middle(from, to));
  return least && { ...least, way };
}

type Across = Omit<Narrowest, 'way'>;

/** How wide it is across a side, known once for all ways of a mesh; null where something else is nearer to its middle than its ends: the way goes by the other sides of its triangles then, and is narrowest there. */
function acrossSide(mesh: FloorMesh, side: number): Across | null {
  let widths = known.get(mesh);
  if (!widths) known.set(mesh, (widths = new Map()));
  let across = widths.get(side);
  if (across === undefined) {
    const at = middle(...sideOf(mesh, side));
    const isFree = Math.hypot(mesh.edges.nearest(at), mesh.step) >= mesh.sizes[side]! / 2;
    widths.set(side, (across = isFree ? widthAt(mesh, at) : null));
  }
  return across;
}
const known = new WeakMap<FloorMesh, Map<number, Across | null>>();

/** The triangles of the floor that come so near to a place, mm. */
function trianglesNear(mesh: FloorMesh, at: Point, about: number): number[] {
  const found: number[] = [];
  for (let triangle = 0; 3 * triangle < mesh.corners.length; triangle++) {
    if (isBeside(mesh, triangle, 0, at.x, about) || isBeside(mesh, triangle, 1, at.y, about)) continue;
    const [a, b, c] = triangleOf(mesh, triangle);
    const away = Math.min(
      distanceToSegment(at, a, b),
      distanceToSegment(at, b, c),
      distanceToSegment(at, c, a),
    );
    if (away > about && !contains([a, b, c], at)) continue;
    if (isFloor(mesh, { x: (a.x + b.x + c.x) / 3, y: (a.y + b.y + c.y) / 3 })) found.push(triangle);
  }
  return found;
}

/** Whether all of a triangle lies farther off than so much along an axis. */
function isBeside({ places, corners }: FloorMesh, triangle: number, axis: 0 | 1, at: number, about: number) {
  const a = places[2 * corners[3 * triangle]! + axis]! - at;
  const b = places[2 * corners[3 * triangle + 1]! + axis]! - at;
  const c = places[2 * corners[3 * triangle + 2]! + axis]! - at;
  return Math.min(a, b, c) > about || Math.max(a, b, c) < -about;
}

/** Whether there is floor at a place: it is within an odd number of rings. */
const isFloor = ({ rings }: FloorMesh, at: Point): boolean =>
  rings.filter((ring) => contains(ring, at)).length % 2 === 1;

/** How wide it is at a place: from the nearest edge to the nearest on the other side. */
function widthAt({ edges, step }: FloorMesh, at: Point): Across | null {
  const near = edges.within(at, 3 * edges.nearest(at) + step);
  const feet = near.map((edge) => {
    const foot = footOn(at, ...edge);
    return { edge, foot, away: distance(at, foot) };
  });
  const nearest = feet.reduce((one, other) => (other.away < one.away ? other : one));
  const across = feet.filter(
    ({ foot }) =>
      dot(subtract(foot, at), subtract(nearest.foot, at)) < -0.5 * distance(foot, at) * nearest.away,
  );
  if (across.length === 0) return null;
  const other = across.reduce((one, two) => (two.away < one.away ? two : one));
  // From a corner it is measured to what it faces, wherever on the way one stands.
  const isCorner = ({ foot, edge }: (typeof feet)[0]) => edge.some((end) => distance(end, foot) < 1e-6);
  const [from, to] = isCorner(nearest)
    ? [nearest.foot, footOn(nearest.foot, ...other.edge)]
    : isCorner(other)
      ? [footOn(other.foot, ...nearest.edge), other.foot]
      : [nearest.foot, footOn(nearest.foot, ...other.edge)];
  return { width: distance(from, to), from, to };
}
