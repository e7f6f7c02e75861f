import { itemBoxes, type ItemBox } from '../../setting/item-box';
import { perDesign, type Design } from '../../document/design';
import type { Measure } from '../measure';

/** What is within this of a height is at it, mm. */
const LEVEL = 0.5;

/** How far the tops of tall and wall units that nearly line up are off the line that most of their front stands at; what steps by more than `step` does so on purpose. */
export const topsInLine: Measure<ItemBox> = {
  id: 'tops-in-line',
  subjects: lined,
  take(box, look, { step = 0 }) {
    const line = look.at(topLine);
    if (line === null || Math.abs(box.high - line) > step) return [];
    return [
      {
        key: box.id,
        ids: [box.id],
        place: box.footprint,
        about: [{ of: box.id }],
        values: { 'out-of-line': Math.abs(box.high - line) },
      },
    ];
  },
};

const isLined = ({ kind: { group, flat } }: ItemBox): boolean =>
  !flat && (group === 'tall' || group === 'wall');

function lined(design: Design): readonly ItemBox[] {
  return itemBoxes(design).filter(isLined);
}

/** The height that the widest share of tall and wall units ends at; of equal ones the higher. Null for fewer than two. */
const topLine = perDesign((design) => {
  const boxes = lined(design);
  if (boxes.length < 2) return null;
  const shareAt = (height: number) =>
    boxes.reduce((sum, { high, record }) => sum + (Math.abs(high - height) <= LEVEL ? record.width : 0), 0);
  return boxes
    .map(({ high }) => ({ high, share: shareAt(high) }))
    .reduce((one, other) =>
      other.share > one.share || (other.share === one.share && other.high > one.high) ? other : one,
    ).high;
});
