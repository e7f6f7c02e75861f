import { recordOf } from '../document/design';
import { applyPatch, patchOf, squash } from '../document/patch';
import type { ItemRecord } from '../document/records';
import type { Range } from '../ranges/range';
import { ok } from '../result';
import { setBeforeLining } from '../setting/linings';
import { nextNumber } from '../setting/item-numbers';
import { findFreeItem, guardedItems, type Command } from './command';

/** Takes items away and sets others in their place, as a proposal says; they are numbered on; what only stands elsewhere keeps its number. A range of the studio's own comes with them. */
export const replaceItems: Command<{
  removed: readonly string[];
  items: readonly ItemRecord[];
  of?: Range;
}> = {
  id: 'replace-items',
  run(design, { removed, items, of }) {
    for (const id of removed) {
      const free = findFreeItem(design, id);
      if (!free.ok) return free;
    }
    const removal = patchOf(design, [], removed);
    const cleared = applyPatch(design, removal);
    if (!cleared.ok) return cleared;
    let next = nextNumber(design);
    const numberOf = ({ id }: ItemRecord) => recordOf(design, 'item', id)?.number ?? next++;
    // What is new comes with a place on its face, and stands before what lines that.
    const placed = (item: ItemRecord) =>
      recordOf(design, 'item', item.id) ? item : setBeforeLining(design, item);
    const numbered = items.map((item) => ({ ...placed(item), number: numberOf(item) }));
    const copy = of && !recordOf(design, 'range', of.id) ? [{ ...of, kind: 'range' as const }] : [];
    const set = guardedItems(cleared.value, numbered, copy);
    return set.ok ? ok(squash(removal, set.value)) : set;
  },
};
