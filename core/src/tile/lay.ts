import { rememberOne } from '../document/remember';
import { clipHalfPlane } from '../geometry/convex';
import { add, distance, dot, scale, subtract, unit, type Point } from '../geometry/point';
import {
  boundsCorners,
  boundsOf,
  centroid,
  signedArea,
  type Bounds,
  type Polygon,
} from '../geometry/polygon';
import { ok, refuse, type Result } from '../result';
import { partsWithin, type Part } from './clip-piece';
import { Frame, type Origin } from './frame';
import type { Cell, CellPiece } from './pattern';
import { extentOf, isPlainZone, ZoneEdges, type Edge, type Extent } from './zone-edges';

/** Where the cells of a pattern lie: the frame it is laid in, and the cell's two ways on. */
interface Lattice extends Pick<Cell, 'a' | 'b'> {
  readonly frame: Frame;
}

/** A piece as it lies: which of the cell's, how often the cell's two ways on, what is left of it, mm², and in how many parts. */
export class LaidPiece {
  constructor(
    readonly piece: CellPiece,
    readonly i: number,
    readonly k: number,
    /** One for all pieces, so that a piece has no number of its own: a field that is dragged makes thousands in every frame. */
    private readonly lattice: Lattice,
    private readonly left: Left,
  ) {}

  get area(): number {
    return this.left.area;
  }

  get whole(): boolean {
    return this.left.parts === null;
  }

  /** The areas of its parts, mm²; of a whole one none. */
  get parts(): readonly number[] {
    return this.left.parts?.map(({ area }) => area) ?? [];
  }

  /** In how many parts it is; a whole one in none. */
  get partCount(): number {
    return this.left.parts?.length ?? 0;
  }

  /** The pattern's frame, one for all that are laid with it. */
  get frame(): Frame {
    return this.lattice.frame;
  }

  /** How far its cell lies from the origin, in the pattern's frame, mm. */
  private get x(): number {
    return this.i * this.lattice.a.x + this.k * this.lattice.b.x;
  }

  private get y(): number {
    return this.i * this.lattice.a.y + this.k * this.lattice.b.y;
  }

  /** Its outline in the zone's places: outlines counter-clockwise, holes clockwise. */
  outline(): Point[][] {
    return this.framed().map((ring) => ring.map((corner) => this.lattice.frame.from(corner)));
  }

  /** Goes through its outline in the pattern's frame, each ring moved by so much, mm: nothing is made anew for a whole one. */
  eachRing(visit: (ring: Polygon, x: number, y: number) => void): void {
    const { parts } = this.left;
    if (!parts) visit(this.piece.ring, this.x, this.y);
    else for (const ring of ringsOf(this.left, parts)) visit(ring, 0, 0);
  }

  /** All of it as if nothing were cut off, in the zone's places. */
  uncut(): Point[] {
    return movedTo(this.piece.ring, this.x, this.y).map((corner) => this.lattice.frame.from(corner));
  }

  /** What is left of it, in the places of its cell. */
  remains(): Point[][] {
    return this.framed().map((ring) => movedTo(ring, -this.x, -this.y));
  }

  /** Its outline in the pattern's frame: of a cut one nothing is made anew. */
  framed(): readonly Polygon[] {
    const { parts } = this.left;
    return parts ? ringsOf(this.left, parts) : [movedTo(this.piece.ring, this.x, this.y)];
  }
}

/** What is left of a piece; of a whole one no parts. */
interface Left {
  area: number;
  parts: readonly Part[] | null;
  /** The outlines of its parts, once they were asked for. */
  rings?: readonly Polygon[];
}

const ringsOf = (left: Left, parts: readonly Part[]): readonly Polygon[] =>
  (left.rings ??= parts.length === 1 ? parts[0]!.outline() : parts.flatMap((part) => part.outline()));

/** What one edge leaves of a piece. */
class OnePart implements Part {
  constructor(
    private readonly ring: Polygon,
    readonly area = signedArea(ring),
  ) {}

  outline(): readonly Polygon[] {
    return [this.ring];
  }
}

const movedTo = (ring: Polygon, x: number, y: number): Point[] =>
  ring.map((corner) => ({ x: corner.x + x, y: corner.y + y }));

/** A zone with its pieces; mm². */
export interface Laid {
  pieces: readonly LaidPiece[];
  zoneArea: number;
  tiledArea: number;
}

