import { boundsMeet, boundsOf } from '../../geometry/polygon';
import { overlapDepth } from '../../geometry/convex';
import { TOUCH } from '../../geometry/tolerance';
import type { Point } from '../../geometry/point';
import { fixedName } from '../../survey/fixed-things';
import type { Rule } from '../rule';

const none = { 'inch-residential': {}, 'metric-residential': {} };

/** Anything with a footprint and heights that may be run into. */
interface Body {
  id: string;
  name: string;
  item: boolean;
  footprint: readonly Point[];
  /** The footprint as convex pieces. */
  pieces: readonly (readonly Point[])[];
  low: number;
  high: number;
}

/** Two items, or an item and a fixed thing, take the same space. */
export const itemCollision: Rule = {
  id: 'item-collision',
  name: 'Items apart',
  level: 'collision',
  source: { 'inch-residential': 'geometry', 'metric-residential': 'geometry' },
  parameters: none,
  check({ boxes, fixed }) {
    const bodies: Body[] = [
      ...boxes.map((box) => ({ ...box, pieces: [box.footprint], name: box.record.code, item: true })),
      ...fixed.map((thing) => ({ ...thing, name: fixedName(thing.record.type), item: false })),
    ];
    const sorted = bodies
      .map((box) => ({ box, bounds: boundsOf(box.footprint) }))
      .sort((a, b) => a.bounds.left - b.bounds.left);
    return sorted.flatMap(({ box, bounds }, index) => {
      const found = [];
      for (let next = index + 1; next < sorted.length && sorted[next]!.bounds.left < bounds.right; next++) {
        const other = sorted[next]!;
        if (!box.item && !other.box.item) continue;
        if (!boundsMeet(bounds, other.bounds) || !heightsMeet(box, other.box)) continue;
        const depth = deepest(box, other.box);
        if (depth <= TOUCH) continue;
        const ids = [box.id, other.box.id].sort();
        const place = (ids[0] === box.id ? box : other.box).footprint;
        found.push({
          verdict: 'blocked' as const,
          ids,
          place,
          measured: depth,
          required: 0,
          names: ids.map((id) => bodies.find((body) => body.id === id)!.name),
        });
      }
      return found;
    });
  },
  say: ({ measured, names }, show) => `${names[0]} and ${names[1]} go ${show(measured)} into each other.`,
};

/** How far the deepest pieces of two bodies go into each other, mm. */
function deepest(a: Body, b: Body): number {
  return Math.max(...a.pieces.flatMap((own) => b.pieces.map((other) => overlapDepth(own, other))));
}

function heightsMeet(a: Body, b: Body): boolean {
  return Math.min(a.high, b.high) - Math.max(a.low, b.low) > TOUCH;
}
