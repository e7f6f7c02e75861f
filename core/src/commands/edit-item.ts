import { firstRefusal, within } from '../document/within';
import { LEAST_ITEM, MOST_HEIGHT, MOST_ITEM } from '../document/limits';
import { patchOf } from '../document/patch';
import type { ItemRecord } from '../document/records';
import { quantise } from '../units/units';
import { findItemRecord, guarded, type Command } from './command';

export type ItemChange = Partial<Pick<ItemRecord, 'width' | 'depth' | 'height' | 'up' | 'hand'>>;

/** Changes the measures or the hand of an item; it keeps the end it is placed from. */
export const editItem: Command<{ id: string; change: ItemChange }> = {
  id: 'edit-item',
  label: () => 'Change an item',
  run(design, { id, change }) {
    const found = findItemRecord(design, id);
    if (!found.ok) return found;
    const after = { ...found.value, ...change };
    const wrong = firstRefusal(
      within('The width', after.width, LEAST_ITEM, MOST_ITEM),
      within('The depth', after.depth, LEAST_ITEM, MOST_ITEM),
      within('The height', after.height, LEAST_ITEM, MOST_HEIGHT),
      within('The height above the floor', after.up, 0, MOST_HEIGHT),
    );
    if (wrong) return wrong;
    for (const key of ['width', 'depth', 'height', 'up'] as const) after[key] = quantise(after[key]);
    return guarded(design, patchOf(design, [after]));
  },
};
