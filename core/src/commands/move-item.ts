import { patchOf } from '../document/patch';
import type { Placement } from '../document/records';
import { findItemRecord, guarded, type Command } from './command';

/** Moves an item to another place. */
export const moveItem: Command<{ id: string; placement: Placement }> = {
  id: 'move-item',
  label: () => 'Move',
  run(design, { id, placement }) {
    const found = findItemRecord(design, id);
    return found.ok ? guarded(design, patchOf(design, [{ ...found.value, placement }])) : found;
  },
};
