import { dot, subtract } from '../../geometry/point';
import { fixtures } from '../facts/fixtures';
import { itemBoxes, middleOf, type ItemBox } from '../../setting/item-box';
import type { Measure } from '../measure';

/** A holder farther from a toilet than this belongs to another, mm. */
const NEAR = 1_500;

/** How far in front of a toilet's bowl its paper holder is, and how high. */
export const paperHolderPlace: Measure<ItemBox> = {
  id: 'paper-holder-place',
  subjects: (design) => itemBoxes(design).filter(({ kind }) => kind.id === 'paper-holder'),
  take(box, look) {
    const middle = middleOf(box);
    const nearest = look
      .at((design) => fixtures(design, 'toilet'))
      .map((toilet) => {
        const away = subtract(middle, toilet.origin);
        return {
          toilet,
          ahead: dot(away, toilet.n) - toilet.record.depth,
          away: Math.hypot(away.x, away.y),
        };
      })
      .filter(({ away }) => away < NEAR)
      .sort((a, b) => a.away - b.away)[0];
    if (!nearest) return [];
    return [
      {
        key: box.id,
        ids: [box.id, nearest.toilet.id],
        place: box.footprint,
        about: [{ of: box.id }, { of: nearest.toilet.id }],
        values: { 'in-front-of-bowl': nearest.ahead, height: (box.low + box.high) / 2 },
      },
    ];
  },
};
