import { DOT, sheetWords } from '../../wording/drawing-words';
import { roomOf, type Design } from '../../document/design';
import type { Point } from '../../geometry/point';
import type { Bounds } from '../../geometry/polygon';
import { ok, refuse, type Result } from '../../result';
import { isInchUnit } from '../../units/units';
import { line, outline, TEXT, WEIGHT, type Primitive } from '../primitives';
import { fitted, textWidth } from '../text-layout';
import { cloudsOn } from './clouds';
import { northArrow } from './north-arrow';
import type { JobFields } from './job-fields';
import type { Page, SheetScale } from './sheet-format';
import { point, text } from './sheet-marks';
import { weighed, type PictureOnPage } from './sheet-style';
import type { PaperPicture, SheetStyle } from './style-record';

/** One page of drawing: marks in paper millimetres from its bottom left corner. */
export interface Sheet {
  page: Page;
  title: string;
  marks: Primitive[];
  frames: readonly ViewOnPage[];
  pictures: readonly PictureOnPage[];
}

/** A drawing of the room on a page: where its own zero lies and the box about it, paper mm, and how many millimetres of the room one there is. */
export interface ViewOnPage {
  /** What it goes by in the set, and what it is called. */
  drawing: string;
  name: string;
  /** What it goes by in the records of what is put on it; null where nothing can be. */
  view: string | null;
  /** Which sheet of its subject it lies on, from 1; whether it can lie on another. */
  sheet: number;
  packed: boolean;
  origin: Point;
  box: Bounds;
  ratio: number;
  /** By how much its letters are larger than usual: distances on paper that are stored are of usual ones. */
  letters: number;
  /** The first of its marks among those of its page, and the first that is not its own any more. */
  marks: readonly [from: number, to: number];
}

/** What a set of sheets shows. */
export const sheetSubjects = [
  'plan',
  'construction',
  'ceiling',
  'elevations',
  'tops',
  'tiles',
  'details',
  'schedules',
  'reach',
  'set',
] as const;
/** What sheets for the shop show: cabinets taken apart, each part, the pieces of tops, labels to stick on. */
export const shopSubjects = ['cabinets', 'parts', 'templates', 'labels', 'part-labels'] as const;
export type ShopSubject = (typeof shopSubjects)[number];
export type SheetSubject = (typeof sheetSubjects)[number] | ShopSubject;

export function findSubject(id: string): Result<SheetSubject> {
  const known: readonly SheetSubject[] = [...sheetSubjects, ...shopSubjects];
  const subject = known.find((one) => one === id);
  return subject
    ? ok(subject)
    : refuse('sheet-unknown', { what: 'set-of-sheets', value: id, known: [...known] });
}

/** What a page shows, before it has its number and its frame. */
export interface SheetContent {
  title: string;
  /** What the title block says it shows. */
  shows: string;
  marks: readonly Primitive[];
  /** What stands in its column. */
  column: readonly Primitive[];
  /** What it is drawn to; null where nothing is drawn to scale. */
  scale: SheetScale | null;
  /** All that its drawings are drawn to, where that is more than one scale. */
  scales?: readonly SheetScale[];
  /** The drawings of the room on it that dimensions and notes can be put on. */
  frames?: readonly ViewOnPage[];
  pictures?: readonly PictureOnPage[];
  /** Whether it is a plan, so that north is somewhere on it. */
  plan?: boolean;
}

/** What is drawn, on what, and what the title block says beside what the design knows. */
export interface SheetOptions {
  /** The plan unless given. */
  subject?: SheetSubject;
  page: Page;
  scale: SheetScale;
  studio: string;
  job: string;
  /** What is said of the job beside its name. */
  fields?: JobFields;
  /** ISO date of the print, yyyy-mm-dd. */
  date: string;
  revision: number;
  /** The issue that it is; what has none is said to be not issued. */
  issue?: SheetIssue;
  /** The picture of the room on the cover; the plan unless given. */
  cover?: PaperPicture;
  /** How the studio draws its sets; as usual unless given. */
  style?: SheetStyle;
  /** Those before it, the first first. */
  issues?: readonly SheetIssue[];
  /** What has changed since the last of them, by id. */
  changed?: readonly string[];
}

/** A set as it was given out: its number, what for, and when, yyyy-mm-dd. */
export interface SheetIssue {
  number: number;
  name: string;
  date: string;
}

/** Paper mm. */
export const MARGIN = 10;
export const COLUMN = 94;
export const TITLE_HEIGHT = 46;
export const ROW_HEIGHT = 5.2;
const PAD = 2;
/** Room for the scale bar under the drawing. */
const FOOT = 12;

