import { roomOf, type Design } from '../document/design';
import type { EdgeProfile } from '../document/limits';
import { distance } from '../geometry/point';
import { findBox } from '../setting/item-box';
import { edgeStretches } from './edge-stretches';
import { partLength } from './outline/treated';
import { sideOfEdge } from './top-facts';
import type { TopEdge } from './top-edge';
import type { Top } from './tops';

/** How free edges are worked unless it is said. */
const USUAL_PROFILE: EdgeProfile = 'eased';

/** How an edge of a top is worked along the first of its items, and whether that says so itself; what lies at something is left as it was sawn, and at a wall nothing is to be seen of it. */
export function edgeProfileOf(design: Design, edge: TopEdge): { profile: EdgeProfile; own: boolean } | null {
  if (edge.role === 'wall') return null;
  const side = sideOfEdge(edge);
  if (!side) return { profile: edge.role === 'step' ? usualProfile(design) : 'raw', own: false };
  const own =
    edge.items[0] === undefined
      ? undefined
      : findBox(design, edge.items[0])?.record.topEdges?.[side]?.profile;
  return { profile: own ?? usualProfile(design), own: own !== undefined };
}

/** How the free edges of a room's tops are worked. */
export const usualProfile = (design: Design): EdgeProfile => roomOf(design).edgeProfile ?? USUAL_PROFILE;

/** Length of a top's edges by how they are worked, mm, what is made of a corner counted with the edge before it; edges at walls left out. */
export function profileLengths(design: Design, { rings, items }: Top): Partial<Record<EdgeProfile, number>> {
  const sums: Partial<Record<EdgeProfile, number>> = {};
  const add = (profile: EdgeProfile | undefined, long: number) => {
    if (profile) sums[profile] = (sums[profile] ?? 0) + long;
  };
  const boxes = items.map((id) => findBox(design, id)!);
  for (const { parts } of rings) {
    // A ring may begin with what is made of a corner: that belongs to its last edge.
    const lastEdge = parts.findLast(({ type }) => type === 'edge');
    let before = lastEdge?.type === 'edge' ? edgeProfileOf(design, lastEdge.edge)?.profile : undefined;
    for (const part of parts) {
      if (part.type !== 'edge') {
        add(before, partLength(part));
        continue;
      }
      const { edge, a, b } = part;
      before = edgeProfileOf(design, edge)?.profile;
      const side = sideOfEdge(edge);
      if (!side) {
        add(before, partLength(part));
        continue;
      }
      const [starts, ends] = [distance(edge.a, a), distance(edge.a, b)];
      for (const { box, from, to } of edgeStretches(edge, boxes)) {
        before = box.record.topEdges?.[side]?.profile ?? usualProfile(design);
        add(before, Math.max(0, Math.min(to, ends) - Math.max(from, starts)));
      }
    }
  }
  return sums;
}
