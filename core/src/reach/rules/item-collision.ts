import { isDressing } from '../../ranges/item-kind';
import { bodiesNear, collision, itemBody } from '../../setting/bodies';
import type { Finding, Rule } from '../rule';

const none = { 'inch-residential': {}, 'metric-residential': {} };

/** Two items, or an item and a fixed thing, take the same space. */
export const itemCollision: Rule = {
  id: 'item-collision',
  level: 'collision',
  parameters: none,
  check({ boxes, design }) {
    const moved = new Set(boxes.map(({ id }) => id));
    return boxes.flatMap((box): Omit<Finding, 'rule'>[] => {
      if (isDressing(box.kind)) return [];
      const body = itemBody(box);
      return bodiesNear(design, body.footprint).flatMap((other) => {
        // Each pair is found from both its items: the first by id tells it.
        if (other.id === box.id || (moved.has(other.id) && other.id < box.id)) return [];
        const depth = collision(body, other);
        if (depth === null) return [];
        const pair = [body, other].sort((a, b) => (a.id < b.id ? -1 : 1));
        return [
          {
            verdict: 'blocked',
            ids: pair.map(({ id }) => id),
            place: pair[0]!.footprint,
            measured: depth,
            required: 0,
            names: pair.map(({ name }) => name),
          },
        ];
      });
    });
  },
};
