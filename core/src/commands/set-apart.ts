import { recordOf } from '../document/design';
import { MOST_FACE } from '../document/limits';
import { within } from '../document/within';
import { scale } from '../geometry/point';
import { refuse } from '../result';
import { apartFrom, type Apart } from '../setting/apart';
import { boxOf } from '../setting/item-box';
import { shiftedBy } from '../setting/shift-item';
import { roomShape } from '../survey/room-shape';
import { findFreeItem, guardedItems, type Command } from './command';

/** Moves an item so that it stands so far from a chosen one, mm: beside it, or in front or behind, seen from the chosen one's front. */
export const setApart: Command<{ id: string; from: string; way: Apart['way']; distance: number }> = {
  id: 'set-apart',
  run(design, { id, from, way, distance }) {
    const found = findFreeItem(design, id);
    if (!found.ok) return found;
    const chosen = recordOf(design, 'item', from);
    if (!chosen) return refuse('record-missing', { id: from, what: 'item' });
    const held = within('distance', distance, -MOST_FACE, MOST_FACE);
    if (!held.ok) return held;
    const shape = roomShape(design);
    const [box, other] = [boxOf(found.value, shape), boxOf(chosen, shape)];
    const apart = apartFrom(box, other, way);
    const axis = way === 'beside' ? other.u : other.n;
    const by = scale(axis, apart.sign * (distance - apart.distance));
    return guardedItems(design, [shiftedBy(box, by)]);
  },
};
