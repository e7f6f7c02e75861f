import { isMovable } from '../../ranges/item-kind';
import { deepestOverlap } from '../../geometry/convex-pieces';
import { TOUCH } from '../../geometry/tolerance';
import { dot, subtract } from '../../geometry/point';
import type { OpeningRecord } from '../../document/records';
import { itemBoxes, type ItemBox } from '../../setting/item-box';
import { floorBefore, placedOpenings, type PlacedOpening } from '../../survey/openings';
import type { Measure } from '../measure';
import type { Reading } from '../reading';

/** How far a casing stands off the wall, mm. */
const CASING = 20;

/** How far an item stands in front of an opening it reaches up to, or over its casing. A chair before a window is moved away. */
export const openingBlocked: Measure<ItemBox> = {
  id: 'opening-blocked',
  subjects: (design) => itemBoxes(design).filter(({ kind }) => !isMovable(kind)),
  take(box, look, { depth = 0 }) {
    return look.at(placedOpenings).flatMap((opening): Reading[] => {
      const { record } = opening;
      const base = { key: `${box.id} ${record.id}`, ids: [box.id, record.id] };
      const front = floorBefore(opening, 0, depth);
      if (Math.min(box.high, record.sill + record.height) - Math.max(box.low, record.sill) > TOUCH) {
        const overlap = deepestOverlap(box.pieces, [front]);
        if (overlap > TOUCH)
          return [{ ...base, place: front, about: [{ of: box.id }, { of: record.id }], values: { overlap } }];
      }
      const casing = floorBefore(opening, record.casing, CASING);
      if (record.casing === 0 || !meetsCasing(box, record)) return [];
      if (deepestOverlap(box.pieces, [casing]) <= TOUCH) return [];
      return [
        {
          ...base,
          place: casing,
          about: [{ of: box.id }, { of: record.id, as: `${record.type}-casing` }],
          values: { overlap: overCasing(box, opening) },
        },
      ];
    });
  },
};

function meetsCasing({ low, high }: ItemBox, { sill, height, casing }: OpeningRecord): boolean {
  const from = sill > 0 ? sill - casing : 0;
  return Math.min(high, sill + height + casing) - Math.max(low, from) > TOUCH;
}

/** How much of the casing an item covers, mm: of its width beside the opening, else of its height under or over it. */
function overCasing({ rectangle, low, high }: ItemBox, { record, at, u }: PlacedOpening): number {
  const { casing, width, sill, height } = record;
  const along = rectangle.map((corner) => dot(subtract(corner, at), u));
  const shared = (a: readonly [number, number], b: readonly [number, number]) =>
    Math.min(a[1], b[1]) - Math.max(a[0], b[0]);
  const own = [Math.min(...along), Math.max(...along)] as const;
  const beside = Math.max(shared(own, [-casing, 0]), shared(own, [width, width + casing]));
  if (beside > 0) return beside;
  const head = sill + height;
  return Math.max(shared([low, high], [sill - casing, sill]), shared([low, high], [head, head + casing]));
}
