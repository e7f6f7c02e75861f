import { roomOf, type Design } from '../document/design';
import type { Point } from '../geometry/point';
import { ok, refuse, type Result } from '../result';
import { isInchUnit } from '../units/units';
import { drawingBounds, drawPlan } from './plan';
import { line, outline, TEXT, WEIGHT, type Primitive } from './primitives';
import { itemSchedule, type ScheduleRow } from './schedule';
import { legendHeight, serviceLegend } from './service-legend';
import { onPaper, point, text } from './sheet-marks';
import { sheetScales, type Page, type SheetScale } from './sheet-format';
import { layoutText, textWidth } from './text-layout';

/** One page of drawing: marks in paper millimetres from its bottom left corner. */
export interface Sheet {
  page: Page;
  title: string;
  marks: Primitive[];
}

/** What the title block says beside what the design knows. */
export interface SheetOptions {
  page: Page;
  scale: SheetScale;
  studio: string;
  job: string;
  /** ISO date of the print, yyyy-mm-dd. */
  date: string;
  revision: number;
}

const MARGIN = 10;
const COLUMN = 94;
const TITLE_HEIGHT = 44;
const ROW_HEIGHT = 5.2;
const PAD = 2;

/**
 * The plan of a room at a true scale with title block, scale bar and item schedule; a schedule too long for the page goes on on further pages.
 * Refused when the plan with its dimensions does not fit, naming the scales at which it does.
 */
export function drawSheets(design: Design, options: SheetOptions): Result<Sheet[]> {
  const { page, scale } = options;
  const field = {
    left: MARGIN,
    bottom: MARGIN,
    right: page.width - MARGIN - COLUMN,
    top: page.height - MARGIN,
  };
  const room = { width: field.right - field.left - 2 * PAD, height: field.top - field.bottom - 2 * PAD - 12 };
  const need = needAt(design, scale.ratio);
  if (need.width > room.width || need.height > room.height) {
    const fits = sheetScales.filter(({ ratio }) => {
      const other = needAt(design, ratio);
      return other.width <= room.width && other.height <= room.height;
    });
    const shown = { width: need.width, height: need.height };
    return refuse('sheet-too-small', {
      ...shown,
      scale: scale.ratio,
      page: page.id,
      fits: fits.map(({ text }) => text),
    });
  }
  const centre = { x: (field.left + field.right) / 2, y: (field.bottom + field.top) / 2 + 6 };
  const origin = { x: centre.x - need.middle.x / scale.ratio, y: centre.y - need.middle.y / scale.ratio };
  const plan = drawPlan(design, scale.ratio).map((mark) => onPaper(mark, origin, scale.ratio));
  const rows = itemSchedule(design);
  const perPage = (taken: number) =>
    Math.floor((page.height - 2 * MARGIN - TITLE_HEIGHT - 12 - taken) / ROW_HEIGHT) - 1;
  const pagesOfRows = chunks(rows, perPage(legendHeight(design)), perPage(0));
  return ok(
    pagesOfRows.map((own, index) => ({
      page,
      title: index === 0 ? 'Plan' : 'Item schedule, continued',
      marks: [
        ...(index === 0
          ? [
              ...plan,
              ...scaleBar(design, scale, field.left + PAD + 4, field.bottom + PAD + 3),
              ...serviceLegend(design, field.right, MARGIN + TITLE_HEIGHT, COLUMN),
            ]
          : []),
        outline(
          'sheet',
          rectangle(MARGIN, MARGIN, page.width - MARGIN, page.height - MARGIN),
          WEIGHT.cut,
          'drawing',
        ),
        line(
          'sheet',
          [point(field.right, field.bottom), point(field.right, field.top)],
          WEIGHT.object,
          'drawing',
        ),
        ...schedule(own, field.right, field.top),
        ...titleBlock(design, options, index, pagesOfRows.length, field.right, MARGIN),
      ],
    })),
  );
}

/** Paper size of the plan at a scale, and the room place in its middle. */
function needAt(design: Design, ratio: number) {
  const { left, right, bottom, top } = drawingBounds(drawPlan(design, ratio), ratio);
  return {
    width: (right - left) / ratio,
    height: (top - bottom) / ratio,
    middle: { x: (left + right) / 2, y: (bottom + top) / 2 },
  };
}

