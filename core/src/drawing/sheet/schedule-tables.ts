import type { Design } from '../../document/design';
import { scheduleIds } from '../../schedules/find-schedule';
import { scheduleOf } from '../../schedules/schedules';
import { listName } from '../../shop/lists/find-list';
import { columnMeasures, type Schedule } from '../../schedules/schedule';
import { sheetWords } from '../../wording/drawing-words';
import { scheduleColumns, type ScheduleColumnId, type ScheduleId } from '../../wording/schedule-words';
import { uncapital } from '../../wording/words';
import type { Primitive } from '../primitives';
import type { Page } from './sheet-format';
import { columnHeight, COLUMN, fieldOf, MARGIN, type SheetContent, type SheetOptions } from './sheet-frame';
import {
  inParts,
  layRows,
  fittedColumns,
  tableHeight,
  tableMarks,
  type LaidRow,
  type TableColumn,
} from './table';

/** Space beside a table in its column, and between tables one under the other, paper mm. */
const PAD = 4;
const BETWEEN = 6;
/** Between tables side by side. */
const BESIDE = 10;

/** A table is no narrower with all of its columns where the page is wide enough for it. */
const LEAST_TABLE = 145;

/** How wide the columns of schedules are against one another. */
const shares: Partial<Record<ScheduleColumnId, number>> = {
  ...{ number: 7, name: 8, code: 19, type: 17, item: 24, note: 30, roughIns: 50, opens: 26, finish: 22 },
  ...{ sort: 16, size: 22, where: 24, pattern: 20, style: 18, front: 12, hinge: 11, count: 9, joint: 9 },
  ...{ parts: 30, supplier: 24, face: 7, leaf: 9, joints: 11, cutOuts: 14, hand: 9 },
};
const SHARE = 13;
/** Columns left away where there is only the column of a page. */
const ASIDE: ReadonlySet<ScheduleColumnId> = new Set<ScheduleColumnId>([
  'leaf',
  'along',
  'joints',
  'cutOuts',
]);

/** A schedule as a table so wide, paper mm. */
interface Table {
  title: string;
  columns: readonly TableColumn[];
  rows: readonly LaidRow[];
}

/** What sheets do not tell unless asked. */
const NOT_ON_SHEETS: ReadonlySet<ScheduleColumnId> = new Set<ScheduleColumnId>(['price']);

function tableOf({ id, columns, lines }: Schedule, wide: number, shown = columns): Table {
  const kept = columns.flatMap((column, index) =>
    shown.includes(column) && !NOT_ON_SHEETS.has(column) ? [{ column, index }] : [],
  );
  const titled = kept.map(({ column }): Omit<TableColumn, 'width'> => ({
    title: scheduleColumns[column],
    // Figures stand one under the other; a number that names its line begins it.
    align: columnMeasures[column] && column !== 'number' ? 'end' : 'start',
  }));
  const rows = lines.map(({ ids, cells }) => ({
    id: ids[0] ?? '',
    cells: kept.map(({ index }) => cells[index]!.said),
  }));
  const parts = kept.map(({ column }) => shares[column] ?? SHARE);
  const laid = fittedColumns(titled, parts, rows, wide);
  return { title: listName(id), columns: laid, rows: layRows(laid, rows) };
}

/** Tables one under the other in stretches of a height, those that are too long going on in the next: the marks of each stretch from its left and top. */
function stacked(
  tables: readonly Table[],
  first: number,
  others: number,
): ((left: number, top: number) => Primitive[])[] {
  const stretches: ((left: number, top: number) => Primitive[])[] = [() => []];
  let used = 0;
  const room = () => (stretches.length === 1 ? first : others) - used;
  for (const { title, columns, rows } of tables) {
    if (rows.length === 0) continue;
    // A heading does not stand without its first line.
    if (used > 0 && room() < tableHeight(rows.slice(0, 1))) {
      stretches.push(() => []);
      used = 0;
    }
    inParts(rows, room(), others).forEach((part, index) => {
      if (index > 0) {
        stretches.push(() => []);
        used = 0;
      }
      if (part.length === 0) return;
      const before = stretches.at(-1)!;
      const down = used;
      stretches[stretches.length - 1] = (left, top) => [
        ...before(left, top),
        ...tableMarks(title, columns, part, { left, top: top - down }),
      ];
      used += tableHeight(part) + BETWEEN;
    });
  }
  return stretches;
}

/** Some schedules in the column of a page, and of as many more as they take; so much of the first is taken, paper mm. */
export function scheduleColumn(
  design: Design,
  ids: readonly ScheduleId[],
  page: Page,
  taken: number,
): Primitive[][] {
  const wide = COLUMN - 2 * PAD;
  const tables = ids.map((id) => {
    const schedule = scheduleOf(design, id);
    const shown = schedule.columns.filter((column) => !ASIDE.has(column) || id === 'services');
    return tableOf(schedule, wide, shown);
  });
  const high = columnHeight(page);
  const [left, top] = [page.width - MARGIN - COLUMN + PAD, page.height - MARGIN];
  return stacked(tables, high - taken, high).map((stretch) => stretch(left, top));
}

/** Every schedule that has something in it, in columns on as many pages as they take. */
export function scheduleSheets(design: Design, { page }: SheetOptions): SheetContent[] {
  const field = fieldOf(page);
  const whole = field.right - field.left;
  const across = Math.max(1, Math.floor((whole + BESIDE) / (LEAST_TABLE + BESIDE)));
  const wide = (whole - BESIDE * (across - 1)) / across;
  const tables = scheduleIds.map((id) => {
    const schedule = scheduleOf(design, id);
    const shown = schedule.columns.filter((column) => wide >= LEAST_TABLE || !ASIDE.has(column));
    return tableOf(schedule, wide, shown);
  });
  const high = field.top - field.bottom;
  const stretches = stacked(tables, high, high);
  const pages = Math.ceil(stretches.length / across);
  return Array.from({ length: pages }, (_, index) => ({
    title: index === 0 ? sheetWords.schedules : sheetWords.more(sheetWords.schedules, index),
    shows: uncapital(sheetWords.schedules),
    marks: stretches
      .slice(index * across, (index + 1) * across)
      .flatMap((stretch, at) => stretch(field.left + at * (wide + BESIDE), field.top)),
    ...{ column: [], scale: null },
  }));
}
