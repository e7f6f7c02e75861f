import { crossing } from '../geometry/line-crossing';
import { cross, distance, place, subtract, unit, inward, type Point } from '../geometry/point';
import { boundsOf, crossingEdges, signedArea, type Bounds, type Polygon } from '../geometry/polygon';
import { ok, refuse, type Result } from '../result';

/** A length of a pattern: so many times the tile's width, its height and the joint, and mm. */
export type Measure = readonly [w: number, h: number, joint: number, mm?: number];

/** A place, or a way, of a pattern. */
export type Spot = readonly [x: Measure, y: Measure];

/** A piece of a repeat: which of its sizes or colours it is, and the corners of what it takes, counter-clockwise: itself and half a joint all round; of one that is `bare`, itself alone. */
export interface RepeatPiece {
  slot: string;
  ring: readonly Spot[];
  bare?: true;
}

/**
 * A pattern as data: pieces, and the two ways in which they come again and again. What is laid has its origin half a joint in from where the repeat is written
 * from, which is the lower left corner of a tile there, or in the middle of it.
 */
export interface Repeat {
  a: Spot;
  b: Spot;
  pieces: readonly [RepeatPiece, ...RepeatPiece[]];
  origin: 'corner' | 'middle';
}

/** A tile as it lies in its pattern, along and across it, mm. */
export interface TileSize {
  w: number;
  h: number;
}

/** A piece as it is laid, beside the origin; mm, mm². */
export interface CellPiece {
  slot: string;
  ring: Polygon;
  bounds: Bounds;
  area: number;
  convex: boolean;
}

/** A repeat for a tile and a joint: each piece stands at its place plus i·a + k·b for all whole i and k. */
export interface Cell {
  a: Point;
  b: Point;
  pieces: readonly CellPiece[];
}

/** Less of a tile than this can't be made, mm. */
const LEAST_PIECE = 1;

/** Whether a ring goes round something: its proportions can turn it inside out, or across itself. */
const isOutline = (ring: Polygon): boolean => signedArea(ring) > 0 && !crossingEdges(ring);

/** The repeat of a pattern for a tile and a joint, mm. Refused where nothing is left of a piece of it. */
export function cellOf({ a, b, pieces, origin }: Repeat, size: TileSize, joint: number): Result<Cell> {
  const at = (spot: Spot): Point => ({
    x: lengthOf(spot[0], size, joint),
    y: lengthOf(spot[1], size, joint),
  });
  const rings = pieces.map(({ ring, bare }) => {
    const outline = ring.map(at);
    return !isOutline(outline) ? [] : bare ? outline : inset(outline, joint / 2);
  });
  const back = origin === 'corner' ? joint / 2 : 0;
  const from = { x: back, y: back };
  const found = pieces.map(({ slot }, index): CellPiece => {
    const ring = rings[index]!.map((corner) => subtract(corner, from));
    return { slot, ring, bounds: boundsOf(ring), area: signedArea(ring), convex: isConvex(ring) };
  });
  const least = found.find(({ ring, bounds: { left, right, bottom, top } }) => {
    return !(isOutline(ring) && right - left >= LEAST_PIECE && top - bottom >= LEAST_PIECE);
  });
  if (least) return refuse('tile-out-of-proportion', { slot: least.slot });
  return ok({ a: at(a), b: at(b), pieces: found });
}

function lengthOf([w, h, joint, mm = 0]: Measure, size: TileSize, wide: number): number {
  return w * size.w + h * size.h + joint * wide + mm;
}

/** The outline so much within another, mm: edges that are eaten up are left out, their neighbours meet. Empty where nothing is left. */
function inset(ring: Polygon, by: number): Point[] {
  if (by === 0) return [...ring];
  let lines = ring.map((a, index) => {
    const u = unit(subtract(ring[(index + 1) % ring.length]!, a));
    // Outside is to the right of an edge.
    return { from: place(a, inward(u), -by, u, 0), u };
  });
  while (lines.length > 2) {
    const corners = lines.map((line, index) => crossing(lines.at(index - 1)!, line));
    const kept = lines.filter((line, index) => {
      const long = subtract(corners[(index + 1) % corners.length]!, corners[index]!);
      return long.x * line.u.x + long.y * line.u.y > 0;
    });
    if (kept.length === lines.length) return corners;
    lines = kept;
  }
  return [];
}

/** A cell as it is seen in a mirror that stands upright in its origin. */
export function mirroredCell({ a, b, pieces }: Cell): Cell {
  const mirrored = ({ x, y }: Point): Point => ({ x: -x, y });
  return {
    a: mirrored(a),
    b: mirrored(b),
    pieces: pieces.map((piece) => {
      const ring = piece.ring.map(mirrored).reverse();
      return { ...piece, ring, bounds: boundsOf(ring) };
    }),
  };
}

/** Whether a ring turns left only. */
export function isConvex(ring: Polygon): boolean {
  return ring.every((corner, index) => {
    const [next, after] = [ring[(index + 1) % ring.length]!, ring[(index + 2) % ring.length]!];
    const off = cross(subtract(next, corner), subtract(after, next));
    return off >= -1e-9 * distance(corner, next) * distance(next, after);
  });
}
