import { boundsOf, type Bounds } from '../geometry/polygon';
import { ok, type Result } from '../result';
import type { Laid, LaidPiece } from './lay';
import { planOffcuts, type OffcutPlan } from './offcuts/offcuts';
import type { CutPiece, FactorySide, Reuse } from './offcuts/piece-types';
import type { CellPiece, TileSize } from './pattern';

/** A cut piece of a zone, numbered: as a rectangle of its tile, mm, with the sides that stay as the tile has them. */
export interface CutListed extends CutPiece {
  laid: LaidPiece;
}

/** Which tile of a zone a piece is of: the first, the second colour, that of the border. */
export const tileOrder = ['first', 'second', 'border'] as const;
export type TileOf = (typeof tileOrder)[number];

/** The tiles of one size and colour that a zone needs. */
export interface TileNeed {
  tile: TileSize;
  of: TileOf;
  whole: number;
  cut: readonly CutListed[];
  /** What lies of it in the zone, mm². */
  lying: number;
  /** The tiles cut pieces come from together; null where each takes one: the size is no rectangle, or nothing is used again. */
  plan: OffcutPlan | null;
  /** Tiles to have, without spares: with offcuts used again as is asked, and with none. */
  tiles: number;
  withoutReuse: number;
}

/** A side lies at the tile's own within this, mm. */
const AT_SIDE = 1e-6;

/**
 * What a zone needs, by colours and sizes of tile, the first colour and the largest first. A cut piece keeps every side on which nothing was cut off, since that is where the next tile is; of a piece that is cut on a slant or
 * round something the rectangle about it is taken. Upright tiles are the flat ones turned.
 */
export function tileNeeds(
  { pieces }: Pick<Laid, 'pieces'>,
  reuse: Reuse | null,
  tileOfPiece: (piece: LaidPiece) => TileOf = () => 'first',
  isApart: (piece: LaidPiece) => boolean = () => false,
): Result<TileNeed[]> {
  const sizes = new Map<
    string,
    Pick<TileNeed, 'of' | 'tile'> & { isRectangle: boolean; pieces: LaidPiece[] }
  >();
  for (const laid of pieces) {
    const tile = tileOf(laid.piece);
    const isRectangle = rectangular(laid.piece);
    const of = tileOfPiece(laid);
    const key = `${of} ${isRectangle ? `${tile.w.toFixed(6)} ${tile.h.toFixed(6)}` : laid.piece.slot}`;
    const own = sizes.get(key);
    if (own) own.pieces.push(laid);
    else sizes.set(key, { tile, of, isRectangle, pieces: [laid] });
  }
  const needs: TileNeed[] = [];
  let number = 0;
  for (const { tile, of, isRectangle, pieces: own } of [...sizes.values()].sort(
    (a, b) => tileOrder.indexOf(a.of) - tileOrder.indexOf(b.of) || areaOf(b.tile) - areaOf(a.tile),
  )) {
    const cut = own
      .filter(({ whole }) => !whole)
      .map((laid): CutListed => ({ ...remainder(laid), id: String(++number), laid }));
    const whole = own.length - cut.length;
    const together = reuse && isRectangle ? cut.filter(({ laid }) => !isApart(laid)) : [];
    const plan = together.length > 0 ? planOffcuts(together, tile, reuse!) : null;
    if (plan && !plan.ok) return plan;
    needs.push({
      ...{ tile, of, whole, cut, plan: plan?.value ?? null },
      lying: own.reduce((sum, { area }) => sum + area, 0),
      tiles: whole + cut.length - together.length + (plan?.value.tiles.length ?? 0),
      withoutReuse: whole + cut.length,
    });
  }
  return ok(needs);
}

const areaOf = ({ w, h }: TileSize) => w * h;

/** Whether a piece lies as its tile turned by a quarter, counter-clockwise. */
export const isUpright = ({ bounds: { left, right, bottom, top } }: CellPiece) =>
  top - bottom > right - left + AT_SIDE;

/** The tile a piece is of, as it comes: the longer side along. */
function tileOf(piece: CellPiece): TileSize {
  const { left, right, bottom, top } = piece.bounds;
  const [w, h] = [right - left, top - bottom];
  return isUpright(piece) ? { w: h, h: w } : { w, h };
}

function rectangular({ bounds: { left, right, bottom, top }, area }: CellPiece): boolean {
  return Math.abs((right - left) * (top - bottom) - area) < AT_SIDE * area;
}

const within = ({ left, right, bottom, top }: Bounds, whole: Bounds): Bounds => ({
  left: Math.max(left, whole.left),
  right: Math.min(right, whole.right),
  bottom: Math.max(bottom, whole.bottom),
  top: Math.min(top, whole.top),
});

/** What is left of a piece, in its tile as it comes. */
function remainder(laid: LaidPiece): Omit<CutPiece, 'id'> {
  const { piece } = laid;
  const whole = piece.bounds;
  // Where an edge runs along a tile's side but for a hair, a corner comes out a hair past it: no piece is larger than its tile.
  const left = within(boundsOf(laid.remains().flat()), whole);
  const kept: FactorySide[] = [];
  if (left.left - whole.left < AT_SIDE) kept.push('left');
  if (left.bottom - whole.bottom < AT_SIDE) kept.push('bottom');
  if (whole.right - left.right < AT_SIDE) kept.push('right');
  if (whole.top - left.top < AT_SIDE) kept.push('top');
  // What keeps both sides is as wide as its tile, whatever a hair is missing at each.
  const across = kept.includes('left') && kept.includes('right') ? whole : left;
  const upward = kept.includes('bottom') && kept.includes('top') ? whole : left;
  const [w, h] = [across.right - across.left, upward.top - upward.bottom];
  if (!isUpright(piece)) return { w, h, factory: kept };
  // Upright it was turned by a quarter, counter-clockwise: its left side was the top of the tile.
  const before: Record<FactorySide, FactorySide> = {
    left: 'top',
    bottom: 'left',
    right: 'bottom',
    top: 'right',
  };
  return { w: h, h: w, factory: kept.map((side) => before[side]) };
}

/** How tiles are bought: so many in a box, and such a share more for breakage and later (0.1 is 10 percent). */
export interface Buying {
  perBox: number;
  spares: number;
}

/** Tiles with spares, the boxes they come in, and what of all that is bought does not lie in the zone, as a share. */
export function boughtFor(need: TileNeed, tiledArea: number, { perBox, spares }: Buying) {
  const tiles = Math.ceil(need.tiles * (1 + spares) - 1e-9);
  const boxes = Math.ceil(tiles / perBox);
  const area = boxes * perBox * areaOf(need.tile);
  return { tiles, boxes, waste: area > 0 ? Math.max(0, 1 - tiledArea / area) : 0 };
}
