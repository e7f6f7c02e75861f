import { perDesign, recordsOf, type Design } from '../../document/design';
import type { RowWayRecord } from '../../document/records';

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
