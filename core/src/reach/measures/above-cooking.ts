import { deepestOverlap } from '../../geometry/convex-pieces';
import { TOUCH } from '../../geometry/tolerance';
import { isMovable } from '../../ranges/item-kind';
import { fixtures, hostOf } from '../facts/fixtures';
import { topByItem } from '../facts/fronts';
import type { ItemBox } from '../../setting/item-box';
import type { Design } from '../../document/design';
import type { Measure } from '../measure';
import type { Reading } from '../reading';

/** The height of what is cooked on: of a range, its own; of a hob, that of the top it lies in. */
export function cookingHeight(design: Design, box: ItemBox): number {
  if (box.kind.symbol === 'cooker') return box.high;
  return topByItem(design).get((hostOf(design, box) ?? box).id)?.surface ?? box.high;
}

/** How high the lowest thing over what is cooked on is above it. */
export const aboveCooking: Measure<ItemBox> = {
  id: 'above-cooking',
  subjects: (design) => fixtures(design, 'cooking'),
  take(box, look) {
    const surface = look.at((design) => cookingHeight(design, box));
    const over = look
      .near(box.footprint)
      .filter(
        (body) =>
          body.id !== box.id &&
          body.low > surface + TOUCH &&
          !(body.box && isMovable(body.box.kind)) &&
          deepestOverlap(body.pieces, box.pieces) > TOUCH,
      )
      .sort((a, b) => a.low - b.low);
    return over.slice(0, 1).map((body): Reading => {
      const record = body.box?.record;
      const isHood = body.box?.kind.id === 'hood';
      const guarded = isHood ? true : (record?.facts?.protectedBelow ?? null);
      const gas = box.record.facts?.gas ?? null;
      return {
        key: `${box.id} ${body.id}`,
        ids: [body.id, box.id],
        place: box.footprint,
        about: [{ of: body.id }, { of: box.id }],
        values: { 'to-over': body.low - surface },
        traits: { protected: guarded, gas, hood: isHood },
        lacking: [
          ...(guarded === null ? (['protected-below'] as const) : []),
          ...(gas === null ? (['gas'] as const) : []),
        ],
      };
    });
  },
};
