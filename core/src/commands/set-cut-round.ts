import { patchOf } from '../document/patch';
import { findFreeItems, guarded, type Command } from './command';

/** Has items cut round what is built in where they stand, or not. */
export const setCutRound: Command<{ ids: readonly string[]; cutRound: boolean }> = {
  id: 'set-cut-round',
  run(design, { ids, cutRound }) {
    const found = findFreeItems(design, ids);
    if (!found.ok) return found;
    const items = found.value.map(({ record: { cutRound: _, ...item } }) =>
      cutRound ? { ...item, cutRound } : item,
    );
    return guarded(design, patchOf(design, items));
  },
};
