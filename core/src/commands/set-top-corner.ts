import { MOST_TOP_CORNER, topCornerKeys } from '../document/limits';
import { patchOf } from '../document/patch';
import type { ItemRecord, TopCorner, TopCorners } from '../document/records';
import { within } from '../document/within';
import type { CornerShape } from '../surfaces/outline/treated';
import type { ItemCorner } from '../surfaces/top-edge';
import { quantise } from '../units/units';
import { findFreeItems, guarded, type Command } from './command';

/** Makes a corner of a top round, cuts it off, or makes it sharp again (null). It is told by the first of the items that lie at it, and by none of the others. */
export const setTopCorner: Command<{
  at: readonly [ItemCorner, ...ItemCorner[]];
  shape: CornerShape | null;
}> = {
  id: 'set-top-corner',
  run(design, { at, shape }) {
    const ids = [...new Set(at.map(({ item }) => item))];
    const found = findFreeItems(design, ids);
    if (!found.ok) return found;
    const size = shape && ('radius' in shape ? shape.radius : shape.chamfer);
    const sound = within('top-corner', size ?? 1, 1, MOST_TOP_CORNER);
    if (!sound.ok) return sound;
    const made: TopCorner | null =
      shape &&
      ('radius' in shape ? { radius: quantise(shape.radius) } : { chamfer: quantise(shape.chamfer) });
    const changed = found.value.map(({ record }) =>
      withCorners(
        record,
        at.map((one, index) => ({ ...one, shape: index === 0 ? made : null })),
      ),
    );
    return guarded(design, patchOf(design, changed));
  },
};

function withCorners(
  { topCorners: before, ...item }: ItemRecord,
  told: readonly (ItemCorner & { shape: TopCorner | null })[],
): ItemRecord {
  const topCorners: TopCorners = {};
  for (const key of topCornerKeys) {
    const change = told.find(({ item: id, corner }) => id === item.id && corner === key);
    const own = change ? change.shape : before?.[key];
    if (own) topCorners[key] = own;
  }
  return Object.keys(topCorners).length > 0 ? { ...item, topCorners } : item;
}
