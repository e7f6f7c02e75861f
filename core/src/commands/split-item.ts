import { roomOf } from '../document/design';
import { kindOf } from '../ranges/kinds';
import { goesInCorner } from '../ranges/handing';
import { rangesOf } from '../ranges/shelf';
import { listedWidths, recoded } from '../ranges/specials';
import { refuse } from '../result';
import { boxOf } from '../setting/item-box';
import { nextNumber } from '../setting/item-numbers';
import { splitTop, withOwnTop } from '../setting/own-top';
import { placedAlong } from '../setting/placed-along';
import { roomShape } from '../survey/room-shape';
import { quantise } from '../units/units';
import { findFreeItem, guardedItems, type Command } from './command';

/** Widths this near are the same, mm. */
const SAME = 1e-6;

/**
 * Splits an item in two of its family side by side, the left one so wide, or both as nearly alike as they are made. The left one stays
 * the item it was; one door each opens away from the other.
 */
export const splitItem: Command<{ id: string; left?: number; right: string }> = {
  id: 'split-item',
  run(design, { id, left, right }) {
    const found = findFreeItem(design, id);
    if (!found.ok) return found;
    const record = found.value;
    const kind = kindOf(record.type);
    const known = rangesOf(design);
    const made = listedWidths(record, known);
    const { trim } = kind;
    const wanted = left ?? record.width / 2;
    if (!trim || goesInCorner(kind) || kind.plan)
      return refuse('not-split', { item: record.code, width: record.width, made: [] });
    const isMade = (width: number) => made.some((one) => Math.abs(one - width) < SAME);
    const special = roomOf(design).specials === true || made.length === 0;
    const listed = made.filter((width) => isMade(record.width - width));
    const nearest = listed.sort((a, b) => Math.abs(a - wanted) - Math.abs(b - wanted) || b - a)[0];
    const width = quantise(special || left !== undefined ? wanted : (nearest ?? wanted));
    const rest = quantise(record.width - width);
    const may = special
      ? [width, rest].every((one) => one >= trim.least && one <= trim.most)
      : isMade(width) && isMade(rest);
    if (!may) return refuse('not-split', { item: record.code, width: record.width, made });
    const box = boxOf(record, roomShape(design));
    const [first, second] = splitTop(record, width);
    const parts = [
      withOwnTop({ ...placedAlong(box, 0, width), hand: 'left' }, first),
      withOwnTop(
        { ...placedAlong(box, width, rest), id: right, hand: 'right', number: nextNumber(design) },
        second,
      ),
    ];
    return guardedItems(
      design,
      parts.map((part) => recoded(part, known)),
    );
  },
};
