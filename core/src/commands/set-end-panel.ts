import { noun } from '../nouns';
import { rangesOf, shelfOf } from '../ranges/shelf';
import { refuse } from '../result';
import type { Side } from '../document/records';
import { boxOf } from '../setting/item-box';
import { nextNumber } from '../setting/item-numbers';
import { placedAlong } from '../setting/placed-along';
import { tieOn } from '../setting/ties';
import { roomShape } from '../survey/room-shape';
import { findItemRecord, guardedItems, type Command } from './command';
import { itemOf } from './set-item';

/** Finishes the side of a cabinet with an end panel of its range, as high and deep as it; there must be room beside it. */
export const setEndPanel: Command<{ id: string; side: Side; panel: string }> = {
  id: 'set-end-panel',
  run(design, { id, side, panel }) {
    const found = findItemRecord(design, id);
    if (!found.ok) return found;
    const { range, height, depth, leg, up, width } = found.value;
    const own = shelfOf(range, rangesOf(design)).filter(({ type }) => type === 'end-panel');
    const made = own.find((one) => Math.abs(one.height - height) < 1) ?? own[0];
    if (!made) return refuse('code-unknown', { range, code: 'end-panel' });
    const box = boxOf(found.value, roomShape(design));
    const free = tieOn(design, box, side)?.distance ?? Infinity;
    if (free < made.width - 0.5)
      return refuse('does-not-fit', {
        item: 'an-end-panel',
        into: noun(`${side}-of`, found.value.code),
        width: made.width,
        free,
      });
    const sizes = { depth: leg ?? depth, height, up };
    const { placement } = placedAlong(box, side === 'left' ? -made.width : width, made.width);
    return guardedItems(design, [itemOf(panel, { ...made, ...sizes }, placement, nextNumber(design))]);
  },
};
