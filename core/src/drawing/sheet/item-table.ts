import { sheetWords } from '../../wording/drawing-words';
import { scheduleColumns, scheduleNames } from '../../wording/schedule-words';
import { TEXT, type Primitive } from '../primitives';
import type { ScheduleRow } from '../../schedules/item-schedule';
import { columnHeight, COLUMN, MARGIN } from './sheet-frame';
import type { Page } from './sheet-format';
import { text } from './sheet-marks';
import {
  fittedColumns,
  inParts,
  layRows,
  tableHeight,
  tableMarks,
  type LaidRow,
  type TableColumn,
} from './table';

/** Space beside the table in its column, and for the note under it, paper mm. */
const PAD = 4;
const NOTE = 6;

const titled = (
  [
    ['number', 'start'],
    ['item', 'start'],
    ['code', 'start'],
    ['width', 'end'],
    ['depth', 'end'],
    ['height', 'end'],
  ] as const
).map(([column, align]) => ({ title: scheduleColumns[column], align }));
/** How wide they are against one another where all goes in. */
const SHARES = [9, 25, 16.5, 12.5, 11.5, 11.5];

/** Marks what is made to order. */
const SPECIAL = '*';

/** A part of a schedule of items. */
export interface ItemsPart {
  columns: readonly TableColumn[];
  rows: readonly LaidRow[];
}

/** The items of a schedule for the columns of pages, part by part: `taken` is what stands in the column of the first, paper mm. */
export function itemParts(items: readonly ScheduleRow[], page: Page, taken = 0): ItemsPart[] {
  const rows = items.map(({ id, number, name, code, width, depth, height, special }) => ({
    id,
    cells: [String(number), special ? `${name} ${SPECIAL}` : name, code, width, depth, height],
  }));
  const columns = fittedColumns(titled, SHARES, rows, COLUMN - 2 * PAD);
  const high = columnHeight(page) - NOTE;
  return inParts(layRows(columns, rows), high - taken, high).map((part) => ({ columns, rows: part }));
}

/** A part of the schedule of items in the column of a page. */
export function itemTable({ columns, rows }: ItemsPart, page: Page): Primitive[] {
  const [left, top] = [page.width - MARGIN - COLUMN + PAD, page.height - MARGIN];
  const under = top - tableHeight(rows) - NOTE / 2;
  const isSpecial = rows.some(({ cells }) => cells[1]!.at(-1)!.endsWith(SPECIAL));
  return [
    ...tableMarks(scheduleNames.items, columns, rows, { left, top }),
    ...(isSpecial ? [text(sheetWords.special, left, under, TEXT.small)] : []),
    ...(rows.length === 0 ? [text(sheetWords.empty, left, under, TEXT.small)] : []),
  ];
}

/** The rows of what is numbered in a drawing. */
export function numberedRows(rows: readonly ScheduleRow[], marks: readonly Primitive[]): ScheduleRow[] {
  const numbered = new Set(
    marks.flatMap(({ layer, type, source }) => (layer === 'numbers' && type === 'text' ? source : [])),
  );
  return rows.filter(({ id }) => numbered.has(id));
}
