import type { Design } from '../document/design';
import { findItem, isStandardWidth, rangeName } from '../ranges/shelf';
import { itemBoxes, itemNumbers } from '../setting/item-box';
import { toDegrees } from '../units/angles';

/** Every item by its number: what it is, its sizes and place (mm, degrees), and its price where the range makes it so. */
export function itemsCommand(design: Design) {
  const numbers = itemNumbers(design);
  return {
    items: itemBoxes(design)
      .map(({ id, record, kind, low, footprint, turn, against }) => {
        const found = findItem(record.range, record.code);
        const standard = isStandardWidth(record.range, record.type, record.width);
        return {
          number: numbers.get(id)!,
          id,
          code: record.code,
          name: kind.name,
          range: rangeName(record.range),
          width: record.width,
          depth: record.depth,
          height: record.height,
          up: low,
          face: against?.face.letter ?? null,
          along: against?.along ?? null,
          turn: toDegrees(turn),
          corners: footprint,
          special: !standard,
          price: found.ok && standard ? found.value.price : null,
        };
      })
      .sort((a, b) => a.number - b.number),
  };
}
