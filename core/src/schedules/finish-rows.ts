import { recordsOf, roomOf, type Design } from '../document/design';
import { finishParts, type FinishPart } from '../document/limits';
import { itemBoxes } from '../setting/item-box';
import { isItemPart, saidFinish } from '../surfaces/finish-of';
import { hasPart } from '../surfaces/finish-scopes';
import { finishes, finishFrom, finishNamed, type Finish } from '../surfaces/finishes';

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
