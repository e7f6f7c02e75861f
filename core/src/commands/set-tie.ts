import { within } from '../document/within';
import { MOST_FACE } from '../document/limits';
import { patchOf } from '../document/patch';
import type { ItemRecord } from '../document/records';
import { place } from '../geometry/point';
import { refuse } from '../result';
import { itemBoxes, type ItemBox } from '../setting/item-box';
import { tieOn, type TieSide } from '../setting/ties';
import { quantise } from '../units/units';
import { findItemRecord, guarded, type Command } from './command';

/** Moves an item so that one of its ties has a typed length, mm. */
export const setTie: Command<{ id: string; side: TieSide; distance: number }> = {
  id: 'set-tie',
  label: () => 'Set a tie',
  run(design, { id, side, distance }) {
    const found = findItemRecord(design, id);
    if (!found.ok) return found;
    const held = within('A tie', distance, -MOST_FACE, MOST_FACE);
    if (!held.ok) return held;
    const box = itemBoxes(design).find((one) => one.id === id)!;
    const tie = tieOn(design, box, side);
    if (!tie) return refuse('tie-unavailable', { side: words[side] });
    return guarded(design, patchOf(design, [moved(box, side, tie.distance - distance)]));
  },
};

const words: Record<TieSide, string> = {
  left: 'to the left',
  right: 'to the right',
  behind: 'behind',
  front: 'in front',
};

/** The item moved towards a side by a distance, mm; on a face it is then placed from the side that was typed. */
function moved(box: ItemBox, side: TieSide, by: number): ItemRecord {
  const { record, against, origin, u, n } = box;
  const sideways = side === 'left' ? -by : side === 'right' ? by : 0;
  const forward = side === 'front' ? by : side === 'behind' ? -by : 0;
  if (record.placement.on === 'floor' || !against) {
    const corner = place(origin, u, sideways, n, forward);
    const turn = box.turn;
    return { ...record, placement: { on: 'floor', x: quantise(corner.x), y: quantise(corner.y), turn } };
  }
  const along = against.along + sideways;
  const from = side === 'left' || side === 'right' ? side : record.placement.from;
  const distance = from === 'left' ? along : against.face.length - along - record.width;
  return {
    ...record,
    placement: {
      ...record.placement,
      from,
      distance: quantise(distance),
      off: quantise(record.placement.off + forward),
    },
  };
}