/** Less than this of a piece is nothing, mm². */
export const NOTHING = 1e-3;
/** A piece is whole if no more than this share of it is missing. */
const MISSING = 1e-6;
/** A zone has at most so many pieces. */
export const MOST_PIECES = 500_000;
/** An edge that comes no further into a piece than this only touches it, mm. */
const TOUCHED = 1e-7;

/** Lays a cell over a zone (outlines counter-clockwise, holes clockwise): every piece of which something lies in the zone, row by row. */
export function lay(zone: readonly Polygon[], cell: Cell, origin: Origin): Result<Laid> {
  const frame = new Frame(origin);
  const framed = zone.map((ring) => ring.map((corner) => frame.to(corner)));
  // Nothing lies outside the outlines, however far holes stick out of them.
  const outlines = framed.filter((ring) => signedArea(ring) > 0);
  if (outlines.length === 0) return ok({ pieces: [], zoneArea: 0, tiledArea: 0 });
  const bounds = boundsOf(outlines.flat());
  const spots = cell.pieces.map((piece) => spotsOf(cell, piece, bounds));
  const count = spots.reduce((sum, one) => sum + one.count, 0);
  if (count > MOST_PIECES) return refuse('tiles-too-many', { count, most: MOST_PIECES });
  const wide = cell.pieces.map(({ bounds: { left, right, bottom, top } }) =>
    Math.max(right - left, top - bottom),
  );
  const edges = new ZoneEdges(framed, Math.max(...wide), isPlainZone(zone));
  const lattice = { frame, a: cell.a, b: cell.b };
  // One place for all: numbers handed on by themselves are each made anew.
  const at = { x: 0, y: 0 };
  const pieces: LaidPiece[] = [];
  let tiledArea = 0;
  for (const [index, piece] of cell.pieces.entries()) {
    const shape = shapeOf(piece);
    for (const { k, from, to } of spots[index]!.rows())
      for (let i = from; i <= to; i++) {
        at.x = i * cell.a.x + k * cell.b.x;
        at.y = i * cell.a.y + k * cell.b.y;
        const left = leftOf(shape, at, edges);
        if (!left || left.area <= NOTHING) continue;
        tiledArea += left.area;
        pieces.push(new LaidPiece(piece, i, k, lattice, left));
      }
  }
  return ok({ pieces, tiledArea, zoneArea: areaOf(zone) });
}

/** The area of a zone, wherever its field begins: of one whose rings lie over one another what is left of the rectangle about it. */
const areaOf = rememberOne((zone: readonly Polygon[]): number => {
  if (isPlainZone(zone)) return zone.reduce((sum, ring) => sum + signedArea(ring), 0);
  const bounds = boundsOf(zone.filter((ring) => signedArea(ring) > 0).flat());
  const edges = new ZoneEdges(zone, bounds.right - bounds.left, false);
  return partsWithin(boundsCorners(bounds), edges, edges.edges).reduce((sum, { area }) => sum + area, 0);
});

interface Spots {
  /** No fewer than there are. */
  count: number;
  rows: () => Iterable<Row>;
}

/** The cells that lie so often the second way on: from and to how often the first. */
interface Row {
  k: number;
  from: number;
  to: number;
}

/** The places of a piece that meets an extent. */
function spotsOf({ a, b }: Cell, { bounds }: CellPiece, extent: Bounds): Spots {
  const [left, right] = [extent.left - bounds.right, extent.right - bounds.left];
  const [bottom, top] = [extent.bottom - bounds.top, extent.top - bounds.bottom];
  const turn = a.x * b.y - a.y * b.x;
  const ks = [left, right].flatMap((x) => [bottom, top].map((y) => (a.x * y - a.y * x) / turn));
  const [first, last] = [Math.ceil(Math.min(...ks)) | 0, Math.floor(Math.max(...ks)) | 0];
  /** From which i to which a row lies between two lines, seen along one of them. */
  const between = (step: number, from: number, to: number): [number, number] => {
    if (Math.abs(step) < 1e-9) return from < 0 && to > 0 ? [-Infinity, Infinity] : [0, -1];
    return step > 0 ? [from / step, to / step] : [to / step, from / step];
  };
  const rowOf = (k: number): Row => {
    const along = between(a.x, left - k * b.x, right - k * b.x);
    const up = between(a.y, bottom - k * b.y, top - k * b.y);
    // Whole numbers, kept as such: one that is written down as a fraction is made anew for each piece.
    const from = Math.ceil(Math.max(along[0], up[0])) | 0;
    return { k, from, to: Math.floor(Math.min(along[1], up[1])) | 0 };
  };
  // As many as would lie in it, and a row all round.
  const count = Math.ceil(((right - left) * (top - bottom)) / Math.abs(turn)) + 1;
  return {
    count,
    *rows() {
      for (let k = first; k <= last; k++) yield rowOf(k);
    },
  };
}

