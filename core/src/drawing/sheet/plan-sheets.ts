import type { Design } from '../../document/design';
import { ok, type Result } from '../../result';
import { itemSchedule } from '../../schedules/item-schedule';
import { sheetWords } from '../../wording/drawing-words';
import { scheduleNames } from '../../wording/schedule-words';
import { uncapital } from '../../wording/words';
import { CEILING, PLAN } from '../dimensions/row-ways';
import { drawPlan } from '../plan';
import type { Layer } from '../primitives';
import { finishScheduleHeight, finishScheduleMarks } from './finish-schedule';
import { CONSTRUCTION, frameWay } from './frame-ways';
import { inField } from './in-field';
import { itemParts, itemTable, numberedRows } from './item-table';
import { scheduleColumn } from './schedule-tables';
import { legendHeight, serviceLegend } from './service-legend';
import { COLUMN, MARGIN, TITLE_HEIGHT, type SheetContent, type SheetOptions } from './sheet-frame';

/** The plan of a room, or its ceiling plan, with the schedule of the items it numbers, its finishes and services; a schedule too long for the page goes on on further pages. */
export function planSheets(design: Design, options: SheetOptions, ceiling: boolean): Result<SheetContent[]> {
  const { page } = options;
  const name = ceiling ? sheetWords.ceiling : sheetWords.plan;
  const id = ceiling ? CEILING : PLAN;
  const drawn = inField(design, options, {
    ...{ drawing: id, view: id, name },
    draw: (ratio) =>
      drawPlan(design, ratio, { ...(ceiling && { mode: 'ceiling' }), ...leftAway(design, id) }),
  });
  if (!drawn.ok) return drawn;
  const left = page.width - MARGIN - COLUMN;
  const legend = serviceLegend(design, left, MARGIN + TITLE_HEIGHT, COLUMN);
  const services = MARGIN + TITLE_HEIGHT + legendHeight(design);
  const finishes = finishScheduleMarks(design, left, services, COLUMN);
  const taken = legendHeight(design) + finishScheduleHeight(design);
  const parts = itemParts(numberedRows(itemSchedule(design), drawn.value.marks), page, taken);
  return ok(
    parts.map((items, index) => {
      const first = index === 0;
      return {
        title: first ? name : sheetWords.continued(index),
        shows: uncapital(first ? name : scheduleNames.items),
        marks: first ? drawn.value.marks : [],
        frames: first ? drawn.value.frames : [],
        plan: first,
        column: [...itemTable(items, page), ...(first ? [...legend, ...finishes] : [])],
        scale: first ? drawn.value.scale : null,
      };
    }),
  );
}

/** What a person leaves away of a plan: what is written looks at the rest of it only. */
function leftAway(design: Design, drawing: string): { without?: readonly Layer[] } {
  const without = frameWay(design, drawing)?.without;
  return without ? { without } : {};
}

/** What a construction plan leaves away: all that is set into the room. */
const SET: readonly Layer[] = ['items', 'numbers', 'plinths', 'tops', 'trims', 'tiles', 'sections'];

/** The room as it is built, without what is set into it: walls, openings and services with their schedules. */
export function constructionSheets(design: Design, options: SheetOptions): Result<SheetContent[]> {
  const { page } = options;
  const { without = [] } = leftAway(design, CONSTRUCTION);
  const drawn = inField(design, options, {
    ...{ drawing: CONSTRUCTION, view: PLAN, name: sheetWords.construction },
    draw: (ratio) => drawPlan(design, ratio, { without: [...SET, ...without] }),
  });
  if (!drawn.ok) return drawn;
  const legend = serviceLegend(design, page.width - MARGIN - COLUMN, MARGIN + TITLE_HEIGHT, COLUMN);
  const columns = scheduleColumn(design, ['openings', 'services'], page, legendHeight(design));
  return ok(
    columns.map((column, index) => ({
      title: index === 0 ? sheetWords.construction : sheetWords.more(sheetWords.construction, index),
      shows: uncapital(sheetWords.construction),
      marks: index === 0 ? drawn.value.marks : [],
      frames: index === 0 ? drawn.value.frames : [],
      plan: index === 0,
      column: index === 0 ? [...column, ...legend] : column,
      scale: index === 0 ? drawn.value.scale : null,
    })),
  );
}
