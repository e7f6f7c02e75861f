import { builtInLanding } from '../facts/beside';
import { fixtures } from '../facts/fixtures';
import type { ItemBox } from '../../setting/item-box';
import type { Measure } from '../measure';

/** The counter beside a microwave oven, below or over it, or across from it: so wide and so near. */
export const microwaveLanding: Measure<ItemBox> = {
  id: 'microwave-landing',
  subjects: (design) => fixtures(design, 'microwave'),
  take: (box, look, inputs) => [builtInLanding(box, look, inputs)],
};