function schedule(rows: readonly ScheduleRow[], left: number, top: number): Primitive[] {
  const columns = [
    { title: 'No.', x: 4, anchor: 'start' as const, of: (row: ScheduleRow) => String(row.number) },
    { title: 'Item', x: 12, anchor: 'start' as const, of: (row: ScheduleRow) => row.name },
    { title: 'Code', x: 35, anchor: 'start' as const, of: (row: ScheduleRow) => row.code },
    { title: 'Width', x: 61, anchor: 'end' as const, of: (row: ScheduleRow) => row.width },
    { title: 'Depth', x: 73.5, anchor: 'end' as const, of: (row: ScheduleRow) => row.depth },
    { title: 'Height', x: 86, anchor: 'end' as const, of: (row: ScheduleRow) => row.height },
  ];
  const marks: Primitive[] = [text('Item schedule', left + 4, top - 6, TEXT.normal + 0.4, true)];
  const head = top - 12;
  for (const { title, x, anchor } of columns)
    marks.push(text(title, left + x, head, TEXT.small, true, anchor));
  marks.push(
    line('sheet', [point(left + 4, head - 2.6), point(left + COLUMN - 4, head - 2.6)], WEIGHT.top, 'drawing'),
  );
  rows.forEach((row, index) => {
    const y = head - ROW_HEIGHT * (index + 1);
    for (const { x, anchor, of } of columns)
      marks.push(text(of(row), left + x, y, TEXT.small, false, anchor));
    if (row.special) marks.push(text('*', left + 87.2, y, TEXT.small));
    marks.push(line('sheet', [point(left + 4, y - 2.6), point(left + COLUMN - 4, y - 2.6)], 0.1, 'faint'));
  });
  if (rows.some(({ special }) => special))
    marks.push(text('* made to these sizes', left + 4, head - ROW_HEIGHT * (rows.length + 1), TEXT.small));
  if (rows.length === 0) marks.push(text('No items yet.', left + 4, head - ROW_HEIGHT, TEXT.small));
  return marks;
}

function titleBlock(
  design: Design,
  options: SheetOptions,
  index: number,
  count: number,
  left: number,
  bottom: number,
): Primitive[] {
  const { name, unit } = roomOf(design);
  const { studio, job, date, revision, scale, page } = options;
  const top = bottom + TITLE_HEIGHT;
  const wide = COLUMN - 8;
  const field = (label: string, value: string, x: number, y: number): Primitive[] => [
    text(label, left + x, y, 1.9),
    text(value, left + x, y - 4, TEXT.normal),
  ];
  const units = isInchUnit(unit) ? 'Dimensions in feet and inches' : `Dimensions in ${unit}`;
  return [
    line('sheet', [point(left, top), point(left + COLUMN, top)], WEIGHT.object, 'drawing'),
    text(fitted(studio, TEXT.normal, wide), left + 4, top - 5, TEXT.normal),
    text(fitted(job, TEXT.title, wide), left + 4, top - 12, TEXT.title, true),
    text(
      fitted(`${name} · ${index === 0 ? 'plan' : 'item schedule'}`, TEXT.normal + 0.4, wide),
      left + 4,
      top - 18.5,
      TEXT.normal + 0.4,
    ),
    ...field('Scale', index === 0 ? scale.text : '–', 4, bottom + 19.5),
    ...field('Page', page.id, 34, bottom + 19.5),
    ...field('Revision', String(revision), 54, bottom + 19.5),
    ...field('Date', date, 72, bottom + 19.5),
    text(`${units}, to finished faces. Check on site.`, left + 4, bottom + 8.5, TEXT.small),
    text(`Sheet ${index + 1} of ${count}`, left + 4, bottom + 4.2, TEXT.small),
  ];
}

/** A bar of true lengths with alternate fields filled: metres, or feet. */
function scaleBar(design: Design, scale: SheetScale, left: number, bottom: number): Primitive[] {
  const inch = isInchUnit(roomOf(design).unit);
  const part = inch ? 304.8 : scale.ratio > 30 ? 1000 : 500;
  const step = part / scale.ratio;
  const count = 4;
  const marks: Primitive[] = [];
  for (let index = 0; index < count; index++) {
    const box = rectangle(left + step * index, bottom, left + step * (index + 1), bottom + 1.8);
    marks.push(outline('sheet', box, WEIGHT.thin, 'drawing', index % 2 === 0 ? 'drawing' : 'paper'));
  }
  for (let index = 0; index <= count; index++) {
    const label = inch ? `${index}'` : `${(part * index) / 1000}${index === count ? ' m' : ''}`;
    marks.push(text(label, left + step * index, bottom + 4.2, TEXT.small, false, 'middle'));
  }
  marks.push(text(scale.text, left + step * count + 6, bottom + 0.9, TEXT.small));
  return marks;
}

/** The words, shortened with an ellipsis when they are wider than the space, paper mm. */
function fitted(words: string, size: number, width: number): string {
  if (textWidth(words, size, true) <= width) return words;
  let kept = words;
  while (kept.length > 1 && layoutText(`${kept}…`, size, true).width > width) kept = kept.slice(0, -1);
  return `${kept.trimEnd()}…`;
}

function rectangle(left: number, bottom: number, right: number, top: number): Point[] {
  return [point(left, bottom), point(right, bottom), point(right, top), point(left, top)];
}

/** A list in parts: the first so long, the others as long as that may be. */
function chunks<T>(list: readonly T[], first: number, others: number): T[][] {
  const parts: T[][] = [list.slice(0, first)];
  for (let at = first; at < list.length; at += others) parts.push(list.slice(at, at + others));
  return parts;
}
