import type { TileSize } from '../pattern';

/** A side of a piece that must be one the tile came with. */
export type FactorySide = 'left' | 'bottom' | 'right' | 'top';
/** Degrees counter-clockwise. */
export type Turn = 0 | 90 | 180 | 270;

/** A piece that is to be cut, mm; its size and sides before it is turned. */
export interface CutPiece {
  id: string;
  w: number;
  h: number;
  factory: readonly FactorySide[];
}

/** What a saw takes between two pieces, mm, and how pieces may be turned. */
export interface Reuse {
  kerf: number;
  turns: readonly Turn[];
}

/** A piece as it lies on its tile: its lower left corner, mm. */
export interface Nested {
  id: string;
  x: number;
  y: number;
  turn: Turn;
}

/** Pieces that are all alike, and how many of them. */
export interface PieceType {
  ids: readonly string[];
  area: number;
  lying: readonly Lying[];
}

/** A piece as it can lie: its size, and the sides of it that must be the tile's, by their bits. */
export interface Lying extends TileSize {
  turn: Turn;
  sides: number;
}

/** The sides by their bits, counter-clockwise: a quarter turn makes each the next. */
const SIDES: readonly FactorySide[] = ['left', 'bottom', 'right', 'top'];
export const [LEFT, BOTTOM, RIGHT, TOP] = [1, 2, 4, 8] as const;
export const ALL = LEFT | BOTTOM | RIGHT | TOP;
/** Lengths that differ by less are the same, mm. */
export const SAME = 1e-6;

const turnedSides = (sides: number, quarters: number): number => {
  const moved = sides << quarters;
  return (moved | (moved >> 4)) & ALL;
};

/** How a piece can lie on a tile: nowhere if it is too large for it, or has factory sides across from one another further apart than the tile's. */
export function lyingOf(
  { w, h, factory }: Omit<CutPiece, 'id'>,
  tile: TileSize,
  turns: readonly Turn[],
): Lying[] {
  const own = factory.reduce((bits, side) => bits | (1 << SIDES.indexOf(side)), 0);
  const found: Lying[] = [];
  for (const turn of turns) {
    const across = turn % 180 === 90;
    const lying: Lying = { w: across ? h : w, h: across ? w : h, turn, sides: turnedSides(own, turn / 90) };
    const through = (both: number, size: number, whole: number) =>
      (lying.sides & both) !== both || Math.abs(size - whole) <= SAME;
    const fits =
      lying.w <= tile.w + SAME &&
      lying.h <= tile.h + SAME &&
      through(LEFT | RIGHT, lying.w, tile.w) &&
      through(BOTTOM | TOP, lying.h, tile.h);
    const same = found.some((one) => one.w === lying.w && one.h === lying.h && one.sides === lying.sides);
    if (fits && !same) found.push(lying);
  }
  return found;
}

/** Some pieces by their types, in order; a type as often as there are pieces of it. */
export type Lot = readonly number[];

/** Where a piece of a type lies on its tile. */
export interface Placed extends Omit<Nested, 'id'> {
  type: number;
}
