import { sheetWords } from '../../wording/drawing-words';
import { scheduleColumns, scheduleNames } from '../../wording/schedule-words';
import { TEXT, type Primitive } from '../primitives';
import type { ScheduleRow } from '../../schedules/item-schedule';
import { columnHeight, COLUMN, MARGIN } from './sheet-frame';
import type { Page } from './sheet-format';
import { text } from './sheet-marks';
import { inParts, layRows, tableHeight, tableMarks, type LaidRow, type TableColumn } from './table';

/** Space beside the table in its column, and for the note under it, paper mm. */
const PAD = 4;
const NOTE = 6;

const columns: readonly TableColumn[] = [
  { title: scheduleColumns.number, width: 9, align: 'start' },
  { title: scheduleColumns.item, width: 25, align: 'start' },
  { title: scheduleColumns.code, width: 16.5, align: 'start' },
  { title: scheduleColumns.width, width: 12.5, align: 'end' },
  { title: scheduleColumns.depth, width: 11.5, align: 'end' },
  { title: scheduleColumns.height, width: 11.5, align: 'end' },
];

/** Marks what is made to order. */
const SPECIAL = '*';

/** The items of a schedule for the columns of pages, part by part: `taken` is what stands in the column of the first, paper mm. */
export function itemParts(rows: readonly ScheduleRow[], page: Page, taken = 0): LaidRow[][] {
  const laid = layRows(
    columns,
    rows.map(({ id, number, name, code, width, depth, height, special }) => ({
      id,
      cells: [String(number), special ? `${name} ${SPECIAL}` : name, code, width, depth, height],
    })),
  );
  const high = columnHeight(page) - NOTE;
  return inParts(laid, high - taken, high);
}

/** A part of the schedule of items in the column of a page. */
export function itemTable(rows: readonly LaidRow[], page: Page): Primitive[] {
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
