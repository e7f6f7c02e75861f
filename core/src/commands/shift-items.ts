import type { Point } from '../geometry/point';
import { shiftedBy } from '../setting/shift-item';
import { findFreeItems, guardedItems, type Command } from './command';

/** Moves items by a vector in plan and up, mm; what stands against a face stays placed from the same end of it. */
export const shiftItems: Command<{ ids: readonly string[]; by: Point; up?: number }> = {
  id: 'shift-items',
  run(design, { ids, by, up = 0 }) {
    const found = findFreeItems(design, ids);
    if (!found.ok) return found;
    return guardedItems(
      design,
      found.value.map((box) => ({ ...shiftedBy(box, by), up: box.record.up + up })),
    );
  },
};
