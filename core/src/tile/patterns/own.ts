import type { ZoneOwnPattern } from '../../document/records';
import type { Repeat, RepeatPiece } from '../pattern';
import { across, along, box, NONE } from './spots';

/** A pattern of one's own as a repeat: pieces of so many tiles, the joints between them theirs; each size by itself, told by how many tiles it is. */
export const ownPattern = ({ columns, rows, shift, pieces }: ZoneOwnPattern): Repeat => ({
  a: [along(columns), NONE],
  b: [along(shift), across(rows)],
  pieces: pieces.map(({ x, y, w, h }) =>
    box(`${w} × ${h}`, [along(x), across(y)], [along(w), across(h)]),
  ) as [RepeatPiece, ...RepeatPiece[]],
  origin: 'corner',
});

/** Which squares of a pattern's repeat have no piece on them, and which more than one: of one that fills the plane there are neither. */
export function unfilled({ columns, rows, shift, pieces }: ZoneOwnPattern): {
  missing: number;
  twice: number;
} {
  const counts = new Array<number>(columns * rows).fill(0);
  for (const { x, y, w, h } of pieces)
    for (let row = y; row < y + h; row++)
      for (let column = x; column < x + w; column++) {
        const up = Math.floor(row / rows);
        const own = (((column - up * shift) % columns) + columns) % columns;
        counts[(row - up * rows) * columns + own]! += 1;
      }
  return {
    missing: counts.filter((count) => count === 0).length,
    twice: counts.filter((count) => count > 1).length,
  };
}

/** A pattern to begin with: one long tile, one upright, two squares. */
export const firstOwn: ZoneOwnPattern = {
  ...{ columns: 3, rows: 2, shift: 0 },
  pieces: [
    { x: 0, y: 0, w: 2, h: 1 },
    { x: 2, y: 0, w: 1, h: 2 },
    { x: 0, y: 1, w: 1, h: 1 },
    { x: 1, y: 1, w: 1, h: 1 },
  ],
};
