import { roomOf, type Design } from '../../document/design';
import type { Bounds } from '../../geometry/polygon';
import { roomShape } from '../../survey/room-shape';
import { formatArea } from '../../units/format-area';
import { DOT, sheetWords } from '../../wording/drawing-words';
import { uncapital } from '../../wording/words';
import { drawPlan } from '../plan';
import { drawingBounds } from '../plan-with';
import { TEXT, type Primitive } from '../primitives';
import { richMarks, starredWords } from '../rich-text';
import { textWidth, wrapped } from '../text-layout';
import { COLUMN, columnHeight, fieldOf, MARGIN, type SheetContent, type SheetOptions } from './sheet-frame';
import { onPaper, point, text } from './sheet-marks';
import { inParts, layRows, tableHeight, tableMarks, type LaidRow } from './table';

/** What the picture of the room leaves away. */
const WITHOUT = ['numbers', 'labels', 'dimensions', 'sections', 'services'] as const;
/** Room for the title over the picture, and space about that, paper mm. */
const TITLE = 34;
const ABOUT = 8;
const PAD = 4;
/** How large the name of the job stands there at the most, paper mm. */
const NAME = 9;

/** The first pages of a set: what and whose it is, the room as a picture, and the index of all pages; on a page of its own what is too long for the first. */
export function coverSheets(
  design: Design,
  options: SheetOptions,
  contents: readonly SheetContent[],
): SheetContent[] {
  const { page, studio, job, fields = {} } = options;
  const field = fieldOf(page);
  const { name, unit } = roomOf(design);
  const title = [job || name, fields.number].filter(Boolean).join(' · ');
  const whose = [sheetWords.whose(fields), sheetWords.people(fields), studio].filter(Boolean).join(DOT);
  const size = formatArea(roomShape(design).area, unit);
  const titles = contents.map(({ title }) => title);
  const whole = indexParts(titles, columnHeight(page));
  const notes = areUnderIndex(options, whole.at(-1)!) ? [] : [notesSheet(options)];
  const parts = notes.length > 0 ? indexParts([sheetWords.notes, ...titles], columnHeight(page)) : whole;
  const [left, top] = [page.width - MARGIN - COLUMN + PAD, page.height - MARGIN];
  const about = `${name} · ${size}`;
  const wide = field.right - field.left - 12;
  const box = {
    ...{ left: field.left + ABOUT, right: field.right - ABOUT },
    ...{ bottom: field.bottom, top: field.top - TITLE - ABOUT },
  };
  const marks = [
    text(title, field.left + 6, field.top - 12, sizeIn(title, NAME, wide, true), true),
    text(about, field.left + 6, field.top - 22, sizeIn(about, TEXT.title, wide)),
    text(whose, field.left + 6, field.top - 29, sizeIn(whose, TEXT.figure, wide)),
    ...(options.cover ? [] : picture(design, box)),
  ];
  const covers = parts.map((rows, index) => ({
    title: coverTitle(index),
    ...{ shows: uncapital(sheetWords.cover), scale: null },
    marks: index === 0 ? marks : [],
    pictures: index === 0 && options.cover ? [{ box, picture: options.cover }] : [],
    column: [
      ...tableMarks(sheetWords.index, columns, rows, { left, top }),
      ...(index === parts.length - 1 ? underIndex(options, { left, top }, rows, notes.length === 0) : []),
    ],
  }));
  return [...covers, ...notes];
}

/** The issues of a set under its index, the last ones where there is no room for all, and the notes of the studio where they go on no page of their own. */
function underIndex(
  options: SheetOptions,
  { left, top }: { left: number; top: number },
  index: readonly LaidRow[],
  isNoted: boolean,
): Primitive[] {
  const rows = issueRows(options, index);
  const at = top - tableHeight(index) - PAD;
  const notes = isNoted ? noteLines(options, COLUMN - 2 * PAD) : [];
  return [
    ...(rows.length > 0 ? tableMarks(sheetWords.issues, issueColumns, rows, { left, top: at }) : []),
    ...noteMarks(notes, left, at - issuesHeight(rows)),
  ];
}

function issueRows({ page, issue, issues = [] }: SheetOptions, index: readonly LaidRow[]): LaidRow[] {
  const all = [...issues, ...(issue ? [issue] : [])];
  const rows = layRows(
    issueColumns,
    all.map(({ number, name, date }) => ({ id: `issue ${number}`, cells: [String(number), date, name] })),
  );
  while (rows.length > 0 && tableHeight(rows) > columnHeight(page) - tableHeight(index) - PAD) rows.shift();
  return rows;
}

