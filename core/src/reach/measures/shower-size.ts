import { largestCircle } from '../../geometry/largest-circle';
import { signedArea } from '../../geometry/polygon';
import { fixtures } from '../facts/fixtures';
import type { ItemBox } from '../../setting/item-box';
import type { Measure } from '../measure';

/** The inside finished size of a shower: the largest disc within it, its area, and of a rectangle its sides. */
export const showerSize: Measure<ItemBox> = {
  id: 'shower-size',
  subjects: (design) => fixtures(design, 'shower'),
  take(box) {
    const { footprint, record } = box;
    const isRectangle = !record.corners && !box.kind.plan;
    const sides = [record.width, record.depth];
    const disc = isRectangle ? Math.min(...sides) : 2 * (largestCircle(footprint, [])?.radius ?? 0);
    return [
      {
        key: box.id,
        ids: [box.id],
        place: footprint,
        about: [{ of: box.id }],
        traits: { long: isRectangle ? Math.max(...sides) : null },
        values: {
          'largest-disc': disc,
          'shower-area': Math.abs(signedArea(footprint)),
          ...(isRectangle && {
            'shower-smaller-side': Math.min(...sides),
            'shower-larger-side': Math.max(...sides),
          }),
        },
      },
    ];
  },
};
