import { MOST_PLINTH_BACK, MOST_PLINTH_OUT } from '../document/limits';
import { patchOf } from '../document/patch';
import type { ItemRecord, PlinthWay } from '../document/records';
import { within } from '../document/within';
import type { ItemSide } from '../surfaces/top-edge';
import { quantise } from '../units/units';
import { findFreeItems, guarded, type Command } from './command';

/** How far a plinth stands back behind sides of its items, mm (null: as usual), or whether there is none under some items. */
export type PlinthChange =
  { at: readonly [ItemSide, ...ItemSide[]]; back: number | null } | { ids: readonly string[]; none: boolean };

/** Sets the plinth under some items. */
export const setPlinth: Command<PlinthChange> = {
  id: 'set-plinth',
  run(design, change) {
    const ids = 'at' in change ? [...new Set(change.at.map(({ item }) => item))] : change.ids;
    const found = findFreeItems(design, ids);
    if (!found.ok) return found;
    const back = 'at' in change ? (change.back ?? 0) : 0;
    const sound = within('plinth-back', back, -MOST_PLINTH_OUT, MOST_PLINTH_BACK);
    if (!sound.ok) return sound;
    return guarded(
      design,
      patchOf(
        design,
        found.value.map(({ record }) => withPlinth(record, change)),
      ),
    );
  },
};

function withPlinth({ plinth: before, ...item }: ItemRecord, change: PlinthChange): ItemRecord {
  const plinth: PlinthWay = { ...before };
  if ('none' in change) {
    delete plinth.none;
    if (change.none) plinth.none = true;
  } else
    for (const { item: id, side } of change.at) {
      if (id !== item.id) continue;
      delete plinth[side];
      if (change.back !== null) plinth[side] = quantise(change.back);
    }
  return Object.keys(plinth).length > 0 ? { ...item, plinth } : item;
}
