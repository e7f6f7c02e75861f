import { recordsOf, type Design } from '../../document/design';
import { cross, direction, distance, dot, middle, subtract, type Point } from '../../geometry/point';
import { distanceToSegment } from '../../geometry/polygon';
import { placedOpenings } from '../../survey/openings';
import { facePoint } from '../../survey/placed-face';
import type { ZoneEdgeCut } from './edge-cuts';
import { frontOf } from './reveals';
import type { ZoneArea } from './zone-areas';

type Edge = Pick<ZoneEdgeCut, 'a' | 'b'>;

/** A place on an edge is told by the edge it is nearest to, no further off than this, mm. */
const NEAR = 400;

/**
 * Which edges of a zone the eye meets first: those that were said, by their places. Else on a floor the edges opposite the doors and before the standpoints, on a face the longest edge
 * that tiles begin on over a top, a bath or a splash.
 */
export function sightEdges(design: Design, zone: ZoneArea, edges: readonly Edge[]): ReadonlySet<number> {
  const { record, surface } = zone;
  if (record.sight) return new Set(record.sight.flatMap((place) => nearest(edges, place) ?? []));
  if (surface.reveal) {
    const front = frontOf(surface.reveal);
    const at = front.slice(1).flatMap((b, index) => nearest(edges, middle(front[index]!, b)) ?? []);
    return new Set(at);
  }
  if (surface.face) return new Set(longestOver(edges));
  if (surface.side)
    return new Set(surface.side.upon.edge === undefined ? longestOver(edges, -Infinity) : highest(edges));
  const { fromPlan } = surface;
  const looks = [
    ...placedOpenings(design)
      .filter(({ record: { type, sill } }) => (type === 'door' || type === 'cased') && sill < 1)
      .map(({ face, left, right, n }) => ({ from: facePoint(face, (left + right) / 2, 1), way: n })),
    ...recordsOf(design, 'standpoint').map(({ x, y, turn }) => ({ from: { x, y }, way: direction(turn) })),
  ];
  return new Set(
    looks.flatMap(({ from, way }) => {
      const at = fromPlan(from);
      return met(edges, at, subtract(fromPlan({ x: from.x + way.x, y: from.y + way.y }), at)) ?? [];
    }),
  );
}

function nearest(edges: readonly Edge[], place: Point): number | null {
  const away = edges.map(({ a, b }) => distanceToSegment(place, a, b));
  const least = Math.min(...away);
  return least <= NEAR ? away.indexOf(least) : null;
}

/** The last edge that is met going straight on: what stands between is looked over. */
function met(edges: readonly Edge[], from: Point, way: Point): number | null {
  let found: { index: number; far: number } | null = null;
  for (const [index, { a, b }] of edges.entries()) {
    const along = subtract(b, a);
    const turn = cross(way, along);
    if (Math.abs(turn) < 1e-9) continue;
    const far = cross(subtract(a, from), along) / turn;
    const share = cross(subtract(a, from), way) / turn;
    if (far > 1 && share >= 0 && share <= 1 && (!found || far > found.far)) found = { index, far };
  }
  return found && found.index;
}

/** The longest of those that are level and highest up: the one a side of a thing has with its top. */
function highest(edges: readonly Edge[]): number[] {
  const isUnder = ({ a, b }: Edge) => b.x < a.x && Math.abs(b.y - a.y) < 1e-6;
  const under = edges.flatMap(({ a, b }, index) =>
    isUnder({ a, b }) ? [{ index, at: a.y, long: a.x - b.x }] : [],
  );
  const [first] = under.sort((one, other) => other.at - one.at || other.long - one.long);
  return first ? [first.index] : [];
}

/** Level, the zone over it, and off the floor; of what lies on a thing its front. */
function longestOver(edges: readonly Edge[], from = 1): number[] {
  const isOver = ({ a, b }: Edge) =>
    b.x > a.x && Math.abs(dot(subtract(b, a), { x: 0, y: 1 })) < 1e-6 && middle(a, b).y > from;
  const long = (edge: Edge) => distance(edge.a, edge.b);
  const over = edges.flatMap((edge, index) => (isOver(edge) ? [{ index, long: long(edge) }] : []));
  return over
    .sort((one, other) => other.long - one.long)
    .slice(0, 1)
    .map(({ index }) => index);
}
