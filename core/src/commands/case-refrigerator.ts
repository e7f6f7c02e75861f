import { kindOf } from '../ranges/kinds';
import { rangesOf, shelfOf } from '../ranges/shelf';
import { roomOf } from '../document/design';
import { refuse } from '../result';
import { boxOf } from '../setting/item-box';
import { nextNumber } from '../setting/item-numbers';
import { placedAlong } from '../setting/placed-along';
import { tieOn } from '../setting/ties';
import { roomShape } from '../survey/room-shape';
import { isInchUnit, MM_PER_INCH, quantise } from '../units/units';
import { findFreeItem, guardedItems, type Command } from './command';
import { itemOf } from './set-item';

/**
 * Cases a refrigerator in: a return panel of the room's range on both sides, with air between, and a cabinet bridging it where one
 * goes in under the panels' top. The refrigerator stays where it is.
 */
export const caseRefrigerator: Command<{ id: string; ids: readonly [string, string, string] }> = {
  id: 'case-refrigerator',
  label: () => 'Case the refrigerator in',
  run(design, { id, ids }) {
    const found = findFreeItem(design, id);
    if (!found.ok) return found;
    const { range, unit, ceilingHeight } = roomOf(design);
    const air = isInchUnit(unit) ? 0.5 * MM_PER_INCH : 15;
    const shelf = shelfOf(range, rangesOf(design));
    const box = boxOf(found.value, roomShape(design));
    const panels = shelf
      .filter(({ type, height }) => type === 'fridge-panel' && height > box.high && height <= ceilingHeight)
      .sort((a, b) => b.height - a.height || a.width - b.width);
    const [panel] = panels;
    if (!panel) return refuse('no-room-on-face', { item: 'return panels', width: box.high });
    for (const side of ['left', 'right'] as const) {
      const free = tieOn(design, box, side)?.distance ?? Infinity;
      if (free < air + panel.width - 0.5)
        return refuse('does-not-fit', {
          item: 'A return panel',
          into: `the ${side} of ${found.value.code}`,
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
    const between = found.value.width + 2 * air;
    const bridge = shelf
      .filter(
        ({ type, width, height }) =>
          type === 'wall-over' && width <= between && height <= panel.height - box.high - air,
      )
      .sort((a, b) => b.width - a.width || b.height - a.height)[0];
    if (bridge && between <= kindOf(bridge.type).trim!.most) {
      const depth = bridge.depths.at(-1)!;
      const sizes = { width: quantise(between), depth, up: quantise(panel.height - bridge.height) };
      items.push(itemOf(ids[2], { ...bridge, ...sizes }, at(-air, between), number + 2));
    }
    return guardedItems(design, items);
  },
};
