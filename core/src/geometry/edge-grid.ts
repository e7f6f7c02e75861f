import type { Point } from './point';
import { boundsOf, distanceToSegment, forEachEdge, type Polygon } from './polygon';

export type Edge = readonly [Point, Point];

/** The edges of polygons, one after the other. */
export function edgesOf(polygons: readonly Polygon[]): Edge[] {
  const found: Edge[] = [];
  for (const polygon of polygons) forEachEdge(polygon, (a, b) => found.push([a, b]));
  return found;
}

/** So many squares each way at most. */
const MOST = 256;

/** Edges in the squares they run through, so that the nearest to a place is found without asking each of them. */
export class EdgeGrid {
  readonly #edges: readonly Edge[];
  readonly #squares = new Map<number, number[]>();
  readonly #size: number;
  readonly #left: number;
  readonly #bottom: number;
  readonly #columns: number;
  readonly #rows: number;

  constructor(edges: readonly Edge[]) {
    this.#edges = edges;
    const { left, right, bottom, top } = boundsOf(edges.flat());
    const longest = Math.max(right - left, top - bottom, 1);
    this.#size = Math.max(longest / MOST, longest / Math.max(1, Math.sqrt(edges.length)));
    [this.#left, this.#bottom] = [left, bottom];
    this.#columns = Math.floor((right - left) / this.#size) + 1;
    this.#rows = Math.floor((top - bottom) / this.#size) + 1;
    edges.forEach(([a, b], index) => {
      const [from, to] = [this.#squareOf(a), this.#squareOf(b)];
      for (let row = Math.min(from.row, to.row); row <= Math.max(from.row, to.row); row++)
        for (
          let column = Math.min(from.column, to.column);
          column <= Math.max(from.column, to.column);
          column++
        ) {
          const key = row * this.#columns + column;
          const there = this.#squares.get(key);
          if (there) there.push(index);
          else this.#squares.set(key, [index]);
        }
    });
  }

  /** How far the nearest edge is from a place, mm. */
  nearest(at: Point): number {
    const { row, column } = this.#squareOf(at);
    let least = Infinity;
    const rings = Math.max(this.#rows, this.#columns);
    for (let ring = 0; ring <= rings; ring++) {
      // What lies in this ring of squares or beyond is at least so far.
      if ((ring - 1) * this.#size > least) break;
      this.#ring(row, column, ring, (index) => {
        least = Math.min(least, distanceToSegment(at, ...this.#edges[index]!));
      });
    }
    return least;
  }

  /** The edges no farther from a place than so much, and some that are. */
  within(at: Point, away: number): Edge[] {
    const found = new Set<number>();
    const { row, column } = this.#squareOf(at);
    const rings = Math.min(Math.ceil(away / this.#size) + 1, Math.max(this.#rows, this.#columns));
    for (let ring = 0; ring <= rings; ring++) this.#ring(row, column, ring, (index) => found.add(index));
    return [...found].map((index) => this.#edges[index]!);
  }

  #ring(row: number, column: number, ring: number, visit: (index: number) => void): void {
    const square = (r: number, c: number) => {
      if (r < 0 || c < 0 || r >= this.#rows || c >= this.#columns) return;
      this.#squares.get(r * this.#columns + c)?.forEach(visit);
    };
    if (ring === 0) return square(row, column);
    for (let c = column - ring; c <= column + ring; c++) {
      square(row - ring, c);
      square(row + ring, c);
    }
    for (let r = row - ring + 1; r < row + ring; r++) {
      square(r, column - ring);
      square(r, column + ring);
    }
  }

  /** The square a place lies in; of one outside, the nearest. */
  #squareOf({ x, y }: Point): { row: number; column: number } {
    const within = (value: number, count: number) => Math.min(count - 1, Math.max(0, value));
    return {
      row: within(Math.floor((y - this.#bottom) / this.#size), this.#rows),
      column: within(Math.floor((x - this.#left) / this.#size), this.#columns),
    };
  }
}
