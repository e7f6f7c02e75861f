import { roomOf, type Design } from '../document/design';
import type { LiningStyle } from '../document/limits';
import { patchOf } from '../document/patch';
import type { FixedRecord } from '../document/records';
import { refuse } from '../result';
import { openingsOn } from '../survey/openings';
import type { PlacedFace } from '../survey/placed-face';
import { isInchUnit, MM_PER_INCH, quantise } from '../units/units';
import { findFace, guardedLinings, type Command } from './command';

/** Lines a face from end to end round its openings, in one piece where none is in the way; what stands at it comes forward. */
export const lineFace: Command<{ face: string; style: LiningStyle; prefix: string }> = {
  id: 'line-face',
  run(design, { face, style, prefix }) {
    const found = findFace(design, face);
    if (!found.ok) return found;
    const on = found.value;
    if (on.arc) return refuse('lining-bent', { face: on.letter });
    const { depth, height } = usualSizes(design, on, style);
    const linings = piecesOf(design, on, height).map((piece, index): FixedRecord => ({
      ...{ kind: 'fixed', id: `${prefix}-${index}`, type: 'lining', depth, style },
      ...{
        width: quantise(piece.to - piece.from),
        height: quantise(piece.high - piece.low),
        up: quantise(piece.low),
      },
      placement: { on: 'face', face: on.id, from: 'left', distance: quantise(piece.from), off: 0 },
    }));
    if (linings.length === 0) return refuse('lining-no-room', { face: on.letter });
    return guardedLinings(design, patchOf(design, linings));
  },
};

/** Panels and boards are half as high as a person; a plain furred lining, and slats, go up to the ceiling. */
function usualSizes(design: Design, face: PlacedFace, style: LiningStyle): { depth: number; height: number } {
  const inches = isInchUnit(roomOf(design).unit);
  const size = (mm: number, inch: number) => (inches ? inch * MM_PER_INCH : mm);
  const whole = face.wallHeight ?? Math.min(...face.ceiling);
  const height = style === 'plain' || style === 'slatted' ? whole : Math.min(whole, size(1_000, 36));
  return { depth: style === 'plain' ? size(50, 2) : size(20, 0.75), height };
}

interface Piece {
  from: number;
  to: number;
  low: number;
  high: number;
}

/** Smaller than this nobody cuts a piece, mm. */
const LEAST_PIECE = 20;

/** What is left of a face up to a height beside, below and over its openings, with their casings. */
function piecesOf(design: Design, face: PlacedFace, height: number): Piece[] {
  const holes = openingsOn(design, face.id)
    .map(({ left, right, record: { casing, sill, height: high } }) => ({
      ...{ from: Math.max(0, left - casing), to: Math.min(face.length, right + casing) },
      ...{ low: sill < 1 ? 0 : sill - casing, high: sill + high + casing },
    }))
    .filter(({ low, high }) => low < height && high > 0)
    .sort((a, b) => a.from - b.from);
  const pieces: Piece[] = [];
  const add = (from: number, to: number, low: number, high: number) => {
    if (to - from >= LEAST_PIECE && high - low >= LEAST_PIECE) pieces.push({ from, to, low, high });
  };
  let at = 0;
  for (const hole of holes) {
    add(at, hole.from, 0, height);
    // Of two that stand over each other the first parts the wall.
    const from = Math.max(at, hole.from);
    add(from, hole.to, 0, Math.min(height, hole.low));
    add(from, hole.to, Math.max(0, hole.high), height);
    at = Math.max(at, hole.to);
  }
  add(at, face.length, 0, height);
  return pieces;
}
