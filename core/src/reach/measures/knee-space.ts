import type { ItemBox } from '../../setting/item-box';
import { fixturesOf } from '../facts/fixtures';
import type { Measure } from '../measure';

/** The space for knees under a sink or basin: its height and width, and how deep it is at two heights. */
export const kneeSpace: Measure<ItemBox> = {
  id: 'knee-space',
  subjects: (design) => fixturesOf(design, ['sink', 'basin']),
  take(box) {
    const { kneeHeight = null, kneeWidth = null, kneeDepth = null, toeDepth = null } = box.record.facts ?? {};
    const isOpen = [kneeHeight, kneeWidth, kneeDepth, toeDepth].includes(null);
    return [
      {
        key: box.id,
        ids: [box.id],
        place: box.footprint,
        about: [{ of: box.id }],
        values: {
          'knee-height': kneeHeight,
          'knee-width': kneeWidth,
          'depth-at-27': kneeDepth,
          'depth-at-9': toeDepth,
        },
        ...(isOpen && { lacking: ['knee-space'] as const }),
      },
    ];
  },
};
