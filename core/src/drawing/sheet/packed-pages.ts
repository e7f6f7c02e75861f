import type { Design } from '../../document/design';
import type { FrameRecord } from '../../document/records';
import type { Bounds } from '../../geometry/polygon';
import { named } from '../../nouns';
import { ok, refuse, type Result } from '../../result';
import { sheetWords } from '../../wording/drawing-words';
import { TEXT, type Primitive } from '../primitives';
import { textWidth } from '../text-layout';
import { scalesFor } from './letters';
import { asFramed, fittingScale, frameWay, intoField } from './frame-ways';
import { moved, onPaperBox } from './in-field';
import { sheetScales, type SheetScale } from './sheet-format';
import { fieldOf, type SheetOptions, type ViewOnPage } from './sheet-frame';
import { onPaper, text } from './sheet-marks';

/** A drawing that lies on a page with others. */
export interface PackedDrawing {
  /** What it goes by in the set, and in the records of what is put on it. */
  drawing: string;
  view: string;
  name: string;
  /** Where its name stands under it, mm of the drawing: under the middle of what it looks at. */
  middle: number;
  draw: (ratio: number) => readonly Primitive[];
  /** What it is drawn to; as the set unless given. */
  scale?: SheetScale;
}

/** Drawings on one page. */
export interface PackedPage {
  drawings: readonly PackedDrawing[];
  marks: Primitive[];
  frames: ViewOnPage[];
  /** What they are drawn to, the most used first. */
  scales: readonly SheetScale[];
}

/** A drawing as it goes on paper: what it takes of it, with its name under it, mm. */
interface Laid {
  of: PackedDrawing;
  way: FrameRecord | undefined;
  marks: readonly Primitive[];
  scale: SheetScale;
  /** About its zero, without its name. */
  box: Bounds;
  width: number;
  height: number;
  title: string;
  /** From its left. */
  middle: number;
}

/** Between drawings side by side and one above the other, and from one down to its name, paper mm. */
const ACROSS = 9;
const DOWN = 7;
const NAME = 6;
/** How far the middle of a name stands over the bottom of what a drawing takes, paper mm. */
const NAME_UP = 1.4;

/** Drawings in rows from the top left, on as many pages as they take, each with its name under it; where a person has put one it stays. Refused where one does not fit a page, naming the scales at which all do. */
export function packedPages(
  design: Design,
  options: SheetOptions,
  drawings: readonly PackedDrawing[],
): Result<PackedPage[]> {
  const { page, scale, style } = options;
  const field = fieldOf(page);
  const room = { wide: field.right - field.left, high: field.top - field.bottom };
  const isTooLarge = ({ width, height }: Laid) => width > room.wide || height > room.high;
  const laid: Laid[] = [];
  const shown = drawings.filter(({ drawing }) => !frameWay(design, drawing)?.hidden);
  for (const one of shown) {
    const way = frameWay(design, one.drawing);
    const known = new Map<SheetScale, Laid>();
    const lay = (at: SheetScale): Laid => {
      let made = known.get(at);
      if (!made) known.set(at, (made = layDrawing(one, way, at, scale)));
      return made;
    };
    const asked = one.scale ?? scale;
    const fitting = fittingScale(
      way?.ratio ?? one.scale?.ratio,
      { scale: asked, ...(style && { style }) },
      (at) => !isTooLarge(lay(at)),
    );
    if (!fitting) {
      const { width, height } = lay(asked);
      const fits = scalesFor(style, sheetScales).filter((other) =>
        shown.every((all) => !isTooLarge(layDrawing(all, frameWay(design, all.drawing), other, other))),
      );
      return refuse('sheet-too-small', {
        ...{ what: named(one.name), width, height, scale: asked.ratio, page: page.id },
        fits: fits.map((other) => other.text),
      });
    }
    laid.push(lay(fitting));
  }
  const isPlaced = ({ way }: Laid) => way?.place?.page === page.id;
  const pages = new Map<number, PlacedLaid[]>();
  for (const one of laid.filter(isPlaced)) {
    const { sheet } = one.way!.place!;
    pages.set(sheet, [...(pages.get(sheet) ?? []), { laid: one, box: placedBox(one, field) }]);
  }
  let next = 1;
  const free = laid.filter((one) => !isPlaced(one));
  for (const rows of free.length > 0 ? inPages(free, room) : []) {
    while (pages.has(next)) next += 1;
    pages.set(next, inRows(rows, field));
  }
  return ok([...pages].sort(([a], [b]) => a - b).map(([sheet, placed]) => drawPage(placed, sheet, scale)));
}

/** What a drawing takes of its page with its name, paper mm. */
interface PlacedLaid {
  laid: Laid;
  box: Bounds;
}

