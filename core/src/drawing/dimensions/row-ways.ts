import { perDesign, recordsOf, type Design } from '../../document/design';
import type { RowWayRecord } from '../../document/records';

/** What the plan goes by in the records of what is drawn on it, and the ceiling plan. */
export const PLAN = 'plan';
export const CEILING = 'ceiling';

const byRow = perDesign(
  (design): ReadonlyMap<string, RowWayRecord> =>
    new Map(recordsOf(design, 'row-way').map((one) => [`${one.view} ${one.row}`, one])),
);

/** What a person has said of a row of dimensions that is drawn by itself. */
export const rowWay = (design: Design, view: string, row: string): RowWayRecord | undefined =>
  byRow(design).get(`${view} ${row}`);

/** The rows of a drawing that are not left away. */
export const shownRows = <Row>(
  design: Design,
  view: string,
  rows: readonly Row[],
  keyOf: (row: Row) => string,
): Row[] => rows.filter((row) => !rowWay(design, view, keyOf(row))?.hidden);
