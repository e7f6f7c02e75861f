import type { Point } from '../../geometry/point';
import { boundsOf } from '../../geometry/polygon';
import type { LaidPart } from '../nest/nest-types';
import { SAME } from './machine';
import type { OpenSides } from './strokes';
import type { BoreWork, FaceWork, PocketWork, WorkPiece } from './work-piece';

/** What is milled out, and its sides that are the piece's own. */
export interface PlacedPocket extends PocketWork {
  open: OpenSides;
}

/** What is made of a piece where it lies, from above; mm of the sheet. */
export interface PlacedWork {
  id: string;
  outline: readonly Point[];
  bores: readonly BoreWork[];
  pockets: readonly PlacedPocket[];
}

/** A piece by itself, one of its faces up, as it is or turned a quarter to the left; turned over about its long edge its outline is the other way round. */
export function pieceWork(id: string, piece: WorkPiece, side: 'down' | 'up', isTurned = false): PlacedWork {
  const { outline, width } = piece;
  const place = isTurned ? ({ x, y }: Point): Point => ({ x: width - y, y: x }) : (at: Point): Point => at;
  const ring = side === 'up' ? outline : outline.map(({ x, y }) => ({ x, y: width - y })).reverse();
  return { id, outline: ring.map(place), ...worked(piece, piece[side], place) };
}

/** A piece as a nest lays it on its sheet: as it is, or turned a quarter to the left. */
export function laidWork({ id, x, y, l, turned }: LaidPart, piece: WorkPiece): PlacedWork {
  const place = (at: Point): Point =>
    turned ? { x: x + l - at.y, y: y + at.x } : { x: x + at.x, y: y + at.y };
  return { id, outline: piece.outline.map(place), ...worked(piece, piece.up, place) };
}

function worked(
  { length, width }: WorkPiece,
  { bores, pockets }: FaceWork,
  place: (at: Point) => Point,
): Pick<PlacedWork, 'bores' | 'pockets'> {
  const whole = boundsOf([place({ x: 0, y: 0 }), place({ x: length, y: width })]);
  return {
    bores: bores.map((one) => ({ ...one, at: place(one.at) })),
    pockets: pockets.map((one) => {
      const { left, bottom, right, top } = boundsOf([
        place(one.at),
        place({ x: one.at.x + one.size[0], y: one.at.y + one.size[1] }),
      ]);
      return {
        ...one,
        at: { x: left, y: bottom },
        size: [right - left, top - bottom],
        open: {
          left: left < whole.left + SAME,
          right: right > whole.right - SAME,
          low: bottom < whole.bottom + SAME,
          high: top > whole.top - SAME,
        },
      };
    }),
  };
}
