import { line, TEXT, WEIGHT, type Primitive } from '../primitives';
import { textWidth, wrapped } from '../text-layout';
import { point, text } from './sheet-marks';

/** A column of a table on a sheet; width with the space to the next, paper mm. */
export interface TableColumn {
  title: string;
  width: number;
  align: 'start' | 'end';
}

/** A row of a table: what stands in each column, in as many lines as that takes. */
export interface LaidRow {
  id: string;
  cells: readonly (readonly string[])[];
  /** Paper mm. */
  height: number;
}

/** Space between columns, and of rows: one with one line, and each further line; paper mm. */
const APART = 1.6;
/** Between figures and words that begin right beside them. */
const ASIDE = 3;
const ROW = 5.2;
const LINE = 3.6;
/** From the top of a table to the first line under its heading, and from its title to its columns' titles. */
const HEAD = 14.6;
const TITLE = 6;
const COLUMNS = 12;

/** What a column leaves free towards the next. */
const apartOf = (columns: readonly Pick<TableColumn, 'align'>[], index: number): number =>
  columns[index]!.align === 'end' && columns[index + 1]?.align === 'start' ? ASIDE : APART;

/** Words of a table are broken where they are wider than this, paper mm. */
const WORD = 24;

/** How wide columns are at the least, paper mm: as their titles, and as what stands in them, whole or no wider than its longest word, so that codes stay whole. */
function leastWidths(
  columns: readonly Omit<TableColumn, 'width'>[],
  rows: readonly { cells: readonly string[] }[],
  whole: boolean,
): number[] {
  return columns.map(({ title }, index) => {
    const cells = new Set(rows.flatMap(({ cells: all }) => (whole ? all[index]! : all[index]!.split(' '))));
    const widest = Math.max(0, ...[...cells].map((words) => textWidth(words, TEXT.small)));
    const held = whole ? widest : Math.min(WORD, widest);
    return Math.max(textWidth(title, TEXT.small, true), held) + (whole ? ASIDE : apartOf(columns, index));
  });
}

/** Columns that share a width by parts, each wide enough for its title and all that stands in it, or where that is too much for the words of it; paper mm. */
export function fittedColumns(
  columns: readonly Omit<TableColumn, 'width'>[],
  parts: readonly number[],
  rows: readonly { cells: readonly string[] }[],
  wide: number,
): TableColumn[] {
  const whole = leastWidths(columns, rows, true);
  const fits = whole.reduce((sum, one) => sum + one, 0) <= wide;
  const widths = widthsOf(parts, fits ? whole : leastWidths(columns, rows, false), wide);
  return columns.map((column, index) => ({ ...column, width: widths[index]! }));
}

/** Columns by their shares of a width, each at least so wide; where even that is too much, as much less. */
function widthsOf(parts: readonly number[], least: readonly number[], wide: number): number[] {
  const needed = least.reduce((sum, one) => sum + one, 0);
  if (needed >= wide) return least.map((one) => (one * wide) / needed);
  const held = new Set<number>();
  for (;;) {
    const left = least.reduce((rest, one, index) => (held.has(index) ? rest - one : rest), wide);
    const whole = parts.reduce((sum, part, index) => (held.has(index) ? sum : sum + part), 0);
    const widths = parts.map((part, index) => (held.has(index) ? least[index]! : (part / whole) * left));
    const narrow = widths.flatMap((width, index) => (width < least[index]! ? [index] : []));
    if (narrow.length === 0) return widths;
    for (const index of narrow) held.add(index);
  }
}

/** Rows with their words broken into lines that fit their columns. */
export function layRows(
  columns: readonly TableColumn[],
  rows: readonly { id: string; cells: readonly string[] }[],
): LaidRow[] {
  return rows.map(({ id, cells }) => {
    const lines = cells.map((cell, index) =>
      wrapped(cell, TEXT.small, columns[index]!.width - apartOf(columns, index)),
    );
    return { id, cells: lines, height: ROW + LINE * (Math.max(1, ...lines.map(({ length }) => length)) - 1) };
  });
}

/** How high a table of such rows is with its heading, paper mm. */
export const tableHeight = (rows: readonly LaidRow[]): number =>
  HEAD + rows.reduce((sum, { height }) => sum + height, 0);

/** Rows in parts: as many as go into so much height with a heading over each part, the first part's and the others', paper mm. There is one part at least. */
export function inParts(rows: readonly LaidRow[], first: number, others: number): LaidRow[][] {
  const parts: LaidRow[][] = [[]];
  let left = first - HEAD;
  for (const row of rows) {
    if (row.height > left && (parts.length > 1 || parts[0]!.length > 0 || left < others - HEAD)) {
      parts.push([]);
      left = others - HEAD;
    }
    parts.at(-1)!.push(row);
    left -= row.height;
  }
  return parts;
}

/** A table from its upper left corner: its title, the titles of its columns, and its rows with a line under each; paper mm. */
export function tableMarks(
  title: string,
  columns: readonly TableColumn[],
  rows: readonly LaidRow[],
  { left, top }: { left: number; top: number },
): Primitive[] {
  const wide = columns.reduce((sum, { width }) => sum + width, 0);
  let x = left;
  const places = columns.map(({ width, align }, index) => {
    const from = x;
    x += width;
    return align === 'start' ? from : x - apartOf(columns, index);
  });
  const rule = (y: number, weight: number, ink: 'drawing' | 'faint') =>
    line('sheet', [point(left, y), point(left + wide, y)], weight, ink);
  const marks: Primitive[] = [
    text(title, left, top - TITLE, TEXT.normal + 0.4, true),
    ...columns.map((column, index) =>
      text(column.title, places[index]!, top - COLUMNS, TEXT.small, true, column.align),
    ),
    rule(top - HEAD, WEIGHT.top, 'drawing'),
  ];
  let y = top - HEAD;
  for (const { id, cells, height } of rows) {
    cells.forEach((lines, index) =>
      lines.forEach((words, down) =>
        marks.push({
          ...text(words, places[index]!, y - ROW / 2 - LINE * down, TEXT.small, false, columns[index]!.align),
          source: id,
        }),
      ),
    );
    y -= height;
    marks.push(rule(y, 0.1, 'faint'));
  }
  return marks;
}
