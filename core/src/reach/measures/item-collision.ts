import { isDressing } from '../../ranges/item-kind';
import { collision, itemBody } from '../../setting/bodies';
import { itemBoxes, type ItemBox } from '../../setting/item-box';
import type { Measure } from '../measure';

/** How deep two items, or an item and a fixed thing, go into each other. */
export const itemCollision: Measure<ItemBox> = {
  id: 'item-collision',
  subjects: (design) => itemBoxes(design).filter(({ kind }) => !isDressing(kind)),
  take(box, look) {
    const body = itemBody(box);
    return look.near(body.footprint).flatMap((other) => {
      if (other.id === box.id) return [];
      const depth = collision(body, other);
      if (depth === null) return [];
      const [one, two] = [body, other].sort((a, b) => (a.id < b.id ? -1 : 1)) as [typeof body, typeof body];
      return {
        key: `${one.id} ${two.id}`,
        ids: [one.id, two.id],
        place: one.footprint,
        about: [{ of: one.id }, { of: two.id }],
        values: { overlap: depth },
      };
    });
  },
};
