import { patchOf } from '../document/patch';
import type { ItemRecord, Placement } from '../document/records';
import { findItem } from '../ranges/shelf';
import type { ShelfItem } from '../ranges/range';
import { guarded, type Command } from './command';

/** Sets an item from the shelf at a place. */
export const setItem: Command<{ id: string; range: string; code: string; placement: Placement }> = {
  id: 'set-item',
  label: ({ code }) => `Set ${code}`,
  run(design, { id, range, code, placement }) {
    const found = findItem(range, code);
    if (!found.ok) return found;
    return guarded(design, patchOf(design, [itemOf(id, found.value, placement)]));
  },
};

/** The record of a shelf item set at a place. */
export function itemOf(
  id: string,
  { range, code, type, width, depth, height, up }: ShelfItem,
  placement: Placement,
): ItemRecord {
  return { kind: 'item', id, range, code, type, width, depth, height, up, hand: 'left', placement };
}