const issuesHeight = (rows: readonly LaidRow[]): number => (rows.length > 0 ? tableHeight(rows) + PAD : 0);

/** From the top of notes to their first line, and from line to line, paper mm. */
const NOTES_HEAD = 12;
const NOTE_LINE = 3.8;

const noteLines = ({ style }: SheetOptions, wide: number): string[] =>
  style?.notes?.split('\n').flatMap((one) => wrapped(starredWords(one), TEXT.small, wide)) ?? [];

/** Whether the notes of the studio have room under the index and the issues. */
function areUnderIndex(options: SheetOptions, index: readonly LaidRow[]): boolean {
  const free =
    columnHeight(options.page) - tableHeight(index) - PAD - issuesHeight(issueRows(options, index));
  return NOTES_HEAD + noteLines(options, COLUMN - 2 * PAD).length * NOTE_LINE <= free;
}

function noteMarks(lines: readonly string[], left: number, top: number): Primitive[] {
  if (lines.length === 0) return [];
  return [
    text(sheetWords.notes, left, top - 6, TEXT.normal + 0.4, true),
    ...lines.flatMap((words, line) =>
      richMarks(text(words, left, top - NOTES_HEAD - line * NOTE_LINE, TEXT.small), 1),
    ),
  ];
}

/** The notes of the studio on a page of their own, in two columns. */
function notesSheet(options: SheetOptions): SheetContent {
  const field = fieldOf(options.page);
  const wide = (field.right - field.left - 3 * PAD) / 2;
  const lines = noteLines(options, wide);
  const column = Math.floor((field.top - field.bottom - NOTES_HEAD) / NOTE_LINE);
  return {
    ...{ title: sheetWords.notes, shows: uncapital(sheetWords.notes), scale: null, column: [] },
    marks: [
      ...noteMarks(lines.slice(0, column), field.left + PAD, field.top),
      ...lines
        .slice(column)
        .flatMap((words, line) =>
          richMarks(
            text(words, field.left + 2 * PAD + wide, field.top - NOTES_HEAD - line * NOTE_LINE, TEXT.small),
            1,
          ),
        ),
    ],
  };
}

/** The size of words, smaller where they are wider than there is room, paper mm. */
const sizeIn = (words: string, size: number, wide: number, bold = false): number =>
  Math.min(size, (size * wide) / Math.max(1, textWidth(words, size, bold)));

const columns = [
  { title: sheetWords.indexColumns.sheet, width: 14, align: 'start' as const },
  { title: sheetWords.indexColumns.title, width: COLUMN - 2 * PAD - 14, align: 'start' as const },
];
const issueColumns = [
  { title: sheetWords.issueColumns.number, width: 10, align: 'start' as const },
  { title: sheetWords.issueColumns.date, width: 22, align: 'start' as const },
  { title: sheetWords.issueColumns.name, width: COLUMN - 2 * PAD - 32, align: 'start' as const },
];
const coverTitle = (index: number) =>
  index === 0 ? sheetWords.cover : sheetWords.more(sheetWords.cover, index);

/** The index of a set with the covers themselves, in as many parts as there are covers: each cover is a line of it, too. */
function indexParts(titles: readonly string[], high: number): LaidRow[][] {
  for (let covers = 1; ; covers++) {
    const all = [...Array.from({ length: covers }, (_, index) => coverTitle(index)), ...titles];
    const rows = layRows(
      columns,
      all.map((title, index) => ({ id: String(index + 1), cells: [String(index + 1), title] })),
    );
    const parts = inParts(rows, high, high);
    if (parts.length <= covers) return parts;
  }
}

/** The room as large as fits, not to a scale. */
function picture(design: Design, { left, right, bottom, top }: Bounds): Primitive[] {
  const draw = (ratio: number) => drawPlan(design, ratio, { without: WITHOUT });
  const bounds = drawingBounds(draw(1), 1);
  const fits = Math.max(
    (bounds.right - bounds.left) / (right - left),
    (bounds.top - bounds.bottom) / (top - bottom),
  );
  const ratio = Math.ceil(fits);
  const origin = point(
    (left + right) / 2 - (bounds.left + bounds.right) / 2 / ratio,
    (bottom + top) / 2 - (bounds.bottom + bounds.top) / 2 / ratio,
  );
  return draw(ratio).map((mark) => onPaper(mark, origin, ratio));
}
