import type { ZoneRecord } from '../../document/records';
import type { LaidPiece } from '../lay';
import type { Cell } from '../pattern';

/**
 * Which pieces of a zone are of its second colour; null where it has one only. By size all but the first of the pattern's are; a checkerboard and stripes go by
 * rows and columns where there are such, else by how often the pattern has come again.
 */
export function secondColour(
  { colouring, pattern }: Pick<ZoneRecord, 'colouring' | 'pattern'>,
  { pieces }: Cell,
): ((piece: LaidPiece) => boolean) | null {
  if (!colouring) return null;
  const [first] = pieces;
  if (colouring.way === 'sizes') return ({ piece }) => piece.slot !== first!.slot;
  const numbers = new Map(pieces.map((piece, index) => [piece, index]));
  const inRows = ROWS.has(pattern.type);
  const inColumns = pattern.type === 'vertical';
  return ({ piece, i, k }) => {
    const number = numbers.get(piece)!;
    const column = inColumns ? i * pieces.length + number : i;
    const row = inRows ? k * pieces.length + number : k;
    return isOdd(colouring.way === 'stripes' ? (inColumns ? column : row) : column + row);
  };
}

const ROWS: ReadonlySet<string> = new Set(['grid', 'running', 'plank']);

const isOdd = (value: number): boolean => value % 2 !== 0;
