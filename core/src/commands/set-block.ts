import type { RangeRecord } from '../document/kinds/range';
import type { ItemRecord, Placement } from '../document/records';
import type { Range } from '../ranges/range';
import { rangesOf } from '../ranges/shelf';
import type { Block } from '../setting/block';
import { nextNumber } from '../setting/item-numbers';
import { placedAt } from '../setting/shift-item';
import { findPlaces, guardedItems, type Command } from './command';

/** Sets copies of the items of a block at a placement of the block, under new ids; with the studio's ranges they are of. */
export const setBlock: Command<{
  ids: readonly string[];
  block: Block;
  placement: Placement;
  ranges?: readonly Range[];
}> = {
  id: 'set-block',
  run(design, { ids, block, placement, ranges = [] }) {
    const first = nextNumber(design);
    const places = findPlaces(design, block, placement);
    if (!places.ok) return places;
    const copies = block.parts.map(({ record }, index) =>
      placedAt(copyOf(record, ids, index, first + index), places.value[index]!),
    );
    const known = rangesOf(design);
    const added = ranges
      .filter(({ id }) => !known.some((one) => one.id === id) && copies.some(({ range }) => range === id))
      .map((range): RangeRecord => ({ ...range, kind: 'range' }));
    return guardedItems(design, copies, added);
  },
};

/** A copy under its own id and number; unlocked, and of a group of its own. */
export function copyOf(
  record: ItemRecord,
  ids: readonly string[],
  index: number,
  number: number,
): ItemRecord {
  const copy: ItemRecord = { ...record, id: ids[index]!, number };
  delete copy.locked;
  if (copy.group) copy.group = `group-${ids[0]}`;
  return copy;
}
