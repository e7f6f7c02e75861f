import { patchOf } from '../document/patch';
import type { ItemRecord } from '../document/records';
import { findItemRecord, guarded, type Command } from './command';

/** Locks items where they are, or unlocks them. */
export const lockItems: Command<{ ids: readonly string[]; locked: boolean }> = {
  id: 'lock-items',
  run(design, { ids, locked }) {
    const changed: ItemRecord[] = [];
    for (const id of ids) {
      const found = findItemRecord(design, id);
      if (!found.ok) return found;
      const after = { ...found.value };
      if (locked) after.locked = true;
      else delete after.locked;
      changed.push(after);
    }
    return guarded(design, patchOf(design, changed));
  },
};
