import type { Design } from '../../document/design';
import type { Point } from '../../geometry/point';
import type { Bounds } from '../../geometry/polygon';
import { ok, refuse, type Result } from '../../result';
import { itemSchedule } from '../../schedules/item-schedule';
import { sheetWords } from '../../wording/drawing-words';
import { scheduleNames } from '../../wording/schedule-words';
import { uncapital } from '../../wording/words';
import { CEILING, PLAN } from '../dimensions/row-ways';
import { drawPlan } from '../plan';
import { drawingBounds } from '../plan-with';
import type { Layer, Primitive } from '../primitives';
import { finishScheduleHeight, finishScheduleMarks } from './finish-schedule';
import { itemParts, itemTable, numberedRows } from './item-table';
import { scheduleColumn } from './schedule-tables';
import { legendHeight, serviceLegend } from './service-legend';
import { sheetScales } from './sheet-format';
import {
  COLUMN,
  fieldOf,
  MARGIN,
  TITLE_HEIGHT,
  type SheetContent,
  type SheetOptions,
  type ViewOnPage,
} from './sheet-frame';
import { onPaper } from './sheet-marks';

/** A drawing in its place on a page. */
interface InField {
  marks: Primitive[];
  origin: Point;
  box: Bounds;
}

/** A drawing of the whole room at a ratio, in the middle of the field of a page. Refused where it does not fit, naming the scales at which it does. */
export function inField(
  { page, scale }: SheetOptions,
  draw: (ratio: number) => readonly Primitive[],
): Result<InField> {
  const field = fieldOf(page);
  const room = { width: field.right - field.left, height: field.top - field.bottom };
  const needAt = (ratio: number) => {
    const { left, right, bottom, top } = drawingBounds(draw(ratio), ratio);
    const middle = { x: (left + right) / 2, y: (bottom + top) / 2 };
    return { width: (right - left) / ratio, height: (top - bottom) / ratio, middle };
  };
  const need = needAt(scale.ratio);
  if (need.width > room.width || need.height > room.height) {
    const fits = sheetScales.filter(({ ratio }) => {
      const other = needAt(ratio);
      return other.width <= room.width && other.height <= room.height;
    });
    const { width, height } = need;
    return refuse('sheet-too-small', {
      ...{ what: 'room-drawn', width, height, scale: scale.ratio, page: page.id },
      fits: fits.map(({ text }) => text),
    });
  }
  const centre = { x: (field.left + field.right) / 2, y: (field.bottom + field.top) / 2 };
  const origin = { x: centre.x - need.middle.x / scale.ratio, y: centre.y - need.middle.y / scale.ratio };
  const box = {
    ...{ left: centre.x - need.width / 2, right: centre.x + need.width / 2 },
    ...{ bottom: centre.y - need.height / 2, top: centre.y + need.height / 2 },
  };
  return ok({ marks: draw(scale.ratio).map((mark) => onPaper(mark, origin, scale.ratio)), origin, box });
}

/** The plan of the room on a page. */
const planOn = (view: string, { origin, box }: InField, { scale: { ratio } }: SheetOptions): ViewOnPage[] => [
  { view, origin, box, ratio },
];

/** The plan of a room, or its ceiling plan, with the schedule of the items it numbers, its finishes and services; a schedule too long for the page goes on on further pages. */
export function planSheets(design: Design, options: SheetOptions, ceiling: boolean): Result<SheetContent[]> {
  const { page, scale } = options;
  const drawn = inField(options, (ratio) => drawPlan(design, ratio, ceiling ? { mode: 'ceiling' } : {}));
  if (!drawn.ok) return drawn;
  const left = page.width - MARGIN - COLUMN;
  const legend = serviceLegend(design, left, MARGIN + TITLE_HEIGHT, COLUMN);
  const services = MARGIN + TITLE_HEIGHT + legendHeight(design);
  const finishes = finishScheduleMarks(design, left, services, COLUMN);
  const taken = legendHeight(design) + finishScheduleHeight(design);
  const parts = itemParts(numberedRows(itemSchedule(design), drawn.value.marks), page, taken);
  const name = ceiling ? sheetWords.ceiling : sheetWords.plan;
  return ok(
    parts.map((rows, index) => {
      const first = index === 0;
      return {
        title: first ? name : sheetWords.continued(index),
        shows: uncapital(first ? name : scheduleNames.items),
        marks: first ? drawn.value.marks : [],
        frames: first ? planOn(ceiling ? CEILING : PLAN, drawn.value, options) : [],
        column: [...itemTable(rows, page), ...(first ? [...legend, ...finishes] : [])],
        scale: first ? scale : null,
      };
    }),
  );
}

/** What a construction plan leaves away: all that is set into the room. */
const SET: readonly Layer[] = ['items', 'numbers', 'plinths', 'tops', 'trims', 'tiles', 'sections'];

/** The room as it is built, without what is set into it: walls, openings and services with their schedules. */
export function constructionSheets(design: Design, options: SheetOptions): Result<SheetContent[]> {
  const { page, scale } = options;
  const drawn = inField(options, (ratio) => drawPlan(design, ratio, { without: SET }));
  if (!drawn.ok) return drawn;
  const legend = serviceLegend(design, page.width - MARGIN - COLUMN, MARGIN + TITLE_HEIGHT, COLUMN);
  const columns = scheduleColumn(design, ['openings', 'services'], page, legendHeight(design));
  return ok(
    columns.map((column, index) => ({
      title: index === 0 ? sheetWords.construction : sheetWords.more(sheetWords.construction, index),
      shows: uncapital(sheetWords.construction),
      marks: index === 0 ? drawn.value.marks : [],
      frames: index === 0 ? planOn(PLAN, drawn.value, options) : [],
      column: index === 0 ? [...column, ...legend] : column,
      scale: index === 0 ? scale : null,
    })),
  );
}
