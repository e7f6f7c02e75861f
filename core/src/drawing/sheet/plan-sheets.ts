import { sheetWords } from '../../wording/drawing-words';
import { uncapital } from '../../wording/words';
import type { Design } from '../../document/design';
import { ok, refuse, type Result } from '../../result';
import { drawPlan } from '../plan';
import { drawingBounds } from '../plan-with';
import { finishScheduleHeight, finishScheduleMarks } from './finish-schedule';
import { itemParts, itemTable, numberedRows } from './item-table';
import { itemSchedule } from './schedule';
import { legendHeight, serviceLegend } from './service-legend';
import { sheetScales } from './sheet-format';
import {
  COLUMN,
  fieldOf,
  frameMarks,
  MARGIN,
  TITLE_HEIGHT,
  type Sheet,
  type SheetOptions,
} from './sheet-frame';
import { onPaper } from './sheet-marks';

/**
 * The plan of a room, or its ceiling plan, with title block, scale bar and item schedule; a schedule too long for the page goes on on further pages.
 */
export function drawPlanSheets(design: Design, options: SheetOptions): Result<Sheet[]> {
  const { page, scale, subject } = options;
  const ceiling = subject === 'ceiling';
  const draw = (ratio: number) => drawPlan(design, ratio, ceiling ? { mode: 'ceiling' } : {});
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
  const plan = draw(scale.ratio).map((mark) => onPaper(mark, origin, scale.ratio));
  const legend = serviceLegend(design, page.width - MARGIN - COLUMN, MARGIN + TITLE_HEIGHT, COLUMN);
  const services = MARGIN + TITLE_HEIGHT + legendHeight(design);
  const finishes = finishScheduleMarks(design, page.width - MARGIN - COLUMN, services, COLUMN);
  const taken = legendHeight(design) + finishScheduleHeight(design);
  const pagesOfRows = itemParts(numberedRows(itemSchedule(design), plan), page, taken);
  const name = ceiling ? sheetWords.ceiling : sheetWords.plan;
  return ok(
    pagesOfRows.map((rows, index): Sheet => {
      const first = index === 0;
      const about = {
        column: itemTable(rows, page),
        toScale: first,
        sheet: index + 1,
        of: pagesOfRows.length,
      };
      return {
        page,
        title: first ? name : sheetWords.continued(index),
        marks: [
          ...(first ? [...plan, ...legend, ...finishes] : []),
          ...frameMarks(design, options, { ...about, shows: uncapital(first ? name : sheetWords.schedule) }),
        ],
      };
    }),
  );
}
