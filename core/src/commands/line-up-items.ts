import { recordOf } from '../document/design';
import type { ItemRecord } from '../document/records';
import { dot, scale, subtract, type Point } from '../geometry/point';
import { refuse } from '../result';
import { boxOf, type ItemBox } from '../setting/item-box';
import { shiftedBy } from '../setting/shift-item';
import { quantise } from '../units/units';
import { roomShape } from '../survey/room-shape';
import { findFreeItems, guardedItems, type Command } from './command';

/** What is lined up: an edge or the middle, across and out seen from the front of the first, or in height. */
export const lineUps = [
  'left',
  'centre',
  'right',
  'back',
  'middle',
  'front',
  'bottom',
  'halfway',
  'top',
] as const;
export type LineUp = (typeof lineUps)[number];

/** Moves items so that an edge or the middle of each is in line with that of another, which stays. */
export const lineUpItems: Command<{ ids: readonly string[]; to: string; edge: LineUp }> = {
  id: 'line-up-items',
  run(design, { ids, to, edge }) {
    const record = recordOf(design, 'item', to);
    if (!record) return refuse('record-missing', { id: to, what: 'item' });
    const found = findFreeItems(
      design,
      ids.filter((id) => id !== to),
    );
    if (!found.ok) return found;
    const fixed = boxOf(record, roomShape(design));
    return guardedItems(
      design,
      found.value.map((box) => linedUp(box, fixed, edge)),
    );
  },
};

function linedUp(box: ItemBox, to: ItemBox, edge: LineUp): ItemRecord {
  const heights: Partial<Record<LineUp, number>> = {
    bottom: to.low - box.low,
    halfway: (to.low + to.high - box.low - box.high) / 2,
    top: to.high - box.high,
  };
  const rise = heights[edge];
  if (rise !== undefined) return { ...box.record, up: Math.max(0, quantise(box.record.up + rise)) };
  const across = edge === 'left' || edge === 'centre' || edge === 'right';
  const axis = across ? to.u : to.n;
  const [own, other] = [extentOn(box, to, axis), extentOn(to, to, axis)];
  const share = edge === 'left' || edge === 'back' ? 0 : edge === 'right' || edge === 'front' ? 1 : 0.5;
  const at = ([low, high]: [number, number]) => low + (high - low) * share;
  return shiftedBy(box, scale(axis, at(other) - at(own)));
}

/** How far an item reaches along an axis of another, mm from that one's origin. */
function extentOn({ rectangle }: ItemBox, { origin }: ItemBox, axis: Point): [number, number] {
  const along = rectangle.map((corner) => dot(subtract(corner, origin), axis));
  return [Math.min(...along), Math.max(...along)];
}
