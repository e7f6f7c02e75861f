import { deepestOverlap } from '../../geometry/convex-pieces';
import { TOUCH } from '../../geometry/tolerance';
import { floorBefore, placedOpenings } from '../../survey/openings';
import { tops, type Top } from '../../surfaces/tops';
import { topPieces } from '../facts/tops-near';
import type { Measure } from '../measure';
import type { Reading } from '../reading';

/** How far a countertop stands up before a window or hatch that begins lower. */
export const topBeforeOpening: Measure<Top> = {
  id: 'top-before-opening',
  subjects: tops,
  take(top, look, { depth = 0 }) {
    return look.at(placedOpenings).flatMap((opening): Reading[] => {
      const { id, sill, height } = opening.record;
      // In a doorway its end is no more than an edge that stands out a little: what carries it is told.
      if (sill === 0) return [];
      const over = Math.min(top.surface, sill + height) - Math.max(top.underside, sill);
      if (over <= TOUCH) return [];
      const before = floorBefore(opening, 0, depth);
      if (deepestOverlap(topPieces(top), [before]) <= TOUCH) return [];
      return [
        {
          key: `${top.items[0]!} ${id}`,
          ids: [id, ...top.items],
          place: before,
          about: [{ of: top.items[0]!, as: 'top-over' }, { of: id }],
          values: { overlap: over },
        },
      ];
    });
  },
};
