import { sheetWords, viewTitles } from '../../wording/drawing-words';
import { scheduleNames } from '../../wording/schedule-words';
import { uncapital } from '../../wording/words';
import { named } from '../../nouns';
import type { Design } from '../../document/design';
import type { Bounds } from '../../geometry/polygon';
import { ok, refuse, type Result } from '../../result';
import { drawSingleView } from '../elevation/single-view';
import { titleOf } from '../view-choices';
import { frameOf, roomViews, type RoomView } from '../elevation/views';
import { drawingBounds } from '../plan-with';
import { TEXT, type Primitive } from '../primitives';
import { textWidth } from '../text-layout';
import { itemParts, itemTable, numberedRows } from './item-table';
import { itemSchedule } from '../../schedules/item-schedule';
import { sheetScales } from './sheet-format';
import { fieldOf, type SheetContent, type SheetOptions, type ViewOnPage } from './sheet-frame';
import { onPaper, text } from './sheet-marks';

/** A view as it goes on paper. */
interface Laid {
  view: RoomView;
  marks: readonly Primitive[];
  bounds: Bounds;
  width: number;
  height: number;
  /** Where its name stands under it, from its left, paper mm: under the middle of what it looks at. */
  middle: number;
}

/** Between views side by side and one above the other, and from a view down to its name, paper mm. */
const ACROSS = 9;
const DOWN = 7;
const NAME = 6;

/** Every upright view of a room with its name and levels, in rows from the top left, on as many pages as they take; each page with the schedule of the items it shows. */
export function elevationSheets(design: Design, options: SheetOptions): Result<SheetContent[]> {
  const { page, scale } = options;
  const field = fieldOf(page);
  const wide = field.right - field.left;
  const high = field.top - field.bottom;
  const laidAt = (ratio: number) => roomViews(design).map((view) => layView(design, view, ratio));
  const isTooLarge = ({ width, height }: Laid) => width > wide || height > high;
  const laid = laidAt(scale.ratio);
  const tooLarge = laid.find(isTooLarge);
  if (tooLarge) {
    const { view, width, height } = tooLarge;
    const fits = sheetScales.filter(({ ratio }) => !laidAt(ratio).some(isTooLarge));
    return refuse('sheet-too-small', {
      ...{ what: named(titleOf(view)), width, height, scale: scale.ratio, page: page.id },
      fits: fits.map((one) => one.text),
    });
  }
  const schedule = itemSchedule(design);
  const drawnPages = inPages(laid, { wide, high }).map((rows) => drawPage(rows, field, scale.ratio));
  // What is numbered on a page is listed beside it, and where that is too much for its column on pages of its own after it.
  return ok(
    drawnPages.flatMap(({ marks, names, frames }) =>
      itemParts(numberedRows(schedule, marks), page).map((rows, part) => {
        const name = part === 0 ? viewTitles.elevations(names) : sheetWords.continued(part);
        return {
          ...{ title: name, shows: uncapital(part === 0 ? name : scheduleNames.items) },
          ...{ marks: part === 0 ? marks : [], column: itemTable(rows, page) },
          ...(part === 0 ? { scale, frames } : { scale: null }),
        };
      }),
    ),
  );
}

/** The views of a page in their rows from the top left, each with its name under it. */
function drawPage(
  rows: readonly (readonly Laid[])[],
  field: { left: number; top: number },
  ratio: number,
): { marks: Primitive[]; names: string[]; frames: ViewOnPage[] } {
  const marks: Primitive[] = [];
  const frames: ViewOnPage[] = [];
  let top = field.top;
  for (const row of rows) {
    const height = heightOf(row);
    let left = field.left;
    for (const { view, marks: own, bounds, width, middle } of row) {
      const floor = top - height + NAME;
      const origin = { x: left - bounds.left / ratio, y: floor - bounds.bottom / ratio };
      marks.push(...own.map((mark) => onPaper(mark, origin, ratio)));
      const box = { left, right: left + width, bottom: floor, top: floor + height };
      frames.push({ view: view.id, origin, box, ratio });
      marks.push(text(titleOf(view), left + middle, top - height + 1.4, TEXT.normal, true, 'middle'));
      left += width + ACROSS;
    }
    top -= height + DOWN;
  }
  return { marks, names: rows.flat().map(({ view }) => view.name), frames };
}

function layView(design: Design, view: RoomView, ratio: number): Laid {
  const marks = drawSingleView(design, view, ratio);
  const bounds = drawingBounds(marks, ratio);
  const width = (bounds.right - bounds.left) / ratio;
  // A name that is wider than what it is under stays within the view's own width.
  const half = Math.min(width, textWidth(titleOf(view), TEXT.normal, true)) / 2;
  const under = (frameOf(design, view).length / 2 - bounds.left) / ratio;
  const middle = Math.min(Math.max(under, half), width - half);
  return { view, marks, bounds, width, middle, height: (bounds.top - bounds.bottom) / ratio + NAME };
}

const heightOf = (row: readonly Laid[]) => Math.max(...row.map(({ height }) => height));

/** Views side by side as far as they go, in their order. */
/** Views in rows on pages: in their order, or, where that takes fewer pages, the highest first, each in the first row and on the first page with room for it. */
function inPages(laid: readonly Laid[], field: { wide: number; high: number }): Laid[][][] {
  const inOrder = stacked(laid, field, false);
  const byHeight = stacked(
    [...laid].sort((a, b) => b.height - a.height),
    field,
    true,
  );
  return byHeight.length < inOrder.length ? byHeight : inOrder;
}

/** Views row by row and page by page; with `anywhere` in the first row with room, else in the last. */
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
