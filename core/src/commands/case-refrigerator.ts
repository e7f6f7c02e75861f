import { noun } from '../nouns';
import { kindOf } from '../ranges/kinds';
import { rangesOf, shelfOf } from '../ranges/shelf';
import { roomOf, type Design } from '../document/design';
import type { ShelfItem } from '../ranges/range';
import { ok, refuse, type Result } from '../result';
import { boxOf, type ItemBox } from '../setting/item-box';
import { nextNumber } from '../setting/item-numbers';
import { placedAlong } from '../setting/placed-along';
import { tieOn } from '../setting/ties';
import { roomShape } from '../survey/room-shape';
import { isInchUnit, MM_PER_INCH, quantise } from '../units/units';
import { findFreeItem, guardedItems, type Command } from './command';
import { itemOf } from './set-item';

/** What cases a refrigerator in: the return panel of the room's range on both sides, the air beside it, mm, and what bridges it under the panels' top, or why nothing does. */
export function casingOf(design: Design, box: ItemBox): Result<RefrigeratorCasing> {
  const { range, unit, ceilingHeight } = roomOf(design);
  const air = isInchUnit(unit) ? 0.5 * MM_PER_INCH : 15;
  const shelf = shelfOf(range, rangesOf(design));
  const [panel] = shelf
    .filter(({ type, height }) => type === 'fridge-panel' && height > box.high && height <= ceilingHeight)
    .sort((a, b) => b.height - a.height || a.width - b.width);
  if (!panel) return refuse('no-room-on-face', { item: 'return-panels', width: box.high });
  const between = quantise(box.record.width + 2 * air);
  const over = quantise(panel.height - box.high - air);
  const bridges = shelf.filter(({ type }) => type === 'wall-over');
  const [bridge] = bridges
    .filter(
      ({ type, width, height }) => width <= between && between <= kindOf(type).trim!.most && height <= over,
    )
    .sort((a, b) => b.width - a.width || b.height - a.height);
  const lowest = bridges.length > 0 ? Math.min(...bridges.map(({ height }) => height)) : null;
  return ok({
    panel,
    air,
    between,
    bridge: bridge ? ok(bridge) : refuse('no-bridge', { item: box.record.code, over, between, lowest }),
  });
}

export interface RefrigeratorCasing {
  panel: ShelfItem;
  air: number;
  between: number;
  bridge: Result<ShelfItem>;
}

/**
 * Cases a refrigerator in: a return panel on both sides, with air between, and a cabinet bridging it where one goes in under the
 * panels' top. The refrigerator stays where it is.
 */
export const caseRefrigerator: Command<{ id: string; ids: readonly [string, string, string] }> = {
  id: 'case-refrigerator',
  run(design, { id, ids }) {
    const found = findFreeItem(design, id);
    if (!found.ok) return found;
    const box = boxOf(found.value, roomShape(design));
    const casing = casingOf(design, box);
    if (!casing.ok) return casing;
    const { panel, air, between, bridge } = casing.value;
    for (const side of ['left', 'right'] as const) {
      const free = tieOn(design, box, side)?.distance ?? Infinity;
      if (free < air + panel.width - 0.5)
        return refuse('does-not-fit', {
          item: 'a-return-panel',
          into: noun(`${side}-of`, found.value.code),
          width: air + panel.width,
          free,
        });
    }
    const number = nextNumber(design);
    const deep = { ...panel, depth: panel.depths.find((one) => one >= found.value.depth) ?? panel.depth };
    const at = (along: number, width: number) => placedAlong(box, along, width).placement;
    const items = [
      itemOf(ids[0], deep, at(-air - panel.width, panel.width), number),
      itemOf(ids[1], deep, at(found.value.width + air, panel.width), number + 1),
    ];
    if (bridge.ok) {
      const { height, depths } = bridge.value;
      const sizes = { width: between, depth: depths.at(-1)!, up: quantise(panel.height - height) };
      items.push(itemOf(ids[2], { ...bridge.value, ...sizes }, at(-air, between), number + 2));
    }
    return guardedItems(design, items);
  },
};
