import { grown } from './convex';
import { add, cross, distance, middle, scale, subtract, unit, type Point } from './point';
import { contains, forEachEdge, type Polygon } from './polygon';
import { union, without } from './region';
import { turningCorners } from './turning-corners';

/** A floor to walk on: outlines counter-clockwise and holes clockwise, and the corners a shortest walk can turn at. */
export interface Floor {
  rings: readonly Polygon[];
  turns: readonly Point[];
}

/** What is nearer than this to what it stands at leaves no way between them: so far off lies what is computed on whole micrometres, mm. */
const SHUT = 0.005;

/** The floor within an outline that convex solids leave. A shortest walk turns only where they come into the way: at corners of more than half a turn. */
export function floorBetween(outline: Polygon, solids: readonly Polygon[]): Floor {
  const region =
    solids.length > 0
      ? without(
          [outline],
          solids.map((solid) => grown(solid, SHUT)),
        )
      : union([outline]);
  const rings = region.map(turningCorners);
  const turns = rings.flatMap((ring) =>
    ring.flatMap((corner, index) => {
      const before = unit(subtract(corner, ring.at(index - 1)!));
      const after = unit(subtract(ring[(index + 1) % ring.length]!, corner));
      if (cross(before, after) >= 0) return [];
      if (outline.some((at) => distance(at, corner) < SHUT)) return [corner];
      // Where what stands there really turns: as far in from both its sides.
      return [
        add(corner, scale(subtract(after, before), SHUT / Math.max(0.1, Math.abs(cross(before, after))))),
      ];
    }),
  );
  return { rings, turns };
}

/** A walk and its length, mm. */
export interface Walk {
  path: readonly Point[];
  length: number;
}

/** The shortest walk of a point between two places on a floor (A* over what can be seen from each turn); null where there is none. */
export function shortestWalk(floor: Floor, from: Point, to: Point): Walk | null {
  const places = [from, to, ...floor.turns];
  const known = places.map(() => Infinity);
  const before = places.map(() => -1);
  const done = places.map(() => false);
  known[0] = 0;
  for (;;) {
    let at = -1;
    let least = Infinity;
    places.forEach((place, index) => {
      const whole = known[index]! + distance(place, to);
      if (!done[index] && whole < least) [at, least] = [index, whole];
    });
    if (at < 0) return null;
    if (at === 1) break;
    done[at] = true;
    places.forEach((place, index) => {
      if (done[index]) return;
      const length = known[at]! + distance(places[at]!, place);
      if (length >= known[index]! || !isSeen(floor, places[at]!, place)) return;
      known[index] = length;
      before[index] = at;
    });
  }
  const path: Point[] = [];
  for (let at = 1; at >= 0; at = before[at]!) path.unshift(places[at]!);
  return { path, length: known[1]! };
}

/** A crossing so near the end of an edge touches it only, mm. */
const HAIR = 1e-2;

/** Whether one place is seen from another: nothing between them but floor. */
function isSeen({ rings }: Floor, a: Point, b: Point): boolean {
  const size = distance(a, b);
  if (size < HAIR) return true;
  /** Where edges touch the line of sight, it may go in or out. */
  const touched: number[] = [];
  for (const ring of rings) {
    let blocked = false;
    forEachEdge(ring, (c, d) => {
      if (blocked) return;
      const [sideC, sideD] = [side(a, b, c) / size, side(a, b, d) / size];
      const long = distance(c, d);
      if (long === 0) return;
      const [sideA, sideB] = [side(c, d, a) / long, side(c, d, b) / long];
      const crosses = sideC * sideD < 0 && Math.min(Math.abs(sideC), Math.abs(sideD)) > HAIR;
      if (crosses && sideA * sideB < 0 && Math.min(Math.abs(sideA), Math.abs(sideB)) > HAIR) blocked = true;
      for (const [point, off] of [
        [c, sideC],
        [d, sideD],
      ] as const) {
        if (Math.abs(off) > HAIR) continue;
        const share = ((point.x - a.x) * (b.x - a.x) + (point.y - a.y) * (b.y - a.y)) / size ** 2;
        if (share > 0 && share < 1) touched.push(share);
      }
    });
    if (blocked) return false;
  }
  const stops = [0, ...touched.sort((one, other) => one - other), 1];
  const at = (share: number): Point => ({ x: a.x + (b.x - a.x) * share, y: a.y + (b.y - a.y) * share });
  return stops.slice(1).every((stop, index) => {
    const start = stops[index]!;
    if ((stop - start) * size < 2 * HAIR) return true;
    return isFloor(rings, middle(at(start), at(stop)));
  });
}

const side = (a: Point, b: Point, c: Point): number => cross(subtract(b, a), subtract(c, a));

/** Whether a place is on the floor, its edges counted in. */
function isFloor(rings: readonly Polygon[], at: Point): boolean {
  let inside = false;
  let atEdge = false;
  for (const ring of rings) {
    if (contains(ring, at)) inside = !inside;
    forEachEdge(ring, (a, b) => {
      const long = distance(a, b);
      if (long === 0 || atEdge) return;
      const share = ((at.x - a.x) * (b.x - a.x) + (at.y - a.y) * (b.y - a.y)) / long ** 2;
      if (share > 0 && share < 1 && Math.abs(side(a, b, at)) / long <= HAIR) atEdge = true;
    });
  }
  return inside || atEdge;
}
