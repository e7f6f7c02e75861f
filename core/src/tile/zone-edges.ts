import { rememberOne } from '../document/remember';
import type { Point } from '../geometry/point';
import {
  boundsOf,
  contains,
  forEachEdge,
  segmentsCross,
  signedArea,
  type Bounds,
  type Polygon,
} from '../geometry/polygon';

/** A directed edge of a zone: the zone is to its left. */
export interface Edge {
  a: Point;
  b: Point;
}

const NONE: readonly Edge[] = [];
/** Moved by nothing. */
const NOWHERE: Point = { x: 0, y: 0 };
/** A zone is parted into squares, so many at most. */
const MOST_SQUARES = 250_000;
/** Levels are told apart to so much, mm: a piece that no edge comes into is asked about well inside. */
const LEVEL = 1e-4;

/**
 * The edges of a zone (outlines counter-clockwise, holes clockwise), kept by squares about as wide as a piece, so that those near a piece, and whether a place lies in
 * the zone, are found without going through them.
 */
export class ZoneEdges {
  readonly edges: readonly Edge[];
  /** No ring of it crosses another; holes lie in outlines and beside one another: beside every edge the zone is on the left, and none on the right. */
  readonly plain: boolean;
  readonly #from: Point;
  readonly #size: number;
  readonly #columns: number;
  readonly #rows: number;
  /** What lies in each square, and what is known of one in which nothing does. */
  readonly #squares: (Edge[] | undefined)[] = [];
  readonly #known: Int8Array;
  readonly #levels = new Map<number, Crossing[]>();

  /** `wide` is about as much as a piece is wide, mm; `plain` where it is known already. */
  constructor(zone: readonly Polygon[], wide: number, plain = isPlain(zone)) {
    const edges: Edge[] = [];
    for (const ring of zone)
      forEachEdge(ring, (a, b) => {
        if (a.x !== b.x || a.y !== b.y) edges.push({ a, b });
      });
    this.edges = edges;
    this.plain = plain;
    const { left, right, bottom, top } = boundsOf(zone.flat());
    this.#from = { x: left, y: bottom };
    this.#size = Math.max(wide, Math.sqrt(((right - left) * (top - bottom)) / MOST_SQUARES), 1e-3);
    this.#columns = Math.floor((right - left) / this.#size) + 1;
    this.#rows = Math.floor((top - bottom) / this.#size) + 1;
    this.#known = new Int8Array(this.#columns * this.#rows);
    for (const edge of edges) this.#keep(edge);
  }

