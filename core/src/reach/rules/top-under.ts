import { noun, named } from '../../nouns';
import { recordOf } from '../../document/design';
import { convexPieces, deepestOverlap } from '../../geometry/convex-pieces';
import { TOUCH } from '../../geometry/tolerance';
import { isMovable, isOwnTop } from '../../ranges/item-kind';
import { kindOf } from '../../ranges/kinds';
import { shapeAsCutting } from '../../surfaces/cutters';
import { bodiesNear } from '../../setting/bodies';
import type { Rule } from '../rule';

const none = { 'inch-residential': {}, 'metric-residential': {} };

/** Nothing that is taller, but what is let into it, stands where a top goes. */
export const topUnder: Rule = {
  id: 'top-under',
  level: 'collision',
  parameters: none,
  check({ design, tops }) {
    return tops.flatMap(({ items, outline, underside, surface }) => {
      const kinds = items.map((id) => kindOf(recordOf(design, 'item', id)!.type));
      // What was drawn by itself is held against all others as an item.
      if (kinds.every(isOwnTop)) return [];
      const within = new Set(kinds.map(({ group }) => group));
      const pieces = convexPieces(outline[0]!);
      return bodiesNear(design, outline[0]!).flatMap(({ box, id, footprint, low, high, ...body }) => {
        if (!box || items.includes(id) || isMovable(box.kind)) return [];
        if (low > surface - TOUCH || high < underside + TOUCH) return [];
        // A plain shape that stands for a chase or a column is cut round.
        if (shapeAsCutting(box) && high > underside + TOUCH) return [];
        if (box.kind.within?.some((group) => within.has(group))) return [];
        const depth = deepestOverlap(pieces, body.pieces);
        if (depth <= TOUCH) return [];
        return {
          verdict: 'blocked' as const,
          ids: [id, ...items],
          place: footprint,
          measured: depth,
          required: 0,
          names: [named(box.record.code), noun('top-over', recordOf(design, 'item', items[0]!)!.code)],
        };
      });
    });
  },
};
