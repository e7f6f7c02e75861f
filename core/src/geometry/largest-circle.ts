import FlatQueue from 'flatqueue';
import { add, length, type Point } from './point';
import { EdgeGrid, edgesOf, type Edge } from './edge-grid';
import { boundsOf, contains, type Polygon } from './polygon';

/** A circle. */
export interface Inscribed {
  centre: Point;
  radius: number;
}

/**
 * The largest circle within an outline and clear of what stands in it, to a tolerance, mm: squares are looked into the most promising first, and left
 * out where even their farthest corner cannot come to more than what is known. Null where there is no room at all.
 */
export function largestCircle(outline: Polygon, solids: readonly Polygon[], within = 0.2): Inscribed | null {
  const { left, right, bottom, top } = boundsOf(outline);
  const size = Math.min(right - left, top - bottom);
  if (!(size > 0)) return null;
  const cells = new FlatQueue<Cell>();
  let best: Inscribed = { centre: { x: left, y: bottom }, radius: 0 };
  const edges = new EdgeGrid(edgesOf([outline, ...solids]));
  const isFree = (at: Point) => contains(outline, at) && !solids.some((solid) => contains(solid, at));
  const look = (x: number, y: number, half: number) => {
    const at = { x, y };
    const reach = half * Math.SQRT2;
    const away = edges.nearest(at);
    if (away + reach <= best.radius + within) return;
    // Outside there is no room, and none nearer than the edge.
    if (!isFree(at)) {
      if (reach > away) cells.push({ x, y, half, most: reach - away }, away - reach);
      return;
    }
    if (away > best.radius) best = { centre: at, radius: away };
    if (away + reach <= best.radius + within) return;
    const most = Math.min(away + reach, betweenTwo(at, edges.within(at, away + 2 * reach), reach));
    if (most > best.radius + within) cells.push({ x, y, half, most }, -most);
  };
  const half = size / 2;
  for (let x = left; x < right; x += size)
    for (let y = bottom; y < top; y += size) look(x + half, y + half, half);
  for (let cell = cells.pop(); cell; cell = cells.pop()) {
    if (cell.most <= best.radius + within) break;
    const quarter = cell.half / 2;
    for (const [dx, dy] of QUARTERS) look(cell.x + dx * quarter, cell.y + dy * quarter, quarter);
  }
  return best.radius > 0 ? best : null;
}

const QUARTERS = [
  [-1, -1],
  [1, -1],
  [-1, 1],
  [1, 1],
] as const;

/**
 * No place so near has more room than this, as far as the nearest edge and one it faces say: of two distances the lesser is no more than half their
 * sum, which hardly changes between edges that face each other. Without it all of a long room is looked into.
 */
function betweenTwo(at: Point, edges: readonly Edge[], reach: number): number {
  // Asked of every square that is looked into: nothing is made for the edges it does not lie straight before.
  let nearest: { away: number; n: Point } | null = null;
  const sides: { away: number; n: Point }[] = [];
  for (const [a, b] of edges) {
    const [x, y, fromX, fromY] = [b.x - a.x, b.y - a.y, at.x - a.x, at.y - a.y];
    const size = Math.sqrt(x * x + y * y);
    if (size === 0) continue;
    const share = (fromX * x + fromY * y) / size;
    // The whole neighbourhood lies straight before the edge.
    if (share < reach || share > size - reach) continue;
    const off = (fromX * y - fromY * x) / size;
    const sign = Math.sign(off);
    const side = { away: Math.abs(off), n: { x: (sign * y) / size, y: (-sign * x) / size } };
    sides.push(side);
    if (!nearest || side.away < nearest.away) nearest = side;
  }
  if (!nearest) return Infinity;
  let least = Infinity;
  for (const { away, n } of sides) {
    const tilt = length(add(n, nearest.n)) / 2;
    least = Math.min(least, (away + nearest.away) / 2 + tilt * reach);
  }
  return least;
}

interface Cell {
  x: number;
  y: number;
  half: number;
  /** No place in it has more room than this. */
  most: number;
}
