import { fixtures } from '../facts/fixtures';
import type { ItemBox } from '../../setting/item-box';
import type { Measure } from '../measure';

/** How high the underside of a microwave oven is above the floor. */
export const microwaveHeight: Measure<ItemBox> = {
  id: 'microwave-height',
  subjects: (design) => fixtures(design, 'microwave'),
  take: (box) => [
    {
      key: box.id,
      ids: [box.id],
      place: box.footprint,
      about: [{ of: box.id }],
      values: { bottom: box.low },
    },
  ],
};
