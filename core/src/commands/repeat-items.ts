import { MOST_FACE } from '../document/limits';
import type { ItemRecord } from '../document/records';
import { firstRefusal, within } from '../document/within';
import { scale } from '../geometry/point';
import { refuse } from '../result';
import { blockOf, type Block } from '../setting/block';
import { boxOf, type ItemBox } from '../setting/item-box';
import { nextNumber } from '../setting/item-numbers';
import { shiftedBy } from '../setting/shift-item';
import type { PlanSide } from '../setting/ties';
import { spanOf } from '../survey/placed-face';
import { roomShape } from '../survey/room-shape';
import { findItemRecord, guardedItems, type Command } from './command';
import { copyOf } from './set-block';

/** The most copies made at once. */
export const MOST_COPIES = 50;

/** Repeats items as one, so many times, a gap apart, mm, to one side seen from the front of the first. Ids for every copy are given. */
export const repeatItems: Command<{
  ids: readonly string[];
  times: number;
  side: PlanSide;
  gap: number;
  copies: readonly string[];
}> = {
  id: 'repeat-items',
  run(design, { ids, times, side, gap, copies }) {
    const wrong = firstRefusal(within('gap', gap, -MOST_FACE, MOST_FACE));
    if (wrong) return wrong;
    if (!Number.isInteger(times) || times < 1 || times > MOST_COPIES)
      return refuse('number-range', {
        what: 'copies',
        value: times,
        least: 1,
        most: MOST_COPIES,
      });
    const records: ItemRecord[] = [];
    for (const id of ids) {
      const found = findItemRecord(design, id);
      if (!found.ok) return found;
      records.push(found.value);
    }
    const [first, ...others] = records.map((record) => boxOf(record, roomShape(design)));
    if (!first) return refuse('items-too-few', { least: 1 });
    const block = blockOf([first, ...others]);
    const sideways = side === 'left' || side === 'right';
    const step = stepOf(block, first, sideways, gap);
    const axis = scale(sideways ? first.u : first.n, side === 'left' || side === 'behind' ? -1 : 1);
    const number = nextNumber(design);
    const made = Array.from({ length: times }, (_, time) => {
      const own = copies.slice(time * records.length, (time + 1) * records.length);
      return [first, ...others].map((box, index) =>
        copyOf(
          shiftedBy(box, scale(axis, step * (time + 1))),
          own,
          index,
          number + time * records.length + index,
        ),
      );
    });
    return guardedItems(design, made.flat());
  },
};

/** From one copy to the next, mm. Along a bent face items take more of it than their width, so that the gap is there where they come nearest. */
function stepOf({ width, depth }: Block, { against }: ItemBox, sideways: boolean, gap: number): number {
  if (!sideways) return depth + gap;
  const span = against ? spanOf(against.face, width, depth, gap) : Infinity;
  return Number.isFinite(span) ? span : width + gap;
}
