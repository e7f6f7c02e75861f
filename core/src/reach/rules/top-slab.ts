import { noun } from '../../nouns';
import { recordOf } from '../../document/design';
import { KEPT } from '../../geometry/tolerance';
import { chordsOf } from '../../surfaces/outline/treated';
import { jointedTops, slabOf } from '../../surfaces/top-joints';
import type { Rule } from '../rule';

const none = { 'inch-residential': {}, 'metric-residential': {} };

/** Every piece of a top comes out of one slab. */
export const topSlab: Rule = {
  id: 'top-slab',
  level: 'guideline',
  parameters: none,
  check({ design, tops }) {
    const slab = slabOf(design);
    return tops.flatMap((top) =>
      jointedTops(design)
        .get(top)!
        .pieces.flatMap(({ parts, ...piece }) =>
          (['length', 'width'] as const)
            .filter((size) => piece[size] > slab[size] + KEPT)
            .map((size) => ({
              verdict: 'tight' as const,
              ids: top.items,
              place: chordsOf(parts),
              measured: piece[size],
              required: slab[size],
              names: [noun(`piece-${size}`, recordOf(design, 'item', top.items[0]!)?.code ?? '')],
            })),
        ),
    );
  },
};
