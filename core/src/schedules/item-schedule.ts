import { madeToOrder } from '../wording/drawing-words';
import { kindName } from '../wording/kind-names';
import { styleOf, type Design } from '../document/design';
import type { ItemRecord } from '../document/records';
import type { Range } from '../ranges/range';
import { rangeName, rangesOf } from '../ranges/shelf';
import { kindOf } from '../ranges/kinds';
import { specialSizes } from '../ranges/specials';
import { itemBoxes } from '../setting/item-box';
import { itemNumbers } from '../setting/item-numbers';
import { formatLength } from '../units/format-length';

/** One line of the item schedule; sizes printed in the room's units. */
export interface ScheduleRow {
  /** The item's record. */
  id: string;
  number: number;
  code: string;
  name: string;
  width: string;
  depth: string;
  height: string;
  note: string;
  /** Whether it is made to order in some size. */
  special: boolean;
}

/** The items of the room in the order of their numbers on the drawing. */
export function itemSchedule(design: Design): ScheduleRow[] {
  const numbers = itemNumbers(design);
  const style = styleOf(design);
  const known = rangesOf(design);
  return itemBoxes(design)
    .map(({ id, record, kind }) => ({
      id,
      number: numbers.get(id)!,
      code: record.code,
      name: record.name ?? kindName(record.type),
      width: formatLength(record.width, style),
      depth: kind.flat ? '–' : formatLength(record.depth, style),
      height: formatLength(record.height, style),
      note: noteOf(record, known),
      special: specialSizes(record, known).length > 0,
    }))
    .sort((a, b) => a.number - b.number);
}

function noteOf(record: ItemRecord, known: readonly Range[]): string {
  return [rangeName(record.range, known), specialText(record, known), record.finish]
    .filter(Boolean)
    .join(', ');
}

/** What of an item is made to order, in words; empty where its range makes it so. Panels, fillers and trim are cut on site or in the shop, as they all are. */
export function specialText(record: ItemRecord, known: readonly Range[]): string {
  const special = specialSizes(record, known);
  if (special.length === 0) return '';
  return kindOf(record.type).flat
    ? madeToOrder.cut
    : madeToOrder.special(special.map((size) => madeToOrder.sizes[size]));
}
