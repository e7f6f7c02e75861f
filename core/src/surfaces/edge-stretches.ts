import type { OverhangSide } from '../document/limits';
import { cross, distance, dot, inward, place, scale, subtract, unit, type Point } from '../geometry/point';
import { SAME_PLACE } from '../geometry/tolerance';
import type { ItemBox } from '../setting/item-box';
import type { ItemSide, TopEdge } from './top-edge';

/** A stretch of an edge that is along one side of an item, from and to so far from where the edge begins, mm. */
export interface EdgeStretch {
  box: ItemBox;
  side: OverhangSide;
  from: number;
  to: number;
}

/** A side of an item beside an edge: what it takes of it, and how far it is off it, mm. */
type Beside = EdgeStretch & { off: number };

/** A side faces an edge if it looks the same way within this (the cosine): 60 degrees. */
const FACING = 0.5;
/** Shorter stretches are rounding, mm. */
const NO_STRETCH = 0.01;

/**
 * An edge by the sides of the items that lie along it, none left out: of an edge at a wall or a fixed thing the nearest side that looks to it, and between
 * two the nearer one. Nothing where no item looks to it.
 */
export function edgeStretches(edge: TopEdge, boxes: readonly ItemBox[]): EdgeStretch[] {
  const long = distance(edge.a, edge.b);
  const own = sideOfRole(edge);
  const beside = boxes.flatMap((box) =>
    (own ? (edge.items.includes(box.id) ? [own] : []) : walled).flatMap(
      (side) => lyingAlong(edge, box, side, own !== null) ?? [],
    ),
  );
  if (beside.length === 0) return [];
  const stops = [0, long, ...beside.flatMap(({ from, to }) => [from, to])]
    .filter((at) => at >= 0 && at <= long)
    .sort((a, b) => a - b);
  const found: EdgeStretch[] = [];
  for (const [index, from] of stops.entries()) {
    const to = stops[index + 1];
    if (to === undefined || to - from < NO_STRETCH) continue;
    const middle = (from + to) / 2;
    const nearest = nearestAt(beside, middle);
    const last = found.at(-1);
    if (last && last.box === nearest.box && last.side === nearest.side) last.to = to;
    else found.push({ box: nearest.box, side: nearest.side, from: last ? from : 0, to });
  }
  const last = found.at(-1);
  if (last) last.to = long;
  return found;
}

const walled: readonly OverhangSide[] = ['behind', 'left', 'right'];

function sideOfRole({ role }: TopEdge): OverhangSide | null {
  return role === 'front' || role === 'behind' || role === 'left' || role === 'right' ? role : null;
}

/** The side that lies at a place of the edge, the least off it; where none does, the nearest along it. */
function nearestAt(beside: readonly Beside[], at: number): Beside {
  const away = ({ from, to }: Beside) => Math.max(0, from - at, at - to);
  return beside.reduce((best, one) => {
    const by = away(one) - away(best);
    return by < 0 || (by === 0 && one.off < best.off) ? one : best;
  });
}

function lyingAlong({ a, b }: TopEdge, box: ItemBox, side: OverhangSide, own: boolean): Beside | null {
  const u = unit(subtract(b, a));
  // An edge of items is along all of their extent: the front of a corner cabinet looks two ways.
  const { ends, out } = own ? { ends: box.rectangle, out: inward(u) } : sideLine(box, side);
  // Outside is to the right of an edge.
  const outside = inward(u);
  if (dot(out, outside) < FACING) return null;
  const along = ends.map((end) => dot(subtract(end, a), u));
  const off = own ? 0 : Math.min(...ends.map((end) => -dot(subtract(end, a), outside)));
  return { box, side, from: Math.min(...along), to: Math.max(...along), off };
}

/** A side of an item's extent: its ends and the way it looks. */
function sideLine(
  { origin, u, n, record: { width, depth } }: ItemBox,
  side: OverhangSide,
): { ends: readonly Point[]; out: Point } {
  const at = (along: number, out: number) => place(origin, u, along, n, out);
  switch (side) {
    case 'behind':
      return { ends: [at(0, 0), at(width, 0)], out: scale(n, -1) };
    case 'left':
      return { ends: [at(0, 0), at(0, depth)], out: scale(u, -1) };
    case 'right':
      return { ends: [at(width, 0), at(width, depth)], out: u };
    case 'front':
      return { ends: [at(0, depth), at(width, depth)], out: n };
  }
}

/** Neighbouring stretches that are alike, as one: the sides of all of them. */
export interface SameStretch<T> {
  at: [ItemSide, ...ItemSide[]];
  from: number;
  to: number;
  made: T;
}

/** The stretches of an edge with what is made of each, those that follow one another alike as one. */
export function sameStretches<T>(
  stretches: readonly EdgeStretch[],
  make: (stretch: EdgeStretch) => T,
  alike: (one: T, other: T) => boolean,
): SameStretch<T>[] {
  const found: SameStretch<T>[] = [];
  for (const stretch of stretches) {
    const made = make(stretch);
    const side: ItemSide = { item: stretch.box.id, side: stretch.side };
    const last = found.at(-1);
    if (last && alike(last.made, made)) {
      last.to = stretch.to;
      last.at.push(side);
    } else found.push({ at: [side], from: stretch.from, to: stretch.to, made });
  }
  return found;
}

/** A stretch of an edge that something stands along inward, by so much, mm; what stands at its ends in the same way meets it in a mitre. */
export interface Standing {
  a: Point;
  b: Point;
  thick: number;
}

/** Lines that cross further away than so many thicknesses are taken not to meet. */
const FAR = 6;

/** The footprints of what stands along the edges of a ring, in its order: mitred where the next begins at the end of the last; what is not thick (a wall) they end at. */
export function mitred(standing: readonly Standing[]): Point[][] {
  return standing.map((own, index) => {
    const [before, after] = [standing.at(index - 1)!, standing[(index + 1) % standing.length]!];
    const meet = (one: Standing, next: Standing) => one !== next && distance(one.b, next.a) < SAME_PLACE;
    return footprintAlong(own, meet(before, own) ? before : null, meet(own, after) ? after : null);
  });
}

/** The footprint of something along an edge, from its first end to its last and back: square at its ends, or to where its inner line meets that of what stands before or after it. */
export function footprintAlong(own: Standing, before: Standing | null, after: Standing | null): Point[] {
  const { a, b } = own;
  return [a, b, innerEnd(own, b, after), innerEnd(own, a, before)];
}

function innerEnd(own: Standing, at: Point, other: Standing | null): Point {
  const line = innerLine(own);
  const square = place(at, line.inner, own.thick, line.u, 0);
  if (!other) return square;
  const [to, turn] = [innerLine(other), cross(line.u, innerLine(other).u)];
  if (Math.abs(turn) < 1e-6) return square;
  const met = place(line.from, line.u, cross(subtract(to.from, line.from), to.u) / turn, line.inner, 0);
  // What a wall is not long enough for goes past its corner, into the next.
  const long = other.thick > 0 ? Infinity : distance(other.a, other.b);
  return distance(met, at) < Math.min(long, FAR * Math.max(own.thick, other.thick)) ? met : square;
}

function innerLine({ a, b, thick }: Standing): { from: Point; u: Point; inner: Point } {
  const u = unit(subtract(b, a));
  const inner = scale(inward(u), -1);
  return { from: place(a, inner, thick, u, 0), u, inner };
}
