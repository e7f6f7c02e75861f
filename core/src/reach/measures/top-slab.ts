import { chordsOf } from '../../surfaces/outline/treated';
import { jointedTops, slabOf } from '../../surfaces/top-joints';
import { tops, type Top } from '../../surfaces/tops';
import type { Measure } from '../measure';

/** The size of a piece of a top that leaves the least of the slab it comes out of. */
export const topSlab: Measure<Top> = {
  id: 'top-slab',
  subjects: tops,
  take(top, look) {
    const slab = {
      length: look.at((design) => slabOf(design).length),
      width: look.at((design) => slabOf(design).width),
    };
    const sizes = look
      .at(jointedTops)
      .get(top)!
      .pieces.flatMap(({ parts, ...piece }) =>
        (['length', 'width'] as const).map((size) => ({
          ...{ size, parts, measured: piece[size] },
          left: slab[size] - piece[size],
        })),
      );
    if (sizes.length === 0) return [];
    const { size, parts, measured } = sizes.reduce((one, other) => (other.left < one.left ? other : one));
    const [id] = top.items as [string];
    return [
      {
        key: id,
        ids: top.items,
        place: chordsOf(parts),
        about: [{ of: id, as: `piece-${size}` as const }],
        values: { size: measured },
        bounds: { slab: slab[size] },
      },
    ];
  },
};
