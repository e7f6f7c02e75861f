import { roomOf, type Design } from '../document/design';
import type { EdgeProfile } from '../document/limits';
import { cross, distance, dot, place, subtract, unit } from '../geometry/point';
import { SAME_PLACE } from '../geometry/tolerance';
import { findBox } from '../setting/item-box';
import { edgeStretches, sameStretches } from './edge-stretches';
import { partLength, type OutlinePart } from './outline/treated';
import { sideOfEdge } from './top-facts';
import type { TopEdge } from './top-edge';
import type { Top, TopRing } from './tops';
import { waterfalls, type Waterfall } from './waterfalls';

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

/** A stretch of a top's outline, and how its edge is worked; null at a wall. */
export interface WorkedPart {
  part: OutlinePart<TopEdge>;
  profile: EdgeProfile | null;
}

/** The outline of a ring by how its edges are worked: what is made of a corner goes with the edge before it. */
export function workedParts(
  design: Design,
  { parts }: Pick<TopRing, 'parts'>,
  items: readonly string[],
): WorkedPart[] {
  const boxes = items.map((id) => findBox(design, id)!);
  // A ring may begin with what is made of a corner: that belongs to its last edge.
  const last = parts.findLast(({ type }) => type === 'edge');
  let before = last?.type === 'edge' ? (edgeProfileOf(design, last.edge)?.profile ?? null) : null;
  return parts.flatMap((part): WorkedPart[] => {
    if (part.type !== 'edge') return [{ part, profile: before }];
    const { edge, a, b } = part;
    const side = sideOfEdge(edge);
    if (!side) {
      before = edgeProfileOf(design, edge)?.profile ?? null;
      return [{ part, profile: before }];
    }
    const u = unit(subtract(edge.b, edge.a));
    const [starts, ends] = [distance(edge.a, a), distance(edge.a, b)];
    const on = (along: number) => (along === starts ? a : along === ends ? b : place(edge.a, u, along, u, 0));
    const worked = sameStretches(
      edgeStretches(edge, boxes),
      ({ box }) => box.record.topEdges?.[side]?.profile ?? usualProfile(design),
      (one, other) => one === other,
    ).flatMap(({ from, to, made }): WorkedPart[] => {
      const [first, end] = [Math.max(from, starts), Math.min(to, ends)];
      return end > first ? [{ part: { type: 'edge', edge, a: on(first), b: on(end) }, profile: made }] : [];
    });
    before = worked.at(-1)?.profile ?? before;
    return worked;
  });
}

/** A stretch of a top's outline, with its mitre where it goes on down to the floor. */
export type MadePart = WorkedPart & { mitre?: number };

/** A stretch of a top's outline in those it goes down to the floor along and those between them. */
export function mitredParts(one: WorkedPart, down: readonly Waterfall[]): MadePart[] {
  const { part } = one;
  if (part.type !== 'edge' || down.length === 0) return [one];
  const [long, u] = [distance(part.a, part.b), unit(subtract(part.b, part.a))];
  const falls = down.flatMap(({ a, b }) => {
    const [from, to] = [subtract(a, part.a), subtract(b, part.a)];
    if ([from, to].some((at) => Math.abs(cross(u, at)) > SAME_PLACE)) return [];
    const [first, last] = [Math.max(0, dot(from, u)), Math.min(long, dot(to, u))];
    return last - first > SAME_PLACE ? [[first, last] as const] : [];
  });
  if (falls.length === 0) return [one];
  const stops = [0, ...falls.flat(), long].sort((p, q) => p - q);
  const on = (at: number) => (at === 0 ? part.a : at === long ? part.b : place(part.a, u, at, u, 0));
  return stops.slice(1).flatMap((to, index): MadePart[] => {
    const from = stops[index]!;
    if (to - from <= SAME_PLACE) return [];
    const middle = (from + to) / 2;
    const isDown = falls.some(([first, last]) => first < middle && last > middle);
    return [{ ...one, part: { ...part, a: on(from), b: on(to) }, ...(isDown && { mitre: MITRE }) }];
  });
}

/** A top and what it goes down by meet square, degrees. */
const MITRE = 45;

/** Length of a top's edges by how they are worked, mm; edges at walls left out, and those that are mitred to what goes down to the floor. */
export function profileLengths(design: Design, top: Top): Partial<Record<EdgeProfile, number>> {
  const sums: Partial<Record<EdgeProfile, number>> = {};
  const down = waterfalls(design).get(top) ?? [];
  for (const ring of top.rings)
    for (const one of workedParts(design, ring, top.items))
      for (const { part, profile, mitre } of mitredParts(one, down))
        if (profile && mitre === undefined) sums[profile] = (sums[profile] ?? 0) + partLength(part);
  return sums;
}
