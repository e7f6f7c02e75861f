import { distance, dot, subtract, type Point } from './point';
import { boundsOf, contains, distanceToSegment, forEachEdge, signedArea, type Polygon } from './polygon';
import { footOn } from './nearest-between';

type Edge = readonly [Point, Point];

/** A floor laid out in squares: how far each is from the nearest edge, mm; below 0 where there is no floor. */
export interface FloorGrid {
  step: number;
  left: number;
  bottom: number;
  columns: number;
  rows: number;
  free: Float64Array;
  edges: readonly Edge[];
}

/** So many squares at most: of a larger floor they are larger. */
const MOST_SQUARES = 20_000;
/** The usual square, mm. */
const STEP = 80;

/** A floor's outlines and holes as a grid. */
export function floorGrid(rings: readonly Polygon[]): FloorGrid | null {
  if (rings.length === 0) return null;
  const { left, right, bottom, top } = boundsOf(rings.flat());
  const step = Math.max(STEP, Math.sqrt(((right - left) * (top - bottom)) / MOST_SQUARES));
  const [columns, rows] = [Math.ceil((right - left) / step), Math.ceil((top - bottom) / step)];
  const edges: Edge[] = [];
  for (const ring of rings) forEachEdge(ring, (a, b) => edges.push([a, b]));
  const outlines = rings.map((ring) => ({ ring, size: Math.abs(signedArea(ring)) }));
  const free = new Float64Array(columns * rows);
  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++) {
      const at = { x: left + (column + 0.5) * step, y: bottom + (row + 0.5) * step };
      const inside = outlines.filter(({ ring }) => contains(ring, at)).length % 2 === 1;
      let least = Infinity;
      if (inside) for (const [a, b] of edges) least = Math.min(least, distanceToSegment(at, a, b));
      free[row * columns + column] = inside ? least : -1;
    }
  return { step, left, bottom, columns, rows, free, edges };
}

/** Where a way is narrowest: how wide, mm, and from what to what. */
export interface Narrowest {
  width: number;
  from: Point;
  to: Point;
}

/**
 * The narrowest place of the widest way between two places of a floor: of all ways the one whose narrowest place is the widest (found over squares, then measured between
 * the edges there). About both ends nothing counts for so far. Null where both ends are one; no width where there is no way.
 */
export function narrowestBetween(grid: FloorGrid, from: Point, to: Point, about: number): Narrowest | null {
  const { columns, free } = grid;
  const known = new Float64Array(free.length).fill(-1);
  const before = new Int32Array(free.length).fill(-1);
  const goal = new Set(squaresNear(grid, to, about));
  const heap: [number, number][] = [];
  for (const square of squaresNear(grid, from, about)) {
    known[square] = Infinity;
    push(heap, [Infinity, square]);
  }
  for (let next = pop(heap); next; next = pop(heap)) {
    const [width, square] = next;
    if (width < known[square]!) continue;
    if (goal.has(square)) return tightest(grid, before, square);
    const column = square % columns;
    for (const other of [
      ...(column > 0 ? [square - 1] : []),
      ...(column < columns - 1 ? [square + 1] : []),
      ...[square - columns, square + columns],
    ]) {
      const room = free[other];
      if (room === undefined || room < 0) continue;
      const through = goal.has(other) ? width : Math.min(width, room);
      if (through <= known[other]!) continue;
      known[other] = through;
      before[other] = square;
      push(heap, [through, other]);
    }
  }
  return { width: 0, from, to };
}

function squaresNear(grid: FloorGrid, at: Point, about: number): number[] {
  const found: number[] = [];
  grid.free.forEach((room, square) => {
    if (room >= 0 && distance(middleOf(grid, square), at) <= about) found.push(square);
  });
  return found;
}

const middleOf = ({ left, bottom, step, columns }: FloorGrid, square: number): Point => ({
  x: left + ((square % columns) + 0.5) * step,
  y: bottom + (Math.floor(square / columns) + 0.5) * step,
});

/** The narrowest place of a way that was found, its ends left out. */
function tightest(grid: FloorGrid, before: Int32Array, last: number): Narrowest | null {
  let least: Narrowest | null = null;
  for (let square = before[last]!; square >= 0 && before[square]! >= 0; square = before[square]!) {
    if (least && grid.free[square]! * 2 > least.width + 2 * grid.step) continue;
    const here = widthAt(grid.edges, middleOf(grid, square));
    if (here && (!least || here.width < least.width)) least = here;
  }
  return least;
}

/** How wide it is at a place: from the nearest edge to the nearest on the other side. */
function widthAt(edges: readonly Edge[], at: Point): Narrowest | null {
  const feet = edges.map((edge) => {
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

/** A heap with the widest first. */
function push(heap: [number, number][], entry: [number, number]): void {
  heap.push(entry);
  for (let at = heap.length - 1; at > 0;) {
    const parent = (at - 1) >> 1;
    if (heap[parent]![0] >= heap[at]![0]) return;
    [heap[parent], heap[at]] = [heap[at]!, heap[parent]!];
    at = parent;
  }
}

function pop(heap: [number, number][]): [number, number] | undefined {
  const [first] = heap;
  const last = heap.pop();
  if (heap.length > 0 && last) {
    heap[0] = last;
    for (let at = 0; ;) {
      let most = at;
      for (const child of [2 * at + 1, 2 * at + 2])
        if (child < heap.length && heap[child]![0] > heap[most]![0]) most = child;
      if (most === at) break;
      [heap[most], heap[at]] = [heap[at]!, heap[most]!];
      at = most;
    }
  }
  return first;
}
