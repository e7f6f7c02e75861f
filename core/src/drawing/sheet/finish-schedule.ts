import type { Design } from '../../document/design';
import { finishSchedule } from '../../schedules/finish-rows';
import { sheetWords } from '../../wording/drawing-words';
import { finishPartNames } from '../../wording/things';
import { framedCode } from '../elevation/finish-codes';
import { line, TEXT, WEIGHT, type Primitive } from '../primitives';
import { point, text } from './sheet-marks';

/** Paper mm of a row of it, of its heading, and where its names begin. */
const ROW = 5.6;
const HEAD = 8;
const NAMES = 12;

/** How high it stands on a sheet, paper mm; nothing for a room that has no finishes. */
export function finishScheduleHeight(design: Design): number {
  const count = finishSchedule(design).length;
  return count === 0 ? 0 : HEAD + ROW * count + 2;
}

/** The finishes of the room with their codes, in a column of the sheet above a line, paper mm. */
export function finishScheduleMarks(
  design: Design,
  left: number,
  bottom: number,
  width: number,
): Primitive[] {
  const rows = finishSchedule(design);
  if (rows.length === 0) return [];
  const top = bottom + finishScheduleHeight(design);
  return [
    line('sheet', [point(left, top), point(left + width, top)], WEIGHT.object, 'drawing'),
    text(sheetWords.finishes, left + 4, top - 4.5, TEXT.small, true),
    ...rows.flatMap(({ finish, parts }, index) => {
      const y = top - HEAD - ROW * (index + 0.5);
      const code = framedCode(finish.code, point(left + 8, y), 1);
      const on = sheetWords.finishedParts(parts.map((part) => finishPartNames[part]));
      return [
        ...code.map((mark) => ({ ...mark, layer: 'sheet' as const })),
        text(finish.name, left + 4 + NAMES, y, TEXT.small, true),
        text(on, left + 4 + 3.2 * NAMES, y, TEXT.small),
      ];
    }),
  ];
}
