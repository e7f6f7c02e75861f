import { noun } from '../nouns';
import { saidEndPanel } from '../ranges/construction';
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

/** Finishes the side of a cabinet with an end panel of its range, as high and deep as it and as thick as it is built with; there must be room beside it. */
export const setEndPanel: Command<{ id: string; side: Side; panel: string }> = {
  id: 'set-end-panel',
  run(design, { id, side, panel }) {
    const found = findItemRecord(design, id);
    if (!found.ok) return found;
    const { range, height, depth, leg, up, width } = found.value;
    const known = rangesOf(design);
    const own = shelfOf(range, known).filter(({ type }) => type === 'end-panel');
    const made = own.find((one) => Math.abs(one.height - height) < 1) ?? own[0];
    if (!made) return refuse('code-unknown', { range, code: 'end-panel' });
    const thick = saidEndPanel(found.value, known) ?? made.width;
    const box = boxOf(found.value, roomShape(design));
    const free = tieOn(design, box, side)?.distance ?? Infinity;
    if (free < thick - 0.5)
      return refuse('does-not-fit', {
        item: 'an-end-panel',
        into: noun(`${side}-of`, found.value.code),
        width: thick,
        free,
      });
    const sizes = { width: thick, depth: leg ?? depth, height, up };
    const { placement } = placedAlong(box, side === 'left' ? -thick : width, thick);
    return guardedItems(design, [itemOf(panel, { ...made, ...sizes }, placement, nextNumber(design))]);
  },
};
