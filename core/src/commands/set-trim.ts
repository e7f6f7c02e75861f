import type { ItemTrim, TrimProfile } from '../document/limits';
import { patchOf } from '../document/patch';
import type { ItemRecord, ItemTrims } from '../document/records';
import { refuse } from '../result';
import type { ItemSide } from '../surfaces/top-edge';
import { carriesTrim } from '../surfaces/trims-along-items';
import { findFreeItems, guarded, type Command } from './command';

/** The trim along sides of items: its profile, none left out; null goes back to what the room says. */
export type TrimChange = {
  [U in ItemTrim]: { use: U; at: readonly [ItemSide, ...ItemSide[]]; profile: TrimProfile<U> | null };
}[ItemTrim];

/** Sets the cornice over some sides of items, or the light rail under them. */
export const setTrim: Command<TrimChange> = {
  id: 'set-trim',
  run(design, change) {
    const found = findFreeItems(design, [...new Set(change.at.map(({ item }) => item))]);
    if (!found.ok) return found;
    for (const { kind, low, record } of found.value)
      if (change.profile !== null && !carriesTrim(change.use, kind, low))
        return refuse('no-trim', { item: record.code, use: change.use });
    return guarded(
      design,
      patchOf(
        design,
        found.value.map(({ record }) => withTrim(record, change)),
      ),
    );
  },
};

function withTrim({ trims: before, ...item }: ItemRecord, { use, at, profile }: TrimChange): ItemRecord {
  const sides: Partial<Record<ItemSide['side'], TrimProfile>> = { ...before?.[use] };
  for (const { item: id, side } of at) {
    if (id !== item.id) continue;
    if (profile === null) delete sides[side];
    else sides[side] = profile;
  }
  const { [use]: _, ...others } = before ?? {};
  const trims: ItemTrims = { ...others, ...(Object.keys(sides).length > 0 && { [use]: sides }) };
  return Object.keys(trims).length > 0 ? { ...item, trims } : item;
}
