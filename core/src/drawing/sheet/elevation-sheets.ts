import { viewTitles } from '../../wording/drawing-words';
import { uncapital } from '../../wording/words';
import { named } from '../../nouns';
import type { Design } from '../../document/design';
import type { Bounds } from '../../geometry/polygon';
import { ok, refuse, type Result } from '../../result';
import { drawSingleView } from '../elevation/single-view';
import { roomViews, type RoomView } from '../elevation/views';
import { drawingBounds } from '../plan-with';
import { TEXT, type Primitive } from '../primitives';
import { itemSchedule } from './schedule';
import { sheetScales } from './sheet-format';
import { fieldOf, frameMarks, rowsOn, scheduleMarks, type Sheet, type SheetOptions } from './sheet-frame';
import { onPaper, text } from './sheet-marks';

/** A view as it goes on paper. */
interface Laid {
  view: RoomView;
  marks: readonly Primitive[];
  bounds: Bounds;
  width: number;
  height: number;
}

/** Between views side by side and one above the other, and from a view down to its name, paper mm. */
const ACROSS = 9;
const DOWN = 7;
const NAME = 6;

/** Every upright view of a room with its name and levels, in rows from the top left, on as many pages as they take; each page with the schedule of the items it shows. */
export function drawElevationSheets(design: Design, options: SheetOptions): Result<Sheet[]> {
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
  const pages = inPages(inRows(laid, wide), high);
  return ok(
    pages.map((rows, index): Sheet => {
      const marks: Primitive[] = [];
      const shown = new Set<string>();
      let top = field.top;
      for (const row of rows) {
        const height = heightOf(row);
        let left = field.left;
        for (const { view, marks: own, bounds, width } of row) {
          const floor = top - height + NAME;
          const origin = { x: left - bounds.left / scale.ratio, y: floor - bounds.bottom / scale.ratio };
          marks.push(...own.map((mark) => onPaper(mark, origin, scale.ratio)));
          marks.push(text(titleOf(view), left + width / 2, top - height + 1.4, TEXT.normal, true, 'middle'));
          for (const { source } of own) if (source) shown.add(source);
          left += width + ACROSS;
        }
        top -= height + DOWN;
      }
      const listed = schedule.filter(({ id }) => shown.has(id)).slice(0, rowsOn(page, 0));
      const names = rows.flat().map(({ view }) => view.name);
      const about = {
        column: scheduleMarks(listed, page),
        toScale: true,
        sheet: index + 1,
        of: pages.length,
      };
      return {
        page,
        title: viewTitles.elevations(names),
        marks: [
          ...marks,
          ...frameMarks(design, options, { ...about, shows: uncapital(viewTitles.elevations(names)) }),
        ],
      };
    }),
  );
}

/** What a view is called under it. */
export function titleOf({ of, name }: RoomView): string {
  return of === 'face' ? viewTitles.elevation(name) : name;
}

function layView(design: Design, view: RoomView, ratio: number): Laid {
  const marks = drawSingleView(design, view, ratio);
  const bounds = drawingBounds(marks, ratio);
  const width = (bounds.right - bounds.left) / ratio;
  return { view, marks, bounds, width, height: (bounds.top - bounds.bottom) / ratio + NAME };
}

const heightOf = (row: readonly Laid[]) => Math.max(...row.map(({ height }) => height));

/** Views side by side as far as they go, in their order. */
function inRows(laid: readonly Laid[], wide: number): Laid[][] {
  const rows: Laid[][] = [];
  let taken = Infinity;
  for (const one of laid) {
    if (taken + ACROSS + one.width > wide) {
      rows.push([one]);
      taken = one.width;
    } else {
      rows.at(-1)!.push(one);
      taken += ACROSS + one.width;
    }
  }
  return rows;
}

function inPages(rows: readonly Laid[][], high: number): Laid[][][] {
  const pages: Laid[][][] = [];
  let taken = Infinity;
  for (const row of rows) {
    const height = heightOf(row);
    if (taken + DOWN + height > high) {
      pages.push([row]);
      taken = height;
    } else {
      pages.at(-1)!.push(row);
      taken += DOWN + height;
    }
  }
  return pages;
}
