import type { ItemRecord, Placement, Side } from '../document/records';
import type { RangeRecord } from '../document/kinds/range';
import { kindOf } from '../ranges/kinds';
import { findItem, rangesOf } from '../ranges/shelf';
import type { Range, ShelfItem } from '../ranges/range';
import { recoded } from '../ranges/specials';
import { refuse } from '../result';
import { nextNumber } from '../setting/item-numbers';
import { quantise } from '../units/units';
import { guardedItems, type Command } from './command';

/** Sets an item from the shelf at a place. */
export const setItem: Command<ItemToSet> = {
  id: 'set-item',
  run(design, { id, range, code, placement, up, hand, width, of }) {
    // A range as it is now takes the place of the copy the room has: what was set before has its own sizes.
    const others = rangesOf(design).filter((one) => one.id !== of?.id);
    const found = findItem(range, code, of ? [...others, of] : others);
    if (!found.ok) return found;
    const { trim, flat } = kindOf(found.value.type);
    if (width !== undefined && !(flat && trim && width >= trim.least && width <= found.value.width))
      return refuse('width-limits', {
        ...{ item: code, width, least: flat && trim ? trim.least : found.value.width },
        most: found.value.width,
      });
    const whole = itemOf(id, found.value, placement, nextNumber(design));
    const item = width === undefined ? whole : recoded({ ...whole, width: quantise(width) }, others);
    if (up !== undefined) item.up = quantise(up);
    if (hand) item.hand = hand;
    const copy: RangeRecord[] = of && found.value.range === of.id ? [{ ...of, kind: 'range' }] : [];
    return guardedItems(design, [item], copy);
  },
};

/** What is set: a code of a range, where, and its height above the floor and hand where they are not the usual ones, and the width it is cut to. A range of the studio's own comes with it, as it is now: the room keeps a copy. */
export interface ItemToSet {
  id: string;
  range: string;
  code: string;
  placement: Placement;
  up?: number;
  hand?: Side;
  width?: number;
  of?: Range;
}

/** The record of a shelf item set at a place. */
export function itemOf(
  id: string,
  { range, code, type, width, depth, height, leg, up, family: { model, outline } }: ShelfItem,
  placement: Placement,
  number?: number,
): ItemRecord {
  const item: ItemRecord = {
    kind: 'item',
    id,
    range,
    code,
    type,
    width,
    depth,
    height,
    up,
    hand: 'left',
    placement,
  };
  if (leg !== undefined) item.leg = leg;
  if (model !== undefined) item.model = model;
  if (outline) item.corners = outline;
  if (number !== undefined) item.number = number;
  return item;
}
