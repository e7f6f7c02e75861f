import { builtInLanding } from '../facts/beside';
import { fixtures } from '../facts/fixtures';
import type { ItemBox } from '../../setting/item-box';
import type { Measure } from '../measure';

/** The counter beside an oven, below or over it, or across from it: so wide and so near. */
export const ovenLanding: Measure<ItemBox> = {
  id: 'oven-landing',
  subjects: (design) => fixtures(design, 'oven'),
  take: (box, look, inputs) => [builtInLanding(box, look, inputs)],
};
