import { rangesOf, shelfOf } from '../ranges/shelf';
import { ok, refuse, type Result } from '../result';
import { dot, place, subtract } from '../geometry/point';
import { AGAINST, PARALLEL } from '../geometry/tolerance';
import type { ItemBox } from '../setting/item-box';
import { nextNumber } from '../setting/item-numbers';
import { standing } from '../setting/shift-item';
import { parallel } from '../setting/strip';
import { quantise } from '../units/units';
import { findFreeItems, guardedItems, type Command } from './command';
import { itemOf } from './set-item';

/** Finishes the back of a row of cabinets with panels of equal width, which may be looked at like doors. */
export const setBacks: Command<{ ids: readonly string[]; panels: readonly string[] }> = {
  id: 'set-backs',
  label: ({ panels }) => (panels.length === 1 ? 'Finish the back' : `Finish the back in ${panels.length}`),
  run(design, { ids, panels }) {
    const found = findFreeItems(design, ids);
    if (!found.ok) return found;
    if (panels.length === 0) return refuse('items-too-few', { least: 1 });
    const row = rowOf(found.value);
    if (!row.ok) return row;
    const { first, length } = row.value;
    const made = shelfOf(first.record.range, rangesOf(design)).find(({ type }) => type === 'back-panel');
    if (!made) return refuse('code-unknown', { range: first.record.range, code: 'back panel' });
    const width = quantise(length / panels.length);
    const { origin, u, n, turn, record } = first;
    const number = nextNumber(design);
    const items = panels.map((id, index) => {
      const corner = place(origin, u, (length / panels.length) * index, n, -made.depth);
      const sizes = { width, height: record.height, up: record.up };
      return itemOf(id, { ...made, ...sizes }, standing(corner, turn), number + index);
    });
    return guardedItems(design, items);
  },
};

/** Items that stand side by side in one line, facing one way: the leftmost, and how long they are together. */
export function rowOf(boxes: readonly [ItemBox, ...ItemBox[]]): Result<{ first: ItemBox; length: number }> {
  const [seed] = boxes;
  const along = (box: ItemBox) => dot(subtract(box.origin, seed.origin), seed.u);
  const inLine = boxes.every(
    (box) =>
      parallel(box.u, seed.u, PARALLEL) &&
      dot(box.u, seed.u) > 0 &&
      Math.abs(dot(subtract(box.origin, seed.origin), seed.n)) <= AGAINST,
  );
  const sorted = [...boxes].sort((a, b) => along(a) - along(b));
  const apart = sorted.some((box, index) => {
    const next = sorted[index + 1];
    return next && Math.abs(along(next) - along(box) - box.record.width) > AGAINST;
  });
  if (!inLine || apart) return refuse('items-apart', { what: 'A back or seats go to a row of' });
  const last = sorted.at(-1)!;
  return ok({ first: sorted[0]!, length: along(last) + last.record.width - along(sorted[0]!) });
}
