import { patchOf } from '../document/patch';
import { findFreeItems, guarded, type Command } from './command';

/** Makes items one group, chosen and moved together; or (null) takes them out of theirs. */
export const groupItems: Command<{ ids: readonly string[]; group: string | null }> = {
  id: 'group-items',
  run(design, { ids, group }) {
    const found = findFreeItems(design, ids, group ? 2 : 1);
    if (!found.ok) return found;
    const changed = found.value.map(({ record }) => {
      const after = { ...record };
      if (group) after.group = group;
      else delete after.group;
      return after;
    });
    return guarded(design, patchOf(design, changed));
  },
};
