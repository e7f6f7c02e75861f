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

/** From its lower left corner to its upper right one. */
export interface Extent {
  from: Point;
  to: Point;
}

export const extentOf = ({ left, right, bottom, top }: Bounds): Extent => ({
  from: { x: left, y: bottom },
  to: { x: right, y: top },
});

const NONE: readonly Edge[] = [];
/** Moved by nothing. */
const NOWHERE: Point = { x: 0, y: 0 };
/** A zone is parted into squares, so many at most. */
const MOST_SQUARES = 250_000;
/** Levels are told apart to so much, mm: a piece that no edge comes into is asked about well inside. */
const LEVEL = 1e-4;
const HAIR: Point = { x: LEVEL, y: LEVEL };
const NO_HAIR: Point = { x: -LEVEL, y: -LEVEL };

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
  readonly #squares: (Edge[] | undefined)[];
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
    this.#squares = new Array<Edge[] | undefined>(this.#columns * this.#rows);
    this.#known = new Int8Array(this.#columns * this.#rows);
    for (const edge of edges) this.#keep(edge);
  }

  // Of places as they are: a number that is handed on is made anew, and of thousands of pieces most have no edge near.

  #column(at: Point, by: Point): number {
    return Math.max(0, Math.min(this.#columns - 1, Math.floor((at.x + by.x - this.#from.x) / this.#size)));
  }

  #row(at: Point, by: Point): number {
    return Math.max(0, Math.min(this.#rows - 1, Math.floor((at.y + by.y - this.#from.y) / this.#size)));
  }

  /** Keeps an edge in every square it goes through, a hair to either side of it too. */
  #keep(edge: Edge): void {
    const low = edge.a.y < edge.b.y ? edge.a : edge.b;
    const high = low === edge.a ? edge.b : edge.a;
    const isLevel = high.y - low.y < this.#size * 1e-6;
    const last = this.#row(high, HAIR);
    for (let row = this.#row(low, NO_HAIR); row <= last; row++) {
      const bottom = this.#from.y + row * this.#size;
      const from = isLevel ? low : placeAt(low, high, bottom);
      const to = isLevel ? high : placeAt(low, high, bottom + this.#size);
      const [left, right] = from.x < to.x ? [from, to] : [to, from];
      const end = this.#column(right, HAIR);
      for (let column = this.#column(left, NO_HAIR); column <= end; column++) {
        const square = this.#squares[row * this.#columns + column];
        if (square) square.push(edge);
        else this.#squares[row * this.#columns + column] = [edge];
      }
    }
  }

  /** Those that could come into an extent that is moved by so much. */
  near({ from, to }: Extent, by: Point = NOWHERE): readonly Edge[] {
    let found: Edge[] | null = null;
    const first = this.#column(from, by);
    const last = this.#column(to, by);
    const end = this.#row(to, by);
    for (let row = this.#row(from, by); row <= end; row++)
      for (let column = first; column <= last; column++) {
        const square = this.#squares[row * this.#columns + column];
        if (!square) continue;
        const left = from.x + by.x;
        const right = to.x + by.x;
        const bottom = from.y + by.y;
        const top = to.y + by.y;
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
    const row = this.#row(at, by);
    const square = row * this.#columns + this.#column(at, by);
    const known = this.#known[square];
    if (known) return known > 0;
    const x = at.x + by.x;
    if (this.#squares[square]) return this.#windingAt(x, at.y + by.y) > 0;
    // No edge lies in it: all of it is as its middle is, and all middles of a row are as high.
    const covers = this.#windingAt(x, this.#from.y + (row + 0.5) * this.#size) > 0;
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
    for (const one of crossings) if (one.x < x) sum += one.by;
    return sum;
  }
}

/** Where an edge is at a level; beyond its ends they. */
const placeAt = (low: Point, high: Point, y: number): Point => ({
  x: low.x + (high.x - low.x) * Math.max(0, Math.min(1, (y - low.y) / (high.y - low.y))),
  y,
});

/** Where a level is crossed, and by how much the winding grows there. */
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
  return found;
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
