import { styleOf, type Design } from '../document/design';
import { isStandardWidth, rangeName } from '../ranges/shelf';
import { itemBoxes, itemNumbers } from '../setting/item-box';
import { formatLength } from '../units/format-length';

/** One line of the item schedule; sizes printed in the room's units. */
export interface ScheduleRow {
  number: number;
  code: string;
  name: string;
  width: string;
  depth: string;
  height: string;
  note: string;
}

/** The items of the room in the order of their numbers on the drawing. */
export function itemSchedule(design: Design): ScheduleRow[] {
  const numbers = itemNumbers(design);
  const style = styleOf(design);
  return itemBoxes(design)
    .map(({ id, record, kind }) => ({
      number: numbers.get(id)!,
      code: record.code,
      name: kind.name,
      width: formatLength(record.width, style),
      depth: kind.flat ? '–' : formatLength(record.depth, style),
      height: formatLength(record.height, style),
      note: noteOf(record.range, record.type, record.width),
    }))
    .sort((a, b) => a.number - b.number);
}

function noteOf(range: string, type: string, width: number): string {
  const special = isStandardWidth(range, type, width)
    ? ''
    : type === 'filler'
      ? 'cut to fit'
      : 'special width';
  return [rangeName(range), special].filter(Boolean).join(', ');
}
