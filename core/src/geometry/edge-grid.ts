import type { Point } from './point';
import { boundsOfAll, distanceToSegment, forEachEdge, type Polygon } from './polygon';

export type Edge = readonly [Point, Point];

/** The edges of polygons, one after the other. */
export function edgesOf(polygons: readonly Polygon[]): Edge[] {
  const found: Edge[] = [];
  for (const polygon of polygons) forEachEdge(polygon, (a, b) => found.push([a, b]));
  return found;
}

/** So many squares each way at most. */
const MOST = 256;

/** Edges in the squares they run through, so that the nearest to a place is found without asking each of them. Asked thousands of times for a room: nothing is made on the way. */
export class EdgeGrid {
  readonly #edges: readonly Edge[];
  /** The edges of each square, row by row, one square after the other; and where those of each begin. */
  readonly #there: Int32Array;
  readonly #starts: Int32Array;
  readonly #size: number;
  readonly #left: number;
  readonly #bottom: number;
  readonly #columns: number = 0;
  readonly #rows: number = 0;
  /** The squares that are gone through just now, and which question each edge was last met in. */
  readonly #ring: number[] = [];
  readonly #met: Uint32Array;
  #asked = 0;

  constructor(edges: readonly Edge[]) {
    this.#edges = edges;
    this.#met = new Uint32Array(edges.length);
    const { left, right, bottom, top } = boundsOfAll(edges);
    const longest = Math.max(right - left, top - bottom, 1);
    this.#size = Math.max(longest / MOST, longest / Math.max(1, Math.sqrt(edges.length)));
    [this.#left, this.#bottom] = [left, bottom];
    if (edges.length > 0) {
      this.#columns = Math.floor((right - left) / this.#size) + 1;
      this.#rows = Math.floor((top - bottom) / this.#size) + 1;
    }
    const counts = new Int32Array(this.#rows * this.#columns + 1);
    for (const edge of edges) this.#squaresOf(edge, (square) => (counts[square + 1]! += 1));
    for (let square = 1; square < counts.length; square++) counts[square]! += counts[square - 1]!;
    this.#starts = counts;
    const next = counts.slice();
    this.#there = new Int32Array(counts.at(-1)!);
    edges.forEach((edge, index) => this.#squaresOf(edge, (square) => (this.#there[next[square]!++] = index)));
  }

  /** How far the nearest edge is from a place, mm. */
  nearest(at: Point): number {
    const [row, column] = [this.#rowOf(at.y), this.#columnOf(at.x)];
    let least = Infinity;
    const rings = Math.max(this.#rows, this.#columns);
    for (let ring = 0; ring <= rings; ring++) {
      // What lies in this ring of squares or beyond is at least so far.
      if ((ring - 1) * this.#size > least) break;
      for (const square of this.#ringOf(row, column, ring))
        for (let next = this.#starts[square]!; next < this.#starts[square + 1]!; next++) {
          const [a, b] = this.#edges[this.#there[next]!]!;
          least = Math.min(least, distanceToSegment(at, a, b));
        }
    }
    return least;
  }

  /** The edges no farther from a place than so much, and some that are. */
  within(at: Point, away: number): Edge[] {
    const found: Edge[] = [];
    const [row, column] = [this.#rowOf(at.y), this.#columnOf(at.x)];
    const rings = Math.min(Math.ceil(away / this.#size) + 1, Math.max(this.#rows, this.#columns));
    this.#asked += 1;
    for (let ring = 0; ring <= rings; ring++)
      for (const square of this.#ringOf(row, column, ring))
        for (let next = this.#starts[square]!; next < this.#starts[square + 1]!; next++) {
          const edge = this.#there[next]!;
          if (this.#met[edge] === this.#asked) continue;
          this.#met[edge] = this.#asked;
          found.push(this.#edges[edge]!);
        }
    return found;
  }

  /** The squares so many rings about one. */
  #ringOf(row: number, column: number, ring: number): readonly number[] {
    const squares = this.#ring;
    squares.length = 0;
    if (ring === 0) this.#add(row, column);
    for (let c = column - ring; ring > 0 && c <= column + ring; c++) {
      this.#add(row - ring, c);
      this.#add(row + ring, c);
    }
    for (let r = row - ring + 1; r < row + ring; r++) {
      this.#add(r, column - ring);
      this.#add(r, column + ring);
    }
    return squares;
  }

  #add(row: number, column: number): void {
    if (row < 0 || column < 0 || row >= this.#rows || column >= this.#columns) return;
    this.#ring.push(row * this.#columns + column);
  }

  /** Visits the squares that the extent of an edge meets. */
  #squaresOf([a, b]: Edge, visit: (square: number) => void): void {
    const [rowA, rowB, columnA, columnB] = [
      this.#rowOf(a.y),
      this.#rowOf(b.y),
      this.#columnOf(a.x),
      this.#columnOf(b.x),
    ];
    for (let row = Math.min(rowA, rowB); row <= Math.max(rowA, rowB); row++)
      for (let column = Math.min(columnA, columnB); column <= Math.max(columnA, columnB); column++)
        visit(row * this.#columns + column);
  }

  /** The row and the column a place lies in; of one outside, the nearest. */
  #rowOf(y: number): number {
    return Math.min(this.#rows - 1, Math.max(0, Math.floor((y - this.#bottom) / this.#size)));
  }
  #columnOf(x: number): number {
    return Math.min(this.#columns - 1, Math.max(0, Math.floor((x - this.#left) / this.#size)));
  }
}
