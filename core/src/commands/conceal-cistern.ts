import { roomOf, type Design } from '../document/design';
import type { FixedRecord } from '../document/records';
import { firstRefusal, within } from '../document/within';
import { refuse } from '../result';
import { boxOf } from '../setting/item-box';
import { shifted } from '../setting/shift-item';
import { roomShape } from '../survey/room-shape';
import { isInchUnit, MM_PER_INCH, quantise } from '../units/units';
import { findFreeItem, guardedItems, type Command } from './command';

/** The lining that hides a cistern: how wide it is about the middle of the toilet, how deep and how high, mm. */
export interface Lining {
  width: number;
  depth: number;
  height: number;
}

/** As frames are made: 600 wide, 165 deep and 1150 high; 24, 6 1/2 and 45 in. */
export function usualLining(design: Design): Lining {
  const inches = isInchUnit(roomOf(design).unit);
  return inches
    ? { width: 24 * MM_PER_INCH, depth: 6.5 * MM_PER_INCH, height: 45 * MM_PER_INCH }
    : { width: 600, depth: 165, height: 1150 };
}

/** Lines the wall behind a toilet or bidet that hangs, to hide its cistern and frame, and moves it out by as much. */
export const concealCistern: Command<{ id: string; fixed: string } & Lining> = {
  id: 'conceal-cistern',
  run(design, { id, fixed, width, depth, height }) {
    const found = findFreeItem(design, id);
    if (!found.ok) return found;
    const wrong = firstRefusal(
      within('width', width, 300, 6_000),
      within('depth', depth, 80, 400),
      within('height', height, 300, 3_000),
    );
    if (wrong) return wrong;
    const box = boxOf(found.value, roomShape(design));
    if (!box.against) return refuse('items-apart', { act: 'conceal' });
    const { face, along } = box.against;
    const left = Math.min(
      Math.max(0, along + found.value.width / 2 - width / 2),
      Math.max(0, face.length - width),
    );
    const lining: FixedRecord = {
      kind: 'fixed',
      id: fixed,
      type: 'chase',
      width: quantise(Math.min(width, face.length)),
      depth: quantise(depth),
      height: quantise(height),
      up: 0,
      placement: { on: 'face', face: face.id, from: 'left', distance: quantise(left), off: 0 },
    };
    const off = found.value.placement.on === 'face' ? found.value.placement.off : 0;
    return guardedItems(design, [shifted(box, 0, depth - off)], [lining]);
  },
};
