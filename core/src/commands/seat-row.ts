import { named } from '../nouns';
import { MOST_OVERHANG, type SeatSide } from '../document/limits';
import { within } from '../document/within';
import { place } from '../geometry/point';
import { findItem, rangesOf } from '../ranges/shelf';
import { refuse } from '../result';
import { nextNumber } from '../setting/item-numbers';
import { rowSide, withTrim } from '../setting/row-side';
import { standing } from '../setting/shift-item';
import { findFreeItems, guardedItems, type Command } from './command';
import { withOverhangs } from './edit-items';
import { itemOf } from './set-item';

/**
 * Sets stools or chairs along one side of some cabinets, seen from the front of the first: equally spaced, each in the middle of its share, half
 * under the top, which stands out by `overhang`, mm, over their knees.
 */
export const seatRow: Command<{
  ids: readonly string[];
  side: SeatSide;
  range: string;
  code: string;
  seats: readonly string[];
  overhang: number;
}> = {
  id: 'seat-row',
  run(design, { ids, side, range, code, seats, overhang }) {
    const found = findFreeItems(design, ids);
    if (!found.ok) return found;
    if (seats.length === 0) return refuse('items-too-few', { least: 1 });
    const deep = within('overhang', overhang, 0, MOST_OVERHANG);
    if (!deep.ok) return deep;
    const alone = rowSide(found.value, side);
    if (!alone.ok) return alone;
    // The top runs over the panels at the ends as well.
    const whole = rowSide(withTrim(design, found.value), side);
    const { from, along, length, out, bearing } = whole.ok ? whole.value : alone.value;
    const item = findItem(range, code, rangesOf(design));
    if (!item.ok) return item;
    const { width, depth } = item.value;
    const share = length / seats.length;
    if (width > share)
      return refuse('does-not-fit', { item: named(code), into: 'share-of-row', width, free: share });
    // A seat faces the row.
    const turn = Math.atan2(along.y, along.x);
    const number = nextNumber(design);
    const items = seats.map((id, index) => {
      const corner = place(from, along, share * (index + 0.5) - width / 2, out, overhang / 2 + depth);
      return itemOf(id, item.value, standing(corner, turn), number + index);
    });
    const carriers = bearing
      .filter(({ box }) => box.kind.top === 'under' && !box.record.locked)
      .map((one) => withOverhangs(one.box.record, { [one.side]: overhang }));
    return guardedItems(design, [...carriers, ...items]);
  },
};
