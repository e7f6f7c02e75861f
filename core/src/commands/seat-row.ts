import { findItem, rangesOf } from '../ranges/shelf';
import { refuse } from '../result';
import { place } from '../geometry/point';
import { nextNumber } from '../setting/item-numbers';
import { standing } from '../setting/shift-item';
import { findFreeItems, guardedItems, type Command } from './command';
import { rowOf } from './set-backs';
import { itemOf } from './set-item';

/** Sets stools or chairs at the back of a row of cabinets, equally spaced, each in the middle of its share, so far off the back, mm. */
export const seatRow: Command<{
  ids: readonly string[];
  range: string;
  code: string;
  seats: readonly string[];
  off: number;
}> = {
  id: 'seat-row',
  label: ({ seats }) => `Set ${seats.length} seats`,
  run(design, { ids, range, code, seats, off }) {
    const found = findFreeItems(design, ids);
    if (!found.ok) return found;
    if (seats.length === 0) return refuse('items-too-few', { least: 1 });
    const row = rowOf(found.value);
    if (!row.ok) return row;
    const item = findItem(range, code, rangesOf(design));
    if (!item.ok) return item;
    const { first, length } = row.value;
    const { width } = item.value;
    const share = length / seats.length;
    if (width > share)
      return refuse('does-not-fit', { item: code, into: 'its share of the row', width, free: share });
    const number = nextNumber(design);
    const items = seats.map((id, index) => {
      // A seat faces the row: its front towards the row's back.
      const along = share * (index + 0.5) - width / 2;
      const corner = place(first.origin, first.u, along, first.n, -off - item.value.depth);
      return itemOf(id, item.value, standing(corner, first.turn), number + index);
    });
    return guardedItems(design, items);
  },
};
