import type { ItemRecord } from '../document/records';
import { add, rotate, scale, subtract } from '../geometry/point';
import { middleOf, type ItemBox } from '../setting/item-box';
import { placedAt, standingAround } from '../setting/shift-item';
import { wrapAngle } from '../units/angles';
import { findFreeItems, guardedItems, type Command } from './command';

/** A turn smaller than this is none, radians. */
const NO_TURN = 1e-9;

/**
 * Turns items clockwise in plan by an angle, radians. One is turned about its middle and keeps its placement, so that turning it back
 * gives back what was; several are turned as one, about the middle of all, and stand free.
 */
export const turnItems: Command<{ ids: readonly string[]; by: number }> = {
  id: 'turn-items',
  run(design, { ids, by }) {
    const found = findFreeItems(design, ids);
    if (!found.ok) return found;
    const boxes = found.value;
    const turned = boxes.length === 1 ? [turnedInPlace(boxes[0], -by)] : turnedTogether(boxes, -by);
    return guardedItems(design, turned);
  },
};

function turnedInPlace({ record }: ItemBox, by: number): ItemRecord {
  const turned = wrapAngle((record.turned ?? 0) + by);
  const after = { ...record };
  if (Math.abs(turned) < NO_TURN) delete after.turned;
  else after.turned = turned;
  return after;
}

function turnedTogether(boxes: readonly ItemBox[], by: number): ItemRecord[] {
  const middles = boxes.map(middleOf);
  const pivot = scale(middles.reduce(add), 1 / boxes.length);
  return boxes.map(({ record, turn }, index) => {
    const off = subtract(middles[index]!, pivot);
    const middle = add(pivot, rotate(off, by));
    return placedAt(record, standingAround(middle, turn + by, record));
  });
}
