import { boundsOf } from '../../geometry/polygon';
import type { LaidPiece } from '../lay';

/** Cut pieces that are alike: their number on the drawing, their extent as they lie in their pattern, mm, and which they are. */
export interface CutType {
  number: number;
  slot: string;
  w: number;
  h: number;
  /** Whether less is left of it than its extent: cut on a slant, or round something. */
  shaped: boolean;
  pieces: LaidPiece[];
}

/** Pieces that differ by less are cut alike, mm. */
const ALIKE = 0.1;

/** The cut pieces of a zone by what is cut, numbered as they are met row by row. */
export function cutTypes(pieces: readonly LaidPiece[]): CutType[] {
  const types = new Map<string, CutType>();
  for (const piece of pieces) {
    if (piece.whole) continue;
    const { left, right, bottom, top } = boundsOf(piece.remains().flat());
    const [w, h] = [right - left, top - bottom];
    const shaped = piece.area < w * h - (w + h) * ALIKE;
    const { slot, bounds } = piece.piece;
    const key = [slot, w, h, left - bounds.left, bottom - bounds.bottom, shaped ? piece.area / 10 : 0]
      .map((part) => (typeof part === 'number' ? Math.round(part / ALIKE) : part))
      .join(' ');
    const known = types.get(key);
    if (known) known.pieces.push(piece);
    else types.set(key, { number: types.size + 1, slot, w, h, shaped, pieces: [piece] });
  }
  return [...types.values()];
}
