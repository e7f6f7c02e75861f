import Flatbush from 'flatbush';
import { perDesign, type Design } from '../document/design';
import { distance, type Point } from '../geometry/point';
import { boundsOf, contains, distanceToSegment, forEachEdge, type Polygon } from '../geometry/polygon';
import { isDressing } from '../ranges/item-kind';
import { itemBoxes } from './item-box';
import { fixedThings } from '../survey/fixed-things';

/** What hangs higher than this leaves the floor free, mm. */
const HEAD = 1_500;
/** The place is looked for on a grid of so many steps each way. */
const STEPS = 18;
/** So many of the nearest things are looked at first for each place. */
const FEW = 6;

interface Standing {
  polygons: readonly Polygon[];
  all: ReadonlySet<Polygon>;
  index: Flatbush | null;
}

/** What stands on the floor, and where it lies. */
const standingOn: (design: Design) => Standing = perDesign((design) => {
  const polygons = [
    // One stands on a rug, and may write on it.
    ...itemBoxes(design).flatMap(({ kind, low, rectangle }) =>
      isDressing(kind) ? [] : [{ low, polygon: rectangle }],
    ),
    ...fixedThings(design).map(({ low, footprint }) => ({ low, polygon: footprint })),
  ].flatMap(({ low, polygon }) => (low < HEAD ? [polygon] : []));
  const all = new Set(polygons);
  if (polygons.length === 0) return { polygons, all, index: null };
  const index = new Flatbush(polygons.length);
  for (const polygon of polygons) {
    const { left, right, bottom, top } = boundsOf(polygon);
    index.add(left, bottom, right, top);
  }
  index.finish();
  return { polygons, all, index };
});

/** Where the emptiest place of an outline was last, and what stood nearest each place of the grid. */
const before = new WeakMap<readonly Point[], { at: Point; nearest: (Polygon | undefined)[] }>();

/** The place on a floor farthest from its walls and from what stands on it, by a grid; a word as wide as 2 × `half` should stand clear there. */
export function emptiest(design: Design, outline: readonly Point[], half: number): Point {
  const { left, right, bottom, top } = boundsOf(outline);
  const { polygons, all, index } = standingOn(design);
  const isOn = ({ x, y }: Point) =>
    index?.search(x, y, x, y).some((at) => contains(polygons[at]!, { x, y })) ?? false;
  const last = before.get(outline);
  const nearestTo = last?.nearest ?? [];
  /** Distance to the nearest edge; given up once it is no better than what is already found. */
  const room = (point: Point, enough: number, square: number): number => {
    let nearest = edgesFrom(outline, point);
    if (nearest <= enough || !index) return nearest;
    // Those whose extents lie nearest tell mostly that there is not enough; else all that may come nearer yet.
    for (const most of [FEW, Infinity])
      for (const at of index.neighbors(point.x, point.y, most, nearest)) {
        const away = edgesFrom(polygons[at]!, point);
        if (away < nearest) {
          nearest = away;
          nearestTo[square] = polygons[at]!;
        }
        if (nearest <= enough) return nearest;
      }
    return nearest;
  };
  const middle = { x: (left + right) / 2, y: (bottom + top) / 2 };
  /** How free a place is for the word, less the farther it is from the middle; anything lower than `bound` once it is no better than that. */
  const freeAt = (at: Point, bound: number, square = 0): number => {
    const off = distance(at, middle) * 0.05;
    // What stood nearest mostly stands there still, and nothing need be looked for.
    const there = nearestTo[square];
    if (there && all.has(there) && edgesFrom(there, at) <= bound + off) return -Infinity;
    if (!contains(outline, at) || isOn(at)) return -Infinity;
    let clear = Infinity;
    for (const by of [0, -half, half]) {
      const end = { x: at.x + by, y: at.y };
      clear = Math.min(clear, contains(outline, end) ? room(end, bound + off, square) : -1);
      if (clear - off <= bound) break;
    }
    return clear - off;
  };
  // Where it was before is mostly as good as anywhere: what is less free than that need not be looked at closely.
  const least = last ? freeAt(last.at, -Infinity) - 1e-6 : -Infinity;
  let best = { at: middle, free: -Infinity };
  for (let i = 1; i < STEPS; i++) {
    for (let j = 1; j < STEPS; j++) {
      const at = { x: left + ((right - left) * i) / STEPS, y: bottom + ((top - bottom) * j) / STEPS };
      const free = freeAt(at, Math.max(best.free, least), i * STEPS + j);
      if (free > Math.max(best.free, least)) best = { at, free };
    }
  }
  before.set(outline, { at: best.at, nearest: nearestTo });
  return best.at;
}

/** How far a place is from the nearest edge of a polygon, mm. */
function edgesFrom(polygon: readonly Point[], point: Point): number {
  let nearest = Infinity;
  forEachEdge(polygon, (a, b) => (nearest = Math.min(nearest, distanceToSegment(point, a, b))));
  return nearest;
}
