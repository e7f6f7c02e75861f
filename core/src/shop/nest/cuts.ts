import type { Cut } from './nest-types';
import type { Piece } from './sawn';

/** The cuts that a sheet is sawn by, in their order: each right across what is left there, what is nearer the corner sawn on first. Pieces are a kerf larger than what they hold. */
export function sawCuts(piece: Piece, saw: { kerf: number; trim: number }): Cut[] {
  const { sawn, at, x, y, l, w, first, second } = piece;
  if (!sawn) return [];
  const { kerf, trim } = saw;
  const cut: Cut =
    sawn === 'x'
      ? { x: trim + x + at - kerf, from: trim + y, to: trim + y + w - kerf }
      : { y: trim + y + at - kerf, from: trim + x, to: trim + x + l - kerf };
  return [cut, ...sawCuts(first!, saw), ...sawCuts(second!, saw)];
}
