import { place } from '../geometry/point';
import { rangesOf, shelfOf } from '../ranges/shelf';
import { refuse } from '../result';
import { nextNumber } from '../setting/item-numbers';
import { rowSide, type RowSide } from '../setting/row-side';
import { standing } from '../setting/shift-item';
import { quantise } from '../units/units';
import { findFreeItems, guardedItems, type Command } from './command';
import { itemOf } from './set-item';

/** Finishes the back of a row of cabinets with panels of equal width, which may be looked at like doors. */
export const setBacks: Command<{ ids: readonly string[]; panels: readonly string[] }> = {
  id: 'set-backs',
  run(design, { ids, panels }) {
    const found = findFreeItems(design, ids);
    if (!found.ok) return found;
    if (panels.length === 0) return refuse('items-too-few', { least: 1 });
    const row = rowSide(found.value, 'behind');
    if (!row.ok) return row;
    const { from, along, out, length, bearing } = row.value;
    const [{ box: first }] = bearing as [RowSide['bearing'][number]];
    const made = shelfOf(first.record.range, rangesOf(design)).find(({ type }) => type === 'back-panel');
    if (!made) return refuse('code-unknown', { range: first.record.range, code: 'back-panel' });
    const width = quantise(length / panels.length);
    const { turn, record } = first;
    const number = nextNumber(design);
    const items = panels.map((id, index) => {
      const corner = place(from, along, (length / panels.length) * index, out, made.depth);
      const sizes = { width, height: record.height, up: record.up };
      return itemOf(id, { ...made, ...sizes }, standing(corner, turn), number + index);
    });
    return guardedItems(design, items);
  },
};
