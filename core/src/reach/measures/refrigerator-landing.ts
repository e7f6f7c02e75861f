import { besideReading } from '../facts/beside';
import { fixtures } from '../facts/fixtures';
import { counterAcross } from '../facts/landing';
import type { ItemBox } from '../../setting/item-box';
import type { Measure } from '../measure';

/** The counter beside a refrigerator on the side it is taken hold of, or one across from it: so wide and so near. */
export const refrigeratorLanding: Measure<ItemBox> = {
  id: 'refrigerator-landing',
  subjects: (design) => fixtures(design, 'refrigerator'),
  take(box, look, { wide = 0, away = 0 }) {
    const across = look.at((design) => counterAcross(design, box, { wide, away }).length);
    const reading = besideReading(box, look);
    const { left = 0, right = 0 } = reading.values as { left: number; right: number };
    const handle = box.record.facts?.handle;
    const sides = { left, right, both: Math.max(left, right) };
    return [
      {
        ...reading,
        values: { ...reading.values, landing: handle ? sides[handle] : null, across: across > 0 ? 1 : 0 },
        ...(!handle && { lacking: ['handle'] as const }),
      },
    ];
  },
};
