import type { ItemRecord } from '../document/records';
import { distanceToPath } from '../geometry/polygon';
import { middleOf, type ItemBox } from '../setting/item-box';
import { placedAt, standingAround } from '../setting/shift-item';
import { facePath, frameAt, projectOn } from '../survey/placed-face';
import { roomShape, type RoomShape } from '../survey/room-shape';
import { findFreeItems, guardedItems, type Command } from './command';

/** Turns items square to a face, or each to the one nearest to it, about their middles. */
export const squareItems: Command<{ ids: readonly string[]; face?: string }> = {
  id: 'square-items',
  run(design, { ids, face }) {
    const found = findFreeItems(design, ids);
    if (!found.ok) return found;
    const shape = roomShape(design);
    return guardedItems(
      design,
      found.value.map((box) => squared(box, shape, face)),
    );
  },
};

function squared(box: ItemBox, shape: RoomShape, chosen?: string): ItemRecord {
  const { record } = box;
  const { placement } = record;
  if (placement.on === 'face' && (chosen ?? placement.face) === placement.face)
    return placedAt(record, placement);
  const middle = middleOf(box);
  const away = shape.faces.map((face) => ({ face, off: distanceToPath(middle, facePath(face)) }));
  away.sort((a, b) => a.off - b.off);
  const face = (chosen && shape.byId.get(chosen)) || away[0]!.face;
  const { u } = frameAt(face, projectOn(face, middle).along);
  return placedAt(record, standingAround(middle, Math.atan2(u.y, u.x), record));
}