/** The part of a page that is drawn on, paper mm; of one with letters that are so much larger. */
export function fieldOf({ width, height }: Page, letters = 1) {
  return {
    left: (MARGIN + PAD) * letters,
    bottom: (MARGIN + PAD + FOOT) * letters,
    right: width - (MARGIN + COLUMN + PAD) * letters,
    top: height - (MARGIN + PAD) * letters,
  };
}

/** How much of the column of a page, paper mm, is free over its title block. */
export const columnHeight = ({ height }: Page): number => height - 2 * MARGIN - TITLE_HEIGHT;

/** Pages with their edges, columns, title blocks and numbers, and the scale bar of those that are drawn to scale. */
export function framed(design: Design, options: SheetOptions, contents: readonly SheetContent[]): Sheet[] {
  const { page } = options;
  const right = page.width - MARGIN - COLUMN;
  const top = page.height - MARGIN;
  const { issue, changed = [] } = options;
  const clouded = {
    changed: new Set(changed),
    issue: issue?.number ?? (options.issues?.at(-1)?.number ?? 0) + 1,
  };
  const logo = options.style?.logo;
  return contents.map((content, index) => {
    const { title, shows, marks, column, scale, frames = [], pictures = [], plan = false } = content;
    const { scales = scale ? [scale] : [] } = content;
    const of = { shows, scale, scales, sheet: index + 1, of: contents.length };
    const all = [
      ...marks,
      ...cloudsOn(marks, frames, clouded),
      ...scaleBars(design, scales, page),
      ...(plan ? northArrow(design, right - NORTH, MARGIN + PAD + 5) : []),
      outline('sheet', rectangle(MARGIN, MARGIN, page.width - MARGIN, top), WEIGHT.cut, 'drawing'),
      line('sheet', [point(right, MARGIN), point(right, top)], WEIGHT.object, 'drawing'),
      ...column,
      ...titleBlock(design, options, of, right, MARGIN),
    ];
    return {
      ...{ page, title, frames, marks: weighed(all, options.style) },
      pictures: [...pictures, ...(logo ? [{ box: logoBox(right, MARGIN), picture: logo }] : [])],
    };
  });
}

/** How far from the column north is told, paper mm. */
const NORTH = 9;

/** How large a logo is at the top right of the title block at the most, paper mm. */
const LOGO = { wide: 26, high: 12 };

function logoBox(left: number, bottom: number): Bounds {
  const [right, top] = [left + COLUMN - 3, bottom + TITLE_HEIGHT - 2.5];
  return { left: right - LOGO.wide, right, bottom: top - LOGO.high, top };
}

function titleBlock(
  design: Design,
  options: SheetOptions,
  {
    shows,
    scale,
    scales = [],
    sheet,
    of,
  }: Pick<SheetContent, 'scale' | 'scales' | 'shows'> & { sheet: number; of: number },
  left: number,
  bottom: number,
): Primitive[] {
  const { name, unit } = roomOf(design);
  const { studio, job, fields = {}, date, revision, page, issue, style } = options;
  const number = fields.number ? `${job && ' · '}${fields.number}` : '';
  const top = bottom + TITLE_HEIGHT;
  const wide = COLUMN - 8;
  const whose = whoseNamed(fields, wide);
  const beside = style?.logo ? wide - LOGO.wide - 2 : wide;
  const field = (label: string, value: string, x: number, y: number): Primitive[] => [
    text(label, left + x, y, TEXT.small),
    text(value, left + x, y - 4, TEXT.normal),
  ];
  const units = isInchUnit(unit) ? sheetWords.feet : sheetWords.dimensions(unit);
  return [
    line('sheet', [point(left, top), point(left + COLUMN, top)], WEIGHT.object, 'drawing'),
    text(fitted(studio, TEXT.normal, beside), left + 4, top - 5, TEXT.normal),
    text(jobNamed(job, number, beside), left + 4, top - 12, TEXT.title, true),
    text(fitted(`${name} · ${shows}`, TEXT.normal + 0.4, wide), left + 4, top - 18.5, TEXT.normal + 0.4),
    ...field(
      sheetWords.scale,
      scales.length > 1 ? sheetWords.asNoted : scale ? scale.text : '–',
      4,
      bottom + 19.5,
    ),
    ...field(sheetWords.page, page.id, 34, bottom + 19.5),
    ...field(sheetWords.revision, String(revision), 54, bottom + 19.5),
    ...field(sheetWords.date, date, 72, bottom + 19.5),
    ...(style?.address
      ? [text(fitted(style.address, TEXT.small, wide), left + 4, bottom + 23.4, TEXT.small)]
      : []),
    ...(whose ? [text(whose, left + 4, bottom + 12, TEXT.small)] : []),
    text(fitted(sheetWords.check(units, style?.check), TEXT.small, wide), left + 4, bottom + 8.5, TEXT.small),
    text(sheetWords.sheet(sheet, of), left + 4, bottom + 4.2, TEXT.small),
    issue
      ? text(
          fitted(sheetWords.issue(issue.number, issue.name), TEXT.small, COLUMN - 34),
          ...([left + COLUMN - 4, bottom + 4.2, TEXT.small, true, 'end'] as const),
        )
      : text(sheetWords.notIssued, page.width / 2, MARGIN / 2, TEXT.normal, true, 'middle'),
  ];
}

