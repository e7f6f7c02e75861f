import { perDesign, recordsOf, type Design } from '../../document/design';
import type { RowWayRecord } from '../../document/records';
import { rememberOne } from '../../document/remember';
import type { ChainLink } from './chains';

/** What the plan goes by in the records of what is drawn on it, and the ceiling plan. */
export const PLAN = 'plan';
export const CEILING = 'ceiling';

const byRow = perDesign(
  (design): ReadonlyMap<string, RowWayRecord> =>
    new Map(recordsOf(design, 'row-way').map((one) => [`${one.view} ${one.row}`, one])),
);

/** What stands for every drawing where something is said of all rows of a kind. */
export const EVERY_ROW = '*';

/** What was said of a row of dimensions that is drawn by itself: of this row, or of all of its kind. */
export function rowWay(design: Design, view: string, row: string): RowWayRecord | undefined {
  const said = byRow(design);
  if (said.size === 0) return undefined;
  return (
    said.get(`${view} ${row}`) ??
    row
      .split(' ')
      .map((part) => said.get(`${EVERY_ROW} ${part}`))
      .find(Boolean)
  );
}

/** The rows of a drawing that are not left away. */
export const shownRows = <Row>(
  design: Design,
  view: string,
  rows: readonly Row[],
  keyOf: (row: Row) => string,
): Row[] => rows.filter((row) => !rowWay(design, view, keyOf(row))?.hidden);

/** Between a row and one of its figures, in what that goes by. */
const FIGURE = '#';

/** What one figure of a row goes by on its drawing, and of which row it is. */
export const figureRow = (row: string, figure: string): string => `${row}${FIGURE}${figure}`;
export const rowOfFigure = (key: string): string | null => {
  const at = key.indexOf(FIGURE);
  return at < 0 ? null : key.slice(0, at);
};

/** Which figure of its row one is: by what lies at its ends, so that it is the same one when others come and go. */
export const figureOf = (links: readonly ChainLink[], index: number): string => figureNames(links)[index]!;

const figureNames = rememberOne((links: readonly ChainLink[]): string[] => {
  const counts = new Map<string, number>();
  return links.map(({ between: { from, to } }) => {
    const name = `${from[0] ?? ''}~${to[0] ?? ''}`;
    const count = (counts.get(name) ?? 0) + 1;
    counts.set(name, count);
    return count > 1 ? `${name}~${count}` : name;
  });
});

/** What was said of a figure by itself: left away, or so much farther out and on along its row, mm on paper. */
export type FigureWay = Pick<RowWayRecord, 'hidden' | 'off' | 'over'>;

const saysFigures = perDesign((design) =>
  recordsOf(design, 'row-way').some(({ row }) => rowOfFigure(row) !== null),
);

/** What was said of the figures of a row, one by one; nothing where nothing was. */
export function figureWays(
  design: Design,
  view: string,
  row: string,
  links: readonly ChainLink[],
): readonly (FigureWay | undefined)[] | undefined {
  if (!saysFigures(design)) return undefined;
  const said = byRow(design);
  const ways = links.map((_, index) => said.get(`${view} ${figureRow(row, figureOf(links, index))}`));
  return ways.some(Boolean) ? ways : undefined;
}
