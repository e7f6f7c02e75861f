import { boundsOf, type Bounds } from '../../geometry/polygon';
import { overlapDepth } from '../../geometry/convex';
import { TOUCH } from '../../geometry/tolerance';
import type { ItemBox } from '../../setting/item-box';
import type { Rule } from '../rule';

const none = { 'inch-residential': {}, 'metric-residential': {} };

/** Two items take the same space. */
export const itemCollision: Rule = {
  id: 'item-collision',
  name: 'Items apart',
  level: 'collision',
  source: { 'inch-residential': 'geometry', 'metric-residential': 'geometry' },
  parameters: none,
  check({ boxes }) {
    const sorted = boxes
      .map((box) => ({ box, bounds: boundsOf(box.footprint) }))
      .sort((a, b) => a.bounds.left - b.bounds.left);
    return sorted.flatMap(({ box, bounds }, index) => {
      const found = [];
      for (let next = index + 1; next < sorted.length && sorted[next]!.bounds.left < bounds.right; next++) {
        const other = sorted[next]!;
        if (!boundsMeet(bounds, other.bounds) || !heightsMeet(box, other.box)) continue;
        const depth = overlapDepth(box.footprint, other.box.footprint);
        if (depth <= TOUCH) continue;
        const ids = [box.id, other.box.id].sort();
        const place = (ids[0] === box.id ? box : other.box).footprint;
        found.push({
          verdict: 'blocked' as const,
          ids,
          place,
          measured: depth,
          required: 0,
          names: ids.map((id) => codeOf(boxes, id)),
        });
      }
      return found;
    });
  },
  say: ({ measured, names }, show) => `${names[0]} and ${names[1]} go ${show(measured)} into each other.`,
};

function boundsMeet(a: Bounds, b: Bounds): boolean {
  return a.bottom < b.top && b.bottom < a.top && a.left < b.right && b.left < a.right;
}

function heightsMeet(a: ItemBox, b: ItemBox): boolean {
  return Math.min(a.high, b.high) - Math.max(a.low, b.low) > TOUCH;
}

function codeOf(boxes: readonly ItemBox[], id: string): string {
  return boxes.find((box) => box.id === id)!.record.code;
}
