import type { TileSize } from '../pattern';
import {
  ALL,
  BOTTOM,
  LEFT,
  RIGHT,
  SAME,
  TOP,
  type Lot,
  type Lying,
  type PieceType,
  type Placed,
} from './piece-types';

/** A rectangle that is left of a tile, and which of its sides are the tile's own. */
interface Free extends TileSize {
  x: number;
  y: number;
  sides: number;
}

/** Whether what is left beside a piece stays whole, or what is left over it; or whichever leaves the larger one. */
type Parting = 'beside' | 'over' | 'larger' | 'smaller';
const PARTINGS: readonly Parting[] = ['larger', 'smaller', 'beside', 'over'];

/**
 * Nests a lot on a tile without going back: each piece, the largest first, into the rectangle it leaves least of, which is then sawn in two beside and over it; by each of some rules in
 * turn. What it finds is sound; that it finds nothing says nothing.
 */
export function quickNest(
  lot: Lot,
  types: readonly PieceType[],
  tile: TileSize,
  kerf: number,
): Placed[] | null {
  const longest = (type: number) => Math.max(...types[type]!.lying.map(({ w, h }) => Math.max(w, h)));
  const bySide = lot.toSorted((a, b) => longest(b) - longest(a));
  for (const order of [lot, bySide])
    for (const parting of PARTINGS) {
      const found = nested(order, types, tile, kerf, parting);
      if (found) return found;
    }
  return null;
}

function nested(
  lot: Lot,
  types: readonly PieceType[],
  tile: TileSize,
  kerf: number,
  parting: Parting,
): Placed[] | null {
  let free: Free[] = [{ x: 0, y: 0, ...tile, sides: ALL }];
  const found: Placed[] = [];
  for (const type of lot) {
    let best: { at: Free; lying: Lying; left: number } | null = null;
    for (const at of free)
      for (const lying of types[type]!.lying) {
        if (lying.w > at.w + SAME || lying.h > at.h + SAME || (lying.sides & ~at.sides) !== 0) continue;
        const left = Math.min(at.w - lying.w, at.h - lying.h);
        if (!best || left < best.left) best = { at, lying, left };
      }
    if (!best) return null;
    const { at, lying } = best;
    const [right, top] = [takesEnd(lying.sides, LEFT, RIGHT), takesEnd(lying.sides, BOTTOM, TOP)];
    found.push({
      type,
      x: right ? at.x + at.w - lying.w : at.x,
      y: top ? at.y + at.h - lying.h : at.y,
      turn: lying.turn,
    });
    free = [...free.filter((one) => one !== at), ...sawn(at, lying, { right, top }, kerf, parting)];
  }
  return found;
}

/** Whether a piece must lie at the end of a rectangle, not at its start. */
const takesEnd = (sides: number, start: number, end: number) => (sides & end) !== 0 && (sides & start) === 0;

/** What is left of a rectangle beside and over a piece in one of its corners. */
function sawn(
  at: Free,
  { w, h }: TileSize,
  { right, top }: { right: boolean; top: boolean },
  kerf: number,
  parting: Parting,
): Free[] {
  const [wide, high] = [at.w - w - kerf, at.h - h - kerf];
  // The areas of what would stay whole: beside the piece all the way up, or over it all the way along.
  const besideFirst =
    parting === 'beside' || (parting !== 'over' && wide * at.h >= high * at.w === (parting === 'larger'));
  const beside: Free = {
    x: right ? at.x : at.x + w + kerf,
    y: besideFirst || !top ? at.y : at.y + at.h - h,
    w: wide,
    h: besideFirst ? at.h : h,
    sides: at.sides & ~(right ? RIGHT : LEFT) & (besideFirst ? ALL : ~(top ? BOTTOM : TOP)),
  };
  const over: Free = {
    x: besideFirst && right ? at.x + at.w - w : at.x,
    y: top ? at.y : at.y + h + kerf,
    w: besideFirst ? w : at.w,
    h: high,
    sides:
      at.sides & ~(top ? TOP : BOTTOM) & (besideFirst && wide > -kerf + SAME ? ~(right ? LEFT : RIGHT) : ALL),
  };
  // As high as the rectangle, the piece leaves what is beside it with both ends.
  if (!besideFirst && high <= -kerf + SAME) beside.sides = at.sides & ~(right ? RIGHT : LEFT);
  return [beside, over].filter((one) => one.w > SAME && one.h > SAME);
}
