import type { Finish } from '../../surfaces/finishes';
import type { ZoneRecord } from '../../document/records';
import { BORDER, CORNER } from '../borders/border';
import type { TileOf } from '../cut-list';
import type { LaidPiece } from '../lay';
import type { Cell } from '../pattern';

/** Which tile each piece of a zone is of; null where there is one only. */
export function tilesOf(
  zone: Pick<ZoneRecord, 'border' | 'colouring' | 'pattern'>,
  cell: Cell,
): ((piece: LaidPiece) => TileOf) | null {
  const isSecond = secondColour(zone, cell);
  if (!isSecond && !zone.border) return null;
  return (piece) => (sheetOrBorder(piece) === 'first' && isSecond?.(piece) ? 'second' : sheetOrBorder(piece));
}

/** Which a piece of a mosaic is of: its sheets are the first tile. */
export const sheetOrBorder = ({ piece: { slot } }: LaidPiece): TileOf =>
  slot === BORDER || slot === CORNER ? 'border' : 'first';

/** The finish of each tile of a zone. */
export const tileFinish = (
  { finish, colouring, border }: Pick<ZoneRecord, 'border' | 'colouring' | 'finish'>,
  of: TileOf,
): string | undefined =>
  of === 'first' ? finish : of === 'second' ? colouring?.finish : (border?.finish ?? finish);

/**
 * Which pieces of a zone are of its second colour; null where it has one only. By size all but the first of the pattern's are; a checkerboard and stripes go by
 * rows and columns where there are such, else by how often the pattern has come again.
 */
function secondColour(
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

/** The colour of joints that neither their zone nor its tile says anything of. */
const USUAL_GROUT = '#8d8471';

/** The colour of the joints of a zone that is laid with a tile: its own, else that of the tile. */
export const groutOf = (zone: Pick<ZoneRecord, 'grout'>, finish: Finish | null): string =>
  zone.grout ?? finish?.tile?.grout ?? USUAL_GROUT;
