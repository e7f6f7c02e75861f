import type { Design } from '../../document/design';
import { ok, type Result } from '../../result';
import { itemSchedule } from '../../schedules/item-schedule';
import { sheetWords, viewTitles } from '../../wording/drawing-words';
import { scheduleNames } from '../../wording/schedule-words';
import { uncapital } from '../../wording/words';
import { drawSingleView } from '../elevation/single-view';
import { frameOf, roomViews } from '../elevation/views';
import { titleOf } from '../view-choices';
import { itemParts, itemTable, numberedRows } from './item-table';
import { packedPages } from './packed-pages';
import type { SheetContent, SheetOptions } from './sheet-frame';

/** Every upright view of a room with its name and levels, on as many pages as they take; each page with the schedule of the items it shows. */
export function elevationSheets(design: Design, options: SheetOptions): Result<SheetContent[]> {
  const views = roomViews(design);
  const names = new Map(views.map(({ id, name }) => [id, name]));
  const packed = packedPages(
    design,
    options,
    views.map((view) => ({
      ...{ drawing: view.id, view: view.id, name: titleOf(view), middle: frameOf(design, view).length / 2 },
      draw: (ratio) => drawSingleView(design, view, ratio),
    })),
  );
  if (!packed.ok) return packed;
  const schedule = itemSchedule(design);
  // What is numbered on a page is listed beside it, and where that is too much for its column on pages of its own after it.
  return ok(
    packed.value.flatMap(({ marks, drawings, frames, scales }) =>
      itemParts(numberedRows(schedule, marks), options.page).map((items, part): SheetContent => {
        const shown = viewTitles.elevations(drawings.map(({ drawing }) => names.get(drawing)!));
        const title = part === 0 ? shown : sheetWords.continued(part);
        return {
          ...{ title, shows: uncapital(part === 0 ? title : scheduleNames.items) },
          ...{ marks: part === 0 ? marks : [], column: itemTable(items, options.page) },
          ...(part === 0 ? { scale: scales[0]!, scales, frames } : { scale: null }),
        };
      }),
    ),
  );
}
