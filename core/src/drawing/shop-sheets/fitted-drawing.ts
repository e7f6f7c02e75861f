import { roomOf, type Design } from '../../document/design';
import type { Bounds } from '../../geometry/polygon';
import { isInchUnit } from '../../units/units';
import { sheetWords } from '../../wording/drawing-words';
import { TEXT, type Primitive } from '../primitives';
import { onPaperBox } from '../sheet/in-field';
import { frameScales, type Page, type SheetScale } from '../sheet/sheet-format';
import { COLUMN, columnHeight, fieldOf, MARGIN, type SheetContent } from '../sheet/sheet-frame';
import { onPaper, text } from '../sheet/sheet-marks';
import { inParts, layRows, tableMarks, type LaidRow, type TableColumn } from '../sheet/table';
import { wrapped } from '../text-layout';

/** Scales from the largest on, of the kind that the room is measured in. */
function scalesOf(design: Design): SheetScale[] {
  const inInches = isInchUnit(roomOf(design).unit);
  return frameScales
    .filter(({ text: said, ratio }) => ratio <= 2 || said.includes('"') === inInches)
    .sort((a, b) => a.ratio - b.ratio);
}

/** A drawing in the middle of a page's field at the largest scale at which it fits. */
export function fittedDrawing(
  design: Design,
  page: Page,
  draw: (ratio: number) => readonly Primitive[],
): { marks: Primitive[]; scale: SheetScale } {
  const field = fieldOf(page);
  const scales = scalesOf(design);
  for (const [index, scale] of scales.entries()) {
    const marks = draw(scale.ratio);
    const box = onPaperBox(marks, scale.ratio);
    if (!fits(box, field) && index < scales.length - 1) continue;
    return { marks: inMiddle(marks, scale.ratio, field), scale };
  }
  return { marks: [], scale: scales.at(-1)! };
}

/** A drawing that is to no scale, as large as goes into the field of a page. */
export function filledDrawing(page: Page, draw: (ratio: number) => readonly Primitive[]): Primitive[] {
  const field = fieldOf(page);
  let ratio = 10;
  let marks = draw(ratio);
  // Letters take as much paper at any scale, so that it is found by trying.
  for (let round = 0; round < 4; round++) {
    const box = onPaperBox(marks, ratio);
    ratio *= Math.max(
      (box.right - box.left) / (field.right - field.left),
      (box.top - box.bottom) / (field.top - field.bottom),
    );
    marks = draw(ratio);
  }
  return inMiddle(marks, ratio, field);
}

function inMiddle(marks: readonly Primitive[], ratio: number, field: Bounds): Primitive[] {
  const box = onPaperBox(marks, ratio);
  const origin = {
    x: (field.left + field.right - box.left - box.right) / 2,
    y: (field.bottom + field.top - box.bottom - box.top) / 2,
  };
  return marks.map((mark) => onPaper(mark, origin, ratio));
}

const fits = (box: Bounds, field: Bounds): boolean =>
  box.right - box.left <= field.right - field.left && box.top - box.bottom <= field.top - field.bottom;

/** Space about what stands in a column, and between a line of words and the next, paper mm. */
const PAD = 4;
const LINE = 4.6;

/** Words and a table for the column of a page. */
export interface ColumnContent {
  title: string;
  lines: readonly string[];
  table?: {
    title: string;
    /** Titles of its columns, how wide they are against one another, and how they stand. */
    columns: readonly (readonly [title: string, share: number, align: TableColumn['align']])[];
    rows: readonly { id: string; cells: readonly string[] }[];
  };
}

/** The columns of as many pages as it takes: the words first, then the table, going on from page to page. */
export function columnPages({ title, lines, table }: ColumnContent, page: Page): Primitive[][] {
  const left = page.width - MARGIN - COLUMN + PAD;
  const wide = COLUMN - 2 * PAD;
  const top = page.height - MARGIN;
  const said = lines.flatMap((words) => wrapped(words, TEXT.normal, wide));
  const heading: Primitive[] = [
    text(title, left, top - 7, TEXT.title, true),
    ...said.map((words, index) => text(words, left, top - 14 - index * LINE, TEXT.normal)),
  ];
  const used = 14 + said.length * LINE;
  if (!table || table.rows.length === 0) return [heading];
  const whole = table.columns.reduce((sum, [, share]) => sum + share, 0);
  const columns = table.columns.map(([name, share, align]): TableColumn => ({
    ...{ title: name, align },
    width: (share / whole) * wide,
  }));
  const rows = layRows(columns, table.rows);
  const high = columnHeight(page);
  return inParts(rows, high - used, high).map((part: LaidRow[], index) => [
    ...(index === 0 ? heading : []),
    ...(part.length > 0
      ? tableMarks(table.title, columns, part, { left, top: index === 0 ? top - used : top })
      : []),
  ]);
}

/** Pages with a drawing on the first, and a column that goes on as long as it takes. */
export function pagesOf(
  title: string,
  { marks, scale }: Pick<SheetContent, 'marks' | 'scale'>,
  columns: readonly (readonly Primitive[])[],
): SheetContent[] {
  return columns.map((column, index) => ({
    title: index === 0 ? title : sheetWords.more(title, index),
    shows: title,
    marks: index === 0 ? marks : [],
    column,
    scale: index === 0 ? scale : null,
  }));
}
