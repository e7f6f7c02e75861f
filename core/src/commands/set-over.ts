import { recordOf } from '../document/design';
import { applyPatch } from '../document/patch';
import { findOpening } from '../survey/openings';
import { findFreeItem, guardedItems, type Command } from './command';
import { centreItems } from './centre-items';

/** Hangs an item over an opening: a shelf, a valance or a bridging cabinet, in its middle, its underside on the casing's head. */
export const setOver: Command<{ id: string; opening: string }> = {
  id: 'set-over',
  run(design, { id, opening }) {
    const found = findFreeItem(design, id);
    if (!found.ok) return found;
    const centred = centreItems.run(design, { ids: [id], on: { opening } });
    if (!centred.ok) return centred;
    const after = applyPatch(design, centred.value);
    if (!after.ok) return after;
    const { record } = findOpening(design, opening)!;
    const item = recordOf(after.value, 'item', id)!;
    return guardedItems(design, [{ ...item, up: record.sill + record.height + record.casing }]);
  },
};
