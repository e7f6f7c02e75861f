import { besideReading } from '../facts/beside';
import { fixtures, hostOf } from '../facts/fixtures';
import { counterAcross, counterUnderOrOver } from '../facts/landing';
import type { ItemBox } from '../../setting/item-box';
import type { Measure } from '../measure';

/** The counter beside a microwave oven, below or over it, or across from it: so wide and so near. */
export const microwaveLanding: Measure<ItemBox> = {
  id: 'microwave-landing',
  subjects: (design) => fixtures(design, 'microwave'),
  take(box, look, { wide = 0, away = 0 }) {
    const host = look.at((design) => hostOf(design, box)) ?? box;
    const below = look.at((design) => counterUnderOrOver(design, box, host));
    const across = look.at((design) => counterAcross(design, host, { wide, away }).length);
    const reading = besideReading(host, look);
    const { left = 0, right = 0 } = reading.values as { left: number; right: number };
    return [
      {
        ...reading,
        ...{ key: box.id, ids: [box.id], about: [{ of: box.id }] },
        values: { left, right, below, largest: Math.max(left, right, below, across) },
      },
    ];
  },
};
