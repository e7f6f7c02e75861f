import type { SetOutAim } from '../../document/limits';
import type { ZoneRecord } from '../../document/records';
import { cross, distance, dot, subtract, type Point } from '../../geometry/point';
import type { LaidZone } from './zone-laying';

/** How good a set-out is: slivers, mm that tiles at sight edges fall short of whole, the narrowest cut, how far opposite cuts differ, cut pieces, all pieces, and what they cost if each is a tile. */
export type SetOutScore = Record<SetOutAim, number>;

/** How good it is as it is laid, tiles at a price a m². */
export function scoreSetOut(
  zone: Pick<ZoneRecord, 'tile'>,
  { edges, slivers, narrowest, count }: LaidZone,
  sight: ReadonlySet<number>,
  price = 0,
): SetOutScore {
  const { w, h } = zone.tile;
  const pieces = count.whole + count.cut;
  return {
    slivers: slivers.size,
    sight: edges.reduce(
      (sum, { size, whole }, index) => sum + (sight.has(index) && size !== null ? whole! - size : 0),
      0,
    ),
    narrowest: narrowest ?? Math.min(w, h),
    balance: imbalance(edges),
    cut: count.cut,
    pieces,
    price: ((pieces * w * h) / 1e6) * price,
  };
}

/** Edges are opposite where they run against one another for a good part of the shorter, the zone between them. */
const OPPOSITE = 0.5;

/** Two opposite edges: which way they lie, in half a turn, how far they are from one another and by how much their cuts differ, mm. */
interface Opposites {
  way: number;
  far: number;
  apart: number;
}

function oppositesIn(edges: LaidZone['edges']): Opposites[] {
  const found: Opposites[] = [];
  for (const [index, one] of edges.entries())
    for (const other of edges.slice(index + 1)) {
      if (one.size === null && other.size === null) continue;
      const [u, v] = [subtract(one.b, one.a), subtract(other.b, other.a)];
      const [long, short] = [distance(one.a, one.b), distance(other.a, other.b)];
      if (dot(u, v) > -0.999999 * long * short) continue;
      // The zone is between those that have one another to their left; behind a thing it is not.
      const far = cross(u, subtract(other.a, one.a)) / long;
      if (far <= 0) continue;
      const at = (place: Point) => dot(subtract(place, one.a), u) / long;
      const over =
        Math.min(long, Math.max(at(other.a), at(other.b))) - Math.max(0, Math.min(at(other.a), at(other.b)));
      if (over < OPPOSITE * Math.min(long, short)) continue;
      const whole = Math.max(one.whole ?? 0, other.whole ?? 0);
      const apart = Math.abs((one.size ?? whole) - (other.size ?? whole));
      const way = ((Math.atan2(u.y, u.x) % Math.PI) + Math.PI) % Math.PI;
      found.push({ way, far, apart });
    }
  return found;
}

/** By how much the cuts at opposite edges differ, mm, over all pairs. */
const imbalance = (edges: LaidZone['edges']): number =>
  oppositesIn(edges).reduce((sum, { apart }) => sum + apart, 0);

/** Ways that differ by less are one, radians. */
const ONE_WAY = 0.01;

/** By how much the cuts at the outermost opposite edges differ, mm, one way and the other: of the two ways in which a zone is widest, the wider first. Ways in which no edge cuts a tile are left out. */
export function outermostApart(edges: LaidZone['edges']): number[] {
  const found: Opposites[] = [];
  for (const one of oppositesIn(edges).sort((a, b) => b.far - a.far))
    if (found.every(({ way }) => Math.abs(Math.sin(way - one.way)) > ONE_WAY)) found.push(one);
  return found.slice(0, 2).map(({ apart }) => apart);
}

/** Sums of lengths that differ by less are the same, mm. */
export const ALIKE = 0.05;

export function isBetterSetOut(one: SetOutScore, other: SetOutScore, aims: readonly SetOutAim[]): number {
  for (const aim of aims) {
    const by = aim === 'narrowest' ? other.narrowest - one.narrowest : one[aim] - other[aim];
    if (Math.abs(by) > ALIKE) return by;
  }
  return 0;
}