/** A piece with what is asked of it again and again. */
interface Shape extends CellPiece {
  extent: Extent;
  middle: Point;
  /** Its sides: which way is in, and how far from the middle of the cell. */
  sides: readonly { in: Point; from: number }[];
  all: Left;
}

function shapeOf(piece: CellPiece): Shape {
  const { ring, area, bounds } = piece;
  const sides = ring.map((corner, index) => {
    const { x, y } = unit(subtract(ring[(index + 1) % ring.length]!, corner));
    const way = { x: -y, y: x };
    return { in: way, from: dot(corner, way) };
  });
  const middle = scale(ring.reduce(add), 1 / ring.length);
  return { ...piece, extent: extentOf(bounds), sides, middle, all: { area, parts: null } };
}

/** What is left of a piece at a place. Of most all: nothing is made for them, not even for a closure. */
function leftOf(shape: Shape, at: Point, zone: ZoneEdges): Left | null {
  const near = zone.near(shape.extent, at);
  return near.length === 0 ? allOrNone(shape, at, zone) : leftBeside(near, shape, at, zone);
}

const allOrNone = (shape: Shape, at: Point, zone: ZoneEdges): Left | null =>
  zone.covers(shape.middle, at) ? shape.all : null;

/** What the edges near a piece leave of it. */
function leftBeside(near: readonly Edge[], shape: Shape, at: Point, zone: ZoneEdges): Left | null {
  const { ring, convex } = shape;
  let edge: Edge | null = null;
  let entering = 0;
  for (const one of near)
    if (!convex || comesInto(one, shape, at)) {
      edge = one;
      entering += 1;
    }
  if (!edge) return allOrNone(shape, at, zone);
  const moved = movedTo(ring, at.x, at.y);
  if (entering > 1 || !convex) return kept(shape, partsWithin(moved, zone, near));
  const cut = leftOfEdge(moved, edge);
  const winding = zone.plain ? 1 : windingLeftOf(edge, moved, cut, shape.area, zone);
  if (winding > 1) return shape.all;
  return winding < 1 ? null : kept(shape, [new OnePart(cut)]);
}

/** How often a zone lies round what is left of an edge, the only one that comes into a piece: told in the middle of the larger part, no edge is near there. */
function windingLeftOf(edge: Edge, moved: Polygon, cut: Polygon, all: number, zone: ZoneEdges): number {
  const isLeftLarger = signedArea(cut) > all / 2;
  const larger = isLeftLarger ? cut : leftOfEdge(moved, { a: edge.b, b: edge.a });
  return zone.winding(centroid(larger)) + (isLeftLarger ? 0 : 1);
}

function kept({ area: all }: Shape, parts: readonly Part[]): Left {
  const area = parts.reduce((sum, part) => sum + part.area, 0);
  const whole = area >= all * (1 - MISSING);
  return { area, parts: whole ? null : parts.every(isThere) ? parts : parts.filter(isThere) };
}

const isThere = ({ area }: Part): boolean => area > NOTHING;

function leftOfEdge(ring: Polygon, { a, b }: Edge): Point[] {
  const long = distance(a, b);
  const way = { x: (a.y - b.y) / long, y: (b.x - a.x) / long };
  return clipHalfPlane(ring, way, dot(a, way));
}

/** Whether an edge comes into a convex piece at a place by more than a hair. */
function comesInto({ a, b }: Edge, { sides }: Shape, at: Point): boolean {
  const ax = a.x - at.x;
  const ay = a.y - at.y;
  const ux = b.x - a.x;
  const uy = b.y - a.y;
  let from = 0;
  let to = 1;
  for (const side of sides) {
    const off = side.in.x * ax + side.in.y * ay - side.from;
    const by = side.in.x * ux + side.in.y * uy;
    if (by === 0) {
      if (off <= TOUCHED) return false;
    } else if (by > 0) from = Math.max(from, -off / by);
    else to = Math.min(to, -off / by);
    if (from >= to) return false;
  }
  const middle = (from + to) / 2;
  const [mx, my] = [ax + ux * middle, ay + uy * middle];
  for (const side of sides) if (side.in.x * mx + side.in.y * my - side.from <= TOUCHED) return false;
  return true;
}
