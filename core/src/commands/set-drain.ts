import { refuse } from '../result';
import { boxOf } from '../setting/item-box';
import { drainIn, type DrainSide } from '../setting/drain';
import { roomShape } from '../survey/room-shape';
import { findFreeItem, type Command } from './command';
import { setTie } from './set-tie';

/** Moves a fixture so that its drain centre is so far from what stands to its left or right, or from the finished wall behind it (the rough-in), mm. */
export const setDrain: Command<{ id: string; side: DrainSide; distance: number }> = {
  id: 'set-drain',
  run(design, { id, side, distance }) {
    const found = findFreeItem(design, id);
    if (!found.ok) return found;
    const inside = drainIn(design, boxOf(found.value, roomShape(design)))?.[side] ?? null;
    if (inside === null) return refuse('no-drain', { item: found.value.code });
    return setTie.run(design, { id, side, distance: distance - inside });
  },
};
