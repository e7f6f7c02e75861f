import { deepestOverlap } from '../../geometry/convex-pieces';
import { TOUCH } from '../../geometry/tolerance';
import { fixtures } from '../facts/fixtures';
import { itemBoxes, type ItemBox } from '../../setting/item-box';
import type { Measure } from '../measure';

/** The height and depth of a bench in a shower. */
export const showerBench: Measure<ItemBox> = {
  id: 'shower-bench',
  subjects: (design) => itemBoxes(design).filter(({ kind }) => kind.id === 'bench'),
  take(box, look) {
    const showers = look.at((design) => fixtures(design, 'shower'));
    if (!showers.some((shower) => deepestOverlap(shower.pieces, box.pieces) > TOUCH)) return [];
    return [
      {
        key: box.id,
        ids: [box.id],
        place: box.footprint,
        about: [{ of: box.id }],
        values: { height: box.record.facts?.seat ?? box.high, depth: box.record.depth },
      },
    ];
  },
};
