import { findItem, rangesOf } from '../ranges/shelf';
import { swapsFor } from '../ranges/specials';
import type { ItemRecord } from '../document/records';
import { refuse } from '../result';
import { findFreeItems, guardedItems, type Command } from './command';

/** Swaps items for another family of their range that is made as wide and as high: doors for drawers, a base for a sink base. Each keeps its place, sizes, hand and number. */
export const swapItems: Command<{ ids: readonly string[]; family: string }> = {
  id: 'swap-items',
  run(design, { ids, family }) {
    const found = findFreeItems(design, ids);
    if (!found.ok) return found;
    const known = rangesOf(design);
    const swapped: ItemRecord[] = [];
    for (const { record } of found.value) {
      // What its front shows is the other's then.
      const { rows: _, ...kept } = record;
      const own = findItem(record.range, record.code, known);
      if (own.ok && own.value.family.code === family) continue;
      const other = swapsFor(record, known).find((one) => one.family.code === family);
      if (!other) return refuse('not-swapped', { item: record.code, width: record.width, family });
      swapped.push({ ...kept, range: other.range, code: other.code, type: other.type });
    }
    return guardedItems(design, swapped);
  },
};
