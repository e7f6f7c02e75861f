import { besideReading } from '../facts/beside';
import { fixtures } from '../facts/fixtures';
import type { ItemBox } from '../../setting/item-box';
import type { Measure } from '../measure';

/** The counter at both sides of what is cooked on. */
export const cookingLanding: Measure<ItemBox> = {
  id: 'cooking-landing',
  subjects: (design) => fixtures(design, 'cooking'),
  take: (box, look) => [besideReading(box, look)],
};