function drawPage(placed: readonly PlacedLaid[], sheet: number, usual: SheetScale): PackedPage {
  const marks: Primitive[] = [];
  const frames: ViewOnPage[] = [];
  for (const { laid, box } of placed) {
    const { of, scale, title, middle } = laid;
    const { ratio } = scale;
    const origin = { x: box.left - laid.box.left, y: box.bottom + NAME - laid.box.bottom };
    const from = marks.length;
    marks.push(...laid.marks.map((mark) => onPaper(mark, origin, ratio)));
    marks.push(text(title, box.left + middle, box.bottom + NAME_UP, TEXT.normal, true, 'middle'));
    const { drawing, name, view } = of;
    frames.push({
      ...{ drawing, name, view, sheet, packed: true, origin, ratio, letters: 1, marks: [from, marks.length] },
      box: { ...box, bottom: box.bottom + NAME },
    });
  }
  const scales = placed
    .map(({ laid: { scale } }) => scale)
    .filter((scale, at, all) => all.findIndex(({ text }) => text === scale.text) === at)
    .map((scale) => ({ scale, count: placed.filter(({ laid }) => laid.scale.text === scale.text).length }))
    .sort(
      (a, b) =>
        b.count - a.count || Number(b.scale.text === usual.text) - Number(a.scale.text === usual.text),
    )
    .map(({ scale }) => scale);
  return { drawings: placed.map(({ laid }) => laid.of), marks, frames, scales };
}

/** Where a person has put a drawing, as far in as the field goes. */
function placedBox(one: Laid, field: Bounds): Bounds {
  const { x, y } = one.way!.place!;
  const box = moved({ ...one.box, bottom: one.box.bottom - NAME }, { x, y });
  const whole = { ...box, right: box.left + one.width };
  return moved(whole, intoField(whole, field));
}

/** Rows from the top left of a field. */
function inRows(rows: readonly (readonly Laid[])[], field: Bounds): PlacedLaid[] {
  const placed: PlacedLaid[] = [];
  let { top } = field;
  for (const row of rows) {
    const height = heightOf(row);
    let { left } = field;
    for (const laid of row) {
      const bottom = top - height;
      placed.push({ laid, box: { left, right: left + laid.width, bottom, top: bottom + laid.height } });
      left += laid.width + ACROSS;
    }
    top -= height + DOWN;
  }
  return placed;
}

function layDrawing(
  of: PackedDrawing,
  way: FrameRecord | undefined,
  scale: SheetScale,
  usual: SheetScale,
): Laid {
  const { ratio } = scale;
  const marks = asFramed(of.draw(ratio), way, ratio);
  const box = onPaperBox(marks, ratio);
  const title = scale.text === usual.text ? of.name : sheetWords.atScale(of.name, scale.text);
  const titled = textWidth(title, TEXT.normal, true);
  // What is small of itself takes the room of its name.
  const isPart = way?.crop !== undefined || of.scale !== undefined || way?.ratio !== undefined;
  const width = Math.max(box.right - box.left, isPart ? titled : 0);
  // A name that is wider than what it is under stays within the drawing's own width.
  const half = Math.min(width, titled) / 2;
  const middle = Math.min(Math.max(of.middle / ratio - box.left, half), width - half);
  return { of, way, marks, scale, box, title, width, middle, height: box.top - box.bottom + NAME };
}

const heightOf = (row: readonly Laid[]) => Math.max(...row.map(({ height }) => height));

/** Drawings in rows on pages: in their order, or, where that takes fewer pages, the highest first, each in the first row and on the first page with room for it. */
function inPages(laid: readonly Laid[], field: { wide: number; high: number }): Laid[][][] {
  const inOrder = stacked(laid, field, false);
  const byHeight = stacked(
    [...laid].sort((a, b) => b.height - a.height),
    field,
    true,
  );
  return byHeight.length < inOrder.length ? byHeight : inOrder;
}

/** Drawings row by row and page by page; with `anywhere` in the first row with room, else in the last. */
function stacked(
  laid: readonly Laid[],
  { wide, high }: { wide: number; high: number },
  anywhere: boolean,
): Laid[][][] {
  const pages: Laid[][][] = [];
  const widthOf = (row: readonly Laid[]) => row.reduce((sum, { width }) => sum + width + ACROSS, -ACROSS);
  const taken = (rows: readonly (readonly Laid[])[]) =>
    rows.reduce((sum, row) => sum + heightOf(row) + DOWN, -DOWN);
  for (const one of laid) {
    const open = anywhere ? pages : pages.slice(-1);
    const row = open
      .flatMap((rows) => (anywhere ? rows : rows.slice(-1)).map((row) => ({ rows, row })))
      .find(({ rows, row }) => {
        const grown = Math.max(0, one.height - heightOf(row));
        return widthOf(row) + ACROSS + one.width <= wide && taken(rows) + grown <= high;
      });
    const page = open.find((rows) => taken(rows) + DOWN + one.height <= high);
    if (row) row.row.push(one);
    else if (page) page.push([one]);
    else pages.push([[one]]);
  }
  return pages;
}
