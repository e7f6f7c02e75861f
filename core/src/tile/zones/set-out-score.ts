import type { SetOutAim } from '../../document/limits';
import type { ZoneRecord } from '../../document/records';
import { distance, dot, subtract, type Point } from '../../geometry/point';
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

/** By how much the cuts at opposite edges differ, mm, over all pairs. */
function imbalance(edges: LaidZone['edges']): number {
  let sum = 0;
  for (const [index, one] of edges.entries())
    for (const other of edges.slice(index + 1)) {
      const [u, v] = [subtract(one.b, one.a), subtract(other.b, other.a)];
      const [long, far] = [distance(one.a, one.b), distance(other.a, other.b)];
      if (dot(u, v) > -0.999999 * long * far) continue;
      const at = (place: Point) => dot(subtract(place, one.a), u) / long;
      const over =
        Math.min(long, Math.max(at(other.a), at(other.b))) - Math.max(0, Math.min(at(other.a), at(other.b)));
      if (over < OPPOSITE * Math.min(long, far)) continue;
      const whole = Math.max(one.whole ?? 0, other.whole ?? 0);
      sum += Math.abs((one.size ?? whole) - (other.size ?? whole));
    }
  return sum;
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
