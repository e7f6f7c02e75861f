import type { TrimProfile, TrimUse } from '../document/limits';
import { remember } from '../document/remember';
import { cross, distance, dot, inward, subtract, unit, type Point } from '../geometry/point';
import type { ItemSide, TopEdge } from './top-edge';
import { shapeReach, type TrimShape } from './trim-profiles';

/** What a trim runs along: sides of items, a wall, or a fixed thing. */
export type TrimmedSide =
  { items: readonly [ItemSide, ...ItemSide[]] } | { face: string } | { fixed: string };

/**
 * A length of trim, swept along a path in plan (of more than two places only along a bent wall). Its cross section stands upright at every place of
 * it: what is so far out of the line lies so many times `out` from there, which at a mitre is not square to the line. Mm.
 */
export interface TrimPiece {
  use: TrimUse;
  profile: Exclude<TrimProfile, 'none'>;
  /** Its cross section. */
  shape: TrimShape;
  along: TrimmedSide;
  path: readonly Point[];
  out: readonly Point[];
  /** The height it is fixed at: the top or the underside of the boxes, the floor, the ceiling. */
  level: number;
}

/** Where a trim goes along something, or is left out (none), and whether that is said there; from a to b. */
export interface TrimPlace {
  use: TrimUse;
  profile: TrimProfile;
  along: TrimmedSide;
  own: boolean;
  a: Point;
  b: Point;
}

/** The place of a trim so far out of its line, at one of its path's places. */
export function trimAt({ path, out }: Pick<TrimPiece, 'path' | 'out'>, index: number, by: number): Point {
  const [at, way] = [path[index]!, out[index]!];
  return { x: at.x + way.x * by, y: at.y + way.y * by };
}

/** An end of a cut length: how far off square it is cut, radians, and whether the longer edge is the outer one (else the one at the back). */
export interface TrimEnd {
  angle: number;
  longer: 'outer' | 'back';
}

/** How a length of trim is cut: so long from long point to long point, mm, and its ends, the left one first as it is seen from before it. */
export interface TrimCut {
  length: number;
  ends: readonly [TrimEnd, TrimEnd];
}

/** How a length of trim is cut. Along a bent wall its length at the wall counts. */
export function trimCut(piece: TrimPiece): TrimCut {
  const { in: back, out: outer } = shapeReach(piece.shape);
  const { path, out } = piece;
  const last = path.length - 1;
  const way = (from: number): Point => unit(subtract(path[from + 1]!, path[from]!));
  // Whichever end is longer where, the stock has to reach from the farthest point to the farthest.
  const along = (index: number, u: Point) => {
    const slant = dot(out[index]!, u);
    return [back * slant, outer * slant];
  };
  const [start, end] = [along(0, way(0)), along(last, way(last - 1))];
  let length = Math.max(...end) - Math.min(...start);
  for (let index = 0; index < last; index++) length += distance(path[index]!, path[index + 1]!);
  const inside = piece.use === 'cornice' || piece.use === 'lightRail';
  const ends = [endOf(out[0]!, way(0), -1), endOf(out[last]!, way(last - 1), 1)] as const;
  // Walls are walked with the room on the left: seen from there their end comes first.
  return { length, ends: inside ? ends : [ends[1], ends[0]] };
}

function endOf(out: Point, u: Point, ahead: 1 | -1): TrimEnd {
  const across = Math.abs(cross(u, out));
  const slant = dot(out, u) * ahead;
  return { angle: Math.atan2(Math.abs(slant), across), longer: slant > 0 ? 'outer' : 'back' };
}

/** Straight out of a line that is walked, to its right or its left. */
export const squareOut = (a: Point, b: Point, side: 'left' | 'right'): Point => {
  const right = inward(unit(subtract(b, a)));
  return side === 'right' ? right : { x: -right.x, y: -right.y };
};

/** How many lengths along one edge are remembered. */
const KEPT = 12;

/** The very same length along an edge, as long as nothing about it has changed. */
export const samePiece = remember((_edge: TopEdge, { piece }: { piece: TrimPiece }): TrimPiece => piece, {
  kept: KEPT,
});
