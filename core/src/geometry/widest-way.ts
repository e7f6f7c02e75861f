import FlatQueue from 'flatqueue';
import { distance, dot, subtract, type Point } from './point';
import { EdgeGrid, edgesOf } from './edge-grid';
import { boundsOf, contains, type Polygon } from './polygon';
import { footOn } from './nearest-between';

/** A floor laid out in squares: how far each is from the nearest edge, mm; below 0 where there is no floor. */
export interface FloorGrid {
  step: number;
  left: number;
  bottom: number;
  columns: number;
  rows: number;
  free: Float64Array;
  edges: EdgeGrid;
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
  const edges = new EdgeGrid(edgesOf(rings));
  const outlines = rings.map((ring) => ({ ring, bounds: boundsOf(ring) }));
  const free = new Float64Array(columns * rows);
  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++) {
      const at = { x: left + (column + 0.5) * step, y: bottom + (row + 0.5) * step };
      const inside =
        outlines.filter(
          ({ ring, bounds }) =>
            at.x >= bounds.left &&
            at.x <= bounds.right &&
            at.y >= bounds.bottom &&
            at.y <= bounds.top &&
            contains(ring, at),
        ).length %
          2 ===
        1;
      free[row * columns + column] = inside ? edges.nearest(at) : -1;
    }
  return { step, left, bottom, columns, rows, free, edges };
}

/** Where a way is narrowest: how wide, mm, and from what to what. */
export interface Narrowest {
  width: number;
  from: Point;
  to: Point;
}

/** The widest ways from a place to every square: how wide each is at its narrowest, and from which square it comes. */
export interface WidestWays {
  grid: FloorGrid;
  width: Float64Array;
  before: Int32Array;
}

/** The widest ways from a place; about it nothing counts for so far, mm. */
export function widestWays(grid: FloorGrid, from: Point, about: number): WidestWays {
  const { columns, rows, free } = grid;
  const width = new Float64Array(free.length).fill(-1);
  const before = new Int32Array(free.length).fill(-1);
  const queue = new FlatQueue<number>();
  for (const square of squaresNear(grid, from, about)) {
    width[square] = Infinity;
    queue.push(square, -Infinity);
  }
  while (queue.length > 0) {
    const here = -queue.peekValue()!;
    const square = queue.pop()!;
    if (here < width[square]!) continue;
    const column = square % columns;
    const row = (square - column) / columns;
    const go = (other: number) => {
      const room = free[other]!;
      if (room < 0) return;
      const through = Math.min(here, room);
      if (through <= width[other]!) return;
      width[other] = through;
      before[other] = square;
      queue.push(other, -through);
    };
    if (column > 0) go(square - 1);
    if (column < columns - 1) go(square + 1);
    if (row > 0) go(square - columns);
    if (row < rows - 1) go(square + columns);
  }
  return { grid, width, before };
}

/**
 * The narrowest place of the widest way to a place (found over squares, then measured between the edges there); about it nothing counts for so far, mm.
 * Null where both ends are one; no width where there is no way.
 */
export function narrowestTo(
  { grid, width, before }: WidestWays,
  from: Point,
  to: Point,
  about: number,
): Narrowest | null {
  let best = -1;
  for (const square of squaresNear(grid, to, about))
    if (best < 0 || width[square]! > width[best]!) best = square;
  if (best < 0 || width[best]! < 0) return { width: 0, from, to };
  return width[best] === Infinity ? null : tightest(grid, before, best);
}

/** The free squares whose middles are no farther from a place than so much, mm. */
function squaresNear(grid: FloorGrid, at: Point, about: number): number[] {
  const { left, bottom, step, columns, rows, free } = grid;
  const found: number[] = [];
  const [low, high] = [Math.floor((at.y - about - bottom) / step), Math.ceil((at.y + about - bottom) / step)];
  const [first, last] = [Math.floor((at.x - about - left) / step), Math.ceil((at.x + about - left) / step)];
  for (let row = Math.max(0, low); row <= Math.min(rows - 1, high); row++)
    for (let column = Math.max(0, first); column <= Math.min(columns - 1, last); column++) {
      const square = row * columns + column;
      if (free[square]! >= 0 && distance(middleOf(grid, square), at) <= about) found.push(square);
    }
  return found;
}

const middleOf = ({ left, bottom, step, columns }: FloorGrid, square: number): Point => ({
  x: left + ((square % columns) + 0.5) * step,
  y: bottom + (Math.floor(square / columns) + 0.5) * step,
});

/** The narrowest place of a way that was found, its ends left out. */
function tightest(grid: FloorGrid, before: Int32Array, last: number): Narrowest | null {
  let least: Narrowest | null = null;
  for (let square = last; square >= 0 && before[square]! >= 0; square = before[square]!) {
    if (least && grid.free[square]! * 2 > least.width + 2 * grid.step) continue;
    const here = widthAt(grid, middleOf(grid, square));
    if (here && (!least || here.width < least.width)) least = here;
  }
  return least;
}

/** How wide it is at a place: from the nearest edge to the nearest on the other side. */
function widthAt({ edges, step, columns, rows }: FloorGrid, at: Point): Narrowest | null {
  const all = step * (columns + rows);
  const near = edges.within(at, Math.min(all, 3 * edges.nearest(at) + step));
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
