import Flatbush from 'flatbush';
import { perDesign, type Design } from '../document/design';
import { distance, type Point } from '../geometry/point';
import { boundsOf, contains, distanceToSegment, forEachEdge, type Polygon } from '../geometry/polygon';
import { itemBoxes } from './item-box';
import { fixedThings } from '../survey/fixed-things';

/** What hangs higher than this leaves the floor free, mm. */
const HEAD = 1_500;
/** The place is looked for on a grid of so many steps each way. */
const STEPS = 18;
/** So many of the nearest things are looked at for each place. */
const NEAREST = 6;

interface Standing {
  polygons: readonly Polygon[];
  index: Flatbush | null;
}

/** What stands on the floor, and where it lies. */
const standingOn: (design: Design) => Standing = perDesign((design) => {
  const polygons = [
    ...itemBoxes(design).map(({ low, rectangle }) => ({ low, polygon: rectangle })),
    ...fixedThings(design).map(({ low, footprint }) => ({ low, polygon: footprint })),
  ].flatMap(({ low, polygon }) => (low < HEAD ? [polygon] : []));
  if (polygons.length === 0) return { polygons, index: null };
  const index = new Flatbush(polygons.length);
  for (const polygon of polygons) {
    const { left, right, bottom, top } = boundsOf(polygon);
    index.add(left, bottom, right, top);
  }
  index.finish();
  return { polygons, index };
});

/** Where the emptiest place of an outline was last. */
const before = new WeakMap<readonly Point[], Point>();

/** The place on a floor farthest from its walls and from what stands on it, by a grid; a word as wide as 2 × `half` should stand clear there. */
export function emptiest(design: Design, outline: readonly Point[], half: number): Point {
  const { left, right, bottom, top } = boundsOf(outline);
  const { polygons, index } = standingOn(design);
  const isOn = ({ x, y }: Point) =>
    index?.search(x, y, x, y).some((at) => contains(polygons[at]!, { x, y })) ?? false;
  /** Distance to the nearest edge; given up once it is no better than what is already found. */
  const room = (point: Point, enough: number): number => {
    let nearest = Infinity;
    forEachEdge(outline, (a, b) => (nearest = Math.min(nearest, distanceToSegment(point, a, b))));
    if (nearest <= enough || !index) return nearest;
    // Of those whose extents lie nearest one has the nearest edge, or as good as that.
    for (const at of index.neighbors(point.x, point.y, NEAREST, nearest)) {
      forEachEdge(polygons[at]!, (a, b) => (nearest = Math.min(nearest, distanceToSegment(point, a, b))));
      if (nearest <= enough) return nearest;
    }
    return nearest;
  };
  const middle = { x: (left + right) / 2, y: (bottom + top) / 2 };
  /** How free a place is for the word, less the farther it is from the middle; anything lower than `bound` once it is no better than that. */
  const freeAt = (at: Point, bound: number): number => {
    if (!contains(outline, at) || isOn(at)) return -Infinity;
    const off = distance(at, middle) * 0.05;
    let clear = Infinity;
    for (const by of [0, -half, half]) {
      const end = { x: at.x + by, y: at.y };
      clear = Math.min(clear, contains(outline, end) ? room(end, bound + off) : -1);
      if (clear - off <= bound) break;
    }
    return clear - off;
  };
  // Where it was before is mostly as good as anywhere: what is less free than that need not be looked at closely.
  const last = before.get(outline);
  const least = last ? freeAt(last, -Infinity) - 1e-6 : -Infinity;
  let best = { at: middle, free: -Infinity };
  for (let i = 1; i < STEPS; i++) {
    for (let j = 1; j < STEPS; j++) {
      const at = { x: left + ((right - left) * i) / STEPS, y: bottom + ((top - bottom) * j) / STEPS };
      const free = freeAt(at, Math.max(best.free, least));
      if (free > Math.max(best.free, least)) best = { at, free };
    }
  }
  before.set(outline, best.at);
  return best.at;
}
