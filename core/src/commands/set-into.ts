import { named } from '../nouns';
import { roomOf } from '../document/design';
import { findItem, rangesOf } from '../ranges/shelf';
import { refuse } from '../result';
import { boxOf } from '../setting/item-box';
import { nextNumber } from '../setting/item-numbers';
import { placedAlong } from '../setting/placed-along';
import { shifted } from '../setting/shift-item';
import { roomShape } from '../survey/room-shape';
import { quantise } from '../units/units';
import { findItemRecord, guardedItems, type Command } from './command';
import { itemOf } from './set-item';

/** What is let into a top keeps at least this from its back, mm. */
const LEAST_BACK = 50;

/** Lets sinks, basins or a hob into a cabinet: one in its middle, several equally spaced, their rims level with the top. */
export const setInto: Command<{ host: string; range: string; code: string; ids: readonly string[] }> = {
  id: 'set-into',
  run(design, { host, range, code, ids }) {
    const into = findItemRecord(design, host);
    if (!into.ok) return into;
    if (ids.length === 0) return refuse('items-too-few', { least: 1 });
    const item = findItem(range, code, rangesOf(design));
    if (!item.ok) return item;
    const box = boxOf(into.value, roomShape(design));
    const part = into.value.width / ids.length;
    const { width, depth, height } = item.value;
    if (width > part)
      return refuse('does-not-fit', { item: named(code), into: named(into.value.code), width, free: part });
    const back = Math.max(LEAST_BACK, (into.value.depth - depth) / 2);
    if (back + depth > into.value.depth + roomOf(design).frontOverhang)
      return refuse('does-not-fit', {
        item: named(code),
        into: named(into.value.code),
        width: depth + LEAST_BACK,
        free: into.value.depth,
      });
    const rim = box.high + roomOf(design).topThickness;
    const first = nextNumber(design);
    const set = ids.map((id, index) => {
      const along = part * (index + 0.5) - width / 2;
      const place = boxOf(placedAlong(box, along, width), roomShape(design));
      const { placement } = shifted(place, 0, back);
      return { ...itemOf(id, item.value, placement, first + index), up: quantise(rim - height) };
    });
    return guardedItems(design, set);
  },
};
