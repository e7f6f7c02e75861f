import type { Placement } from '../document/records';
import { blockOf } from '../setting/block';
import { placedAt } from '../setting/shift-item';
import { findFreeItems, findPlaces, guardedItems, type Command } from './command';

/** Moves several items as one block, in the frame of the first, to a placement of the block, its underside at a height, mm, where it is given. */
export const moveItems: Command<{ ids: readonly string[]; placement: Placement; up?: number }> = {
  id: 'move-items',
  run(design, { ids, placement, up }) {
    const found = findFreeItems(design, ids);
    if (!found.ok) return found;
    const block = blockOf(found.value);
    const places = findPlaces(design, block, placement);
    if (!places.ok) return places;
    const raised = up === undefined ? 0 : up - block.low;
    const moved = block.parts.map(({ record }, index) => ({
      ...placedAt(record, places.value[index]!),
      up: record.up + raised,
    }));
    return guardedItems(design, moved);
  },
};
