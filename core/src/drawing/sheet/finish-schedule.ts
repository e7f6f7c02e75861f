import { recordsOf, roomOf, type Design } from '../../document/design';
import { finishParts, type FinishPart } from '../../document/limits';
import { itemBoxes } from '../../setting/item-box';
import { hasPart } from '../../surfaces/finish-scopes';
import { isItemPart, saidFinish } from '../../surfaces/finish-of';
import { finishes, finishFrom, finishNamed, type Finish } from '../../surfaces/finishes';
import { sheetWords } from '../../wording/drawing-words';
import { finishPartNames } from '../../wording/things';
import { framedCode } from '../elevation/finish-codes';
import { line, TEXT, WEIGHT, type Primitive } from '../primitives';
import { point, text } from './sheet-marks';

/** A finish of the room, and the parts it is on, in their order. */
export interface FinishRow {
  finish: Finish;
  parts: readonly FinishPart[];
}

/** Every finish the room has something in, by their order in the library, then the studio's own. A part nothing of the room has is not counted. */
export function finishSchedule(design: Design): FinishRow[] {
  const room = roomOf(design);
  const used = new Map<Finish, Set<FinishPart>>();
  const add = (part: FinishPart, word: string | undefined) => {
    const finish = finishNamed(design, word);
    if (finish) used.set(finish, (used.get(finish) ?? new Set()).add(part));
  };
  const boxes = itemBoxes(design);
  for (const part of finishParts) {
    if (!isItemPart(part)) add(part, saidFinish(room, null, part).word);
    else
      for (const box of boxes)
        if (hasPart(design, box, part)) add(part, saidFinish(room, box.record, part).word);
  }
  for (const { finish } of [...recordsOf(design, 'face'), ...recordsOf(design, 'fixed')]) add('wall', finish);
  return [...finishes, ...recordsOf(design, 'finish').map(finishFrom)].flatMap((finish) => {
    const parts = used.get(finish);
    return parts ? [{ finish, parts: finishParts.filter((part) => parts.has(part)) }] : [];
  });
}

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
