import { recordOf } from '../../document/design';
import { deepestOverlap } from '../../geometry/convex-pieces';
import { TOUCH } from '../../geometry/tolerance';
import { isMovable, isOwnTop } from '../../ranges/item-kind';
import { kindOf } from '../../ranges/kinds';
import { shapeAsCutting } from '../../surfaces/cutters';
import { tops, type Top } from '../../surfaces/tops';
import { topPieces } from '../facts/tops-near';
import type { Measure } from '../measure';
import type { Reading } from '../reading';

/** How deep what is taller, but what is let into it, goes into where a top lies. What was drawn by itself is held against all others as an item. */
export const topUnder: Measure<Top> = {
  id: 'top-under',
  subjects: tops,
  take(top, look) {
    const { items, outline, underside, surface } = top;
    const kinds = items.map((id) => kindOf(look.at((design) => recordOf(design, 'item', id)!.type)));
    if (kinds.every(isOwnTop)) return [];
    const within = new Set(kinds.map(({ group }) => group));
    return look.near(outline[0]!).flatMap(({ box, id, footprint, low, high, pieces }): Reading[] => {
      if (!box || items.includes(id) || isMovable(box.kind)) return [];
      if (low > surface - TOUCH || high < underside + TOUCH) return [];
      // A plain shape that stands for a chase or a column is cut round.
      if (shapeAsCutting(box) && high > underside + TOUCH) return [];
      if (box.kind.within?.some((group) => within.has(group))) return [];
      const overlap = deepestOverlap(topPieces(top), pieces);
      if (overlap <= TOUCH) return [];
      return [
        {
          key: `${id} ${items[0]!}`,
          ids: [id, ...items],
          place: footprint,
          about: [{ of: id }, { of: items[0]!, as: 'top-over' }],
          values: { overlap },
        },
      ];
    });
  },
};