  #column(x: number): number {
    return Math.max(0, Math.min(this.#columns - 1, Math.floor((x - this.#from.x) / this.#size)));
  }

  #row(y: number): number {
    return Math.max(0, Math.min(this.#rows - 1, Math.floor((y - this.#from.y) / this.#size)));
  }

  /** Keeps an edge in every square it goes through, a hair to either side of it too. */
  #keep(edge: Edge): void {
    const [low, high] = edge.a.y < edge.b.y ? [edge.a, edge.b] : [edge.b, edge.a];
    const last = this.#row(high.y + LEVEL);
    for (let row = this.#row(low.y - LEVEL); row <= last; row++) {
      const [bottom, top] = [this.#from.y + row * this.#size, this.#from.y + (row + 1) * this.#size];
      const at = (y: number) => {
        const share = high.y === low.y ? 0 : Math.max(0, Math.min(1, (y - low.y) / (high.y - low.y)));
        return low.x + (high.x - low.x) * share;
      };
      const ends = high.y - low.y < this.#size * 1e-6 ? [low.x, high.x] : [at(bottom), at(top)];
      const end = this.#column(Math.max(...ends) + LEVEL);
      for (let column = this.#column(Math.min(...ends) - LEVEL); column <= end; column++)
        (this.#squares[row * this.#columns + column] ??= []).push(edge);
    }
  }

  /** Those that could come into an extent that is moved by so much. */
  near(extent: Bounds, by: Point = NOWHERE): readonly Edge[] {
    const left = extent.left + by.x;
    const right = extent.right + by.x;
    const bottom = extent.bottom + by.y;
    const top = extent.top + by.y;
    let found: Edge[] | null = null;
    const first = this.#column(left);
    const last = this.#column(right);
    const end = this.#row(top);
    for (let row = this.#row(bottom); row <= end; row++)
      for (let column = first; column <= last; column++) {
        const square = this.#squares[row * this.#columns + column];
        if (!square) continue;
        for (const edge of square) {
          const { a, b } = edge;
          if ((a.x >= right && b.x >= right) || (a.x <= left && b.x <= left)) continue;
          if ((a.y >= top && b.y >= top) || (a.y <= bottom && b.y <= bottom)) continue;
          if (!found) found = [edge];
          else if (!found.includes(edge)) found.push(edge);
        }
      }
    return found ?? NONE;
  }

  /** Whether the zone lies round a place that is moved by so much. On an edge it is either. */
  covers(at: Point, by: Point = NOWHERE): boolean {
    const x = at.x + by.x;
    const y = at.y + by.y;
    const square = this.#row(y) * this.#columns + this.#column(x);
    if (this.#squares[square]) return this.#windingAt(x, y) > 0;
    const known = this.#known[square];
    if (known) return known > 0;
    // No edge lies in it: all of it is as its middle is, and all middles of a row are as high.
    const covers = this.#windingAt(x, this.#from.y + (this.#row(y) + 0.5) * this.#size) > 0;
    this.#known[square] = covers ? 1 : -1;
    return covers;
  }

  /** How often the zone lies round a place: outlines once, holes once less. */
  winding({ x, y }: Point): number {
    let sum = 0;
    for (const { a, b } of this.edges)
      if (a.y > y !== b.y > y && crossingX(a, b, y) < x) sum += b.y < a.y ? 1 : -1;
    return sum;
  }

  /** The same where many places are as high. */
  #windingAt(x: number, y: number): number {
    const key = Math.round(y / LEVEL);
    let crossings = this.#levels.get(key);
    if (!crossings) this.#levels.set(key, (crossings = crossingsOf(this.edges, y)));
    let sum = 0;
    for (const one of crossings) {
      if (one.x >= x) break;
      sum += one.by;
    }
    return sum;
  }
}

/** Where a level is crossed, from left to right, and by how much the winding grows there. */
interface Crossing {
  x: number;
  by: number;
}

/** How far on an edge that goes through a level crosses it. */
const crossingX = (a: Point, b: Point, y: number): number => a.x + ((b.x - a.x) * (y - a.y)) / (b.y - a.y);

function crossingsOf(edges: readonly Edge[], y: number): Crossing[] {
  const found: Crossing[] = [];
  for (const { a, b } of edges)
    if (a.y > y !== b.y > y) found.push({ x: crossingX(a, b, y), by: b.y < a.y ? 1 : -1 });
  return found.sort((one, other) => one.x - other.x);
}

/** Edges that are looked at for this, at most: more are taken not to be plain. */
const MOST_PLAIN = 1_500;

/** Whether a zone is plain: it stays so however it is moved and turned, so that a field that is dragged over it asks once. */
export const isPlainZone = rememberOne(isPlain);

function isPlain(zone: readonly Polygon[]): boolean {
  if (zone.length === 1) return true;
  if (zone.reduce((sum, ring) => sum + ring.length, 0) > MOST_PLAIN) return false;
  return zone.every((ring, index) => zone.slice(0, index).every((other) => isApart(ring, other)));
}

/** Whether two rings cross nowhere and stand beside one another walked the same way, or a hole in an outline. */
function isApart(ring: Polygon, other: Polygon): boolean {
  let crossed = false;
  forEachEdge(ring, (a, b) =>
    forEachEdge(other, (c, d) => {
      if (!crossed && segmentsCross(a, b, c, d)) crossed = true;
    }),
  );
  if (crossed) return false;
  const [isOutline, isOther] = [signedArea(ring) > 0, signedArea(other) > 0];
  if (isOutline === isOther) return !contains(ring, other[0]!) && !contains(other, ring[0]!);
  const [outline, hole] = isOutline ? [ring, other] : [other, ring];
  return contains(outline, hole[0]!);
}
