import { kindName } from '../wording/kind-names';
import type { Design } from '../document/design';
import { rangeName, rangesOf } from '../ranges/shelf';
import { priceOf, specialSizes } from '../ranges/specials';
import { itemBoxes } from '../setting/item-box';
import { itemNumbers } from '../setting/item-numbers';
import { toDegrees } from '../units/angles';

/** Every item by its number: what it is, its sizes and place (mm, degrees), and its price where the range makes it so. */
export function itemsCommand(design: Design) {
  const known = rangesOf(design);
  const numbers = itemNumbers(design);
  return {
    items: itemBoxes(design)
      .map(({ id, record, low, footprint, turn, against }) => {
        return {
          number: numbers.get(id)!,
          id,
          code: record.code,
          name: record.name ?? kindName(record.type),
          range: rangeName(record.range, known),
          width: record.width,
          depth: record.depth,
          height: record.height,
          up: low,
          face: against?.face.letter ?? null,
          along: against?.along ?? null,
          turn: toDegrees(turn),
          corners: footprint,
          special: specialSizes(record, known),
          price: priceOf(record, known),
        };
      })
      .sort((a, b) => a.number - b.number),
  };
}
