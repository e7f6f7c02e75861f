import { MOST_OVERHANG, type OverhangSide } from '../document/limits';
import { patchOf } from '../document/patch';
import { within } from '../document/within';
import { findFreeItems, guarded, type Command } from './command';
import { withOverhangs } from './edit-items';

/** How far a top stands out past one side of some items, mm; null goes back to the room's overhang. */
export const setTopEdge: Command<{ ids: readonly string[]; side: OverhangSide; overhang: number | null }> = {
  id: 'set-top-edge',
  run(design, { ids, side, overhang }) {
    const found = findFreeItems(design, ids);
    if (!found.ok) return found;
    const sound = within('overhang', overhang ?? 0, 0, MOST_OVERHANG);
    if (!sound.ok) return sound;
    const changed = found.value.map(({ record }) => withOverhangs(record, { [side]: overhang }));
    return guarded(design, patchOf(design, changed));
  },
};
