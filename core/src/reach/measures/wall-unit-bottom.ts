import { deepestOverlap } from '../../geometry/convex-pieces';
import { TOUCH } from '../../geometry/tolerance';
import { itemBoxes, type ItemBox } from '../../setting/item-box';
import { topPieces, topsNear } from '../facts/tops-near';
import type { Measure } from '../measure';

/** How high the underside of a wall unit is above the countertop under it. */
export const wallUnitBottom: Measure<ItemBox> = {
  id: 'wall-unit-bottom',
  subjects: (design) => itemBoxes(design).filter(({ kind }) => kind.group === 'wall'),
  take(box, look) {
    const under = look
      .at((design) => topsNear(design, box.footprint, 0))
      .filter((top) => top.surface < box.low + TOUCH && deepestOverlap(topPieces(top), box.pieces) > TOUCH);
    const highest = Math.max(...under.map(({ surface }) => surface));
    if (under.length === 0) return [];
    return [
      {
        key: box.id,
        ids: [box.id],
        place: box.footprint,
        about: [{ of: box.id }],
        values: { 'to-wall-unit': box.low - highest },
      },
    ];
  },
};
