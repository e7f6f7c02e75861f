import type { Placement, Side } from '../document/records';
import { placedAt } from '../setting/shift-item';
import { quantise } from '../units/units';
import { findFreeItem, guardedItems, type Command } from './command';

/** Moves an item to another place; to another height and hand where the place asks for it. It is not turned against its new place unless that is asked for. */
export const moveItem: Command<{
  id: string;
  placement: Placement;
  up?: number;
  hand?: Side;
  keepTurned?: boolean;
}> = {
  id: 'move-item',
  run(design, { id, placement, up, hand, keepTurned }) {
    const found = findFreeItem(design, id);
    if (!found.ok) return found;
    const moved = keepTurned ? { ...found.value, placement } : placedAt(found.value, placement);
    if (up !== undefined) moved.up = quantise(up);
    if (hand) moved.hand = hand;
    return guardedItems(design, [moved]);
  },
};