/** The name of a job with its number, which stays whole. */
const jobNamed = (job: string, number: string, wide: number): string =>
  number === ''
    ? fitted(job, TEXT.title, wide)
    : `${fitted(job, TEXT.title, wide - textWidth(number, TEXT.title, true))}${number}`;

/** Who a job is for and where it is, and who draws and has checked it, who stay whole. */
function whoseNamed(fields: JobFields, wide: number): string {
  const [whose, people] = [sheetWords.whose(fields), sheetWords.people(fields)];
  if (whose === '' || people === '') return fitted(whose || people, TEXT.small, wide);
  const after = `${DOT}${people}`;
  return `${fitted(whose, TEXT.small, wide - textWidth(after, TEXT.small))}${after}`;
}

/** Between bars of different scales, paper mm. */
const BAR_GAP = 8;

/** A bar for each scale of a page, side by side as far as there is room. */
function scaleBars(design: Design, scales: readonly SheetScale[], page: Page): Primitive[] {
  const marks: Primitive[] = [];
  let left = MARGIN + PAD + 4;
  for (const [index, scale] of scales.entries()) {
    const { bar, right } = scaleBar(design, scale, { left, bottom: MARGIN + PAD + 3, isOne: index === 0 });
    if (right > fieldOf(page).right - 2 * NORTH) break;
    marks.push(...bar);
    left = right + BAR_GAP;
  }
  return marks;
}

/** How long the parts of a further bar, or of a large scale, are, mm of the room: the longest at which four of them are no longer on paper than this. */
const BAR = 80;
const metric = [1000, 500, 200, 100, 50, 20, 10] as const;
const feet = [304.8, 152.4, 76.2, 25.4] as const;

/** A bar of true lengths with alternate fields filled: metres, or feet and inches. */
function scaleBar(
  design: Design,
  scale: SheetScale,
  { left, bottom, isOne }: { left: number; bottom: number; isOne: boolean },
): { bar: Primitive[]; right: number } {
  const inch = isInchUnit(roomOf(design).unit);
  const count = 4;
  const part = partOf(scale.ratio, inch, isOne);
  const step = part / scale.ratio;
  const marks: Primitive[] = [];
  for (let index = 0; index < count; index++) {
    const box = rectangle(left + step * index, bottom, left + step * (index + 1), bottom + 1.8);
    marks.push(outline('sheet', box, WEIGHT.thin, 'drawing', index % 2 === 0 ? 'drawing' : 'paper'));
  }
  for (let index = 0; index <= count; index++) {
    const label = inch ? feetLabel(part * index) : `${(part * index) / 1000}${index === count ? ' m' : ''}`;
    marks.push(text(label, left + step * index, bottom + 4.2, TEXT.small, false, 'middle'));
  }
  const end = left + step * count + 6;
  marks.push(text(scale.text, end, bottom + 0.9, TEXT.small));
  return { bar: marks, right: end + textWidth(scale.text, TEXT.small) };
}

function partOf(ratio: number, inch: boolean, isOne: boolean): number {
  if (ratio >= 10 && isOne) return inch ? 304.8 : ratio > 30 ? 1000 : 500;
  const parts = inch ? feet : metric;
  return parts.find((one) => (4 * one) / ratio <= BAR) ?? parts.at(-1)!;
}

const feetLabel = (mm: number): string =>
  mm % 304.8 < 0.1 || mm % 304.8 > 304.7 ? `${Math.round(mm / 304.8)}'` : `${Math.round(mm / 25.4)}"`;

function rectangle(left: number, bottom: number, right: number, top: number): Point[] {
  return [point(left, bottom), point(right, bottom), point(right, top), point(left, top)];
}
