import { perDesign, recordOf, recordsOf, roomOf, type Design } from '../document/design';
import {
  overhangSides,
  topCornerKeys,
  type CornerJoint,
  type OverhangSide,
  type TopCornerKey,
  jointCornerKeys,
  type JointCornerKey,
} from '../document/limits';
import type { TopCorner } from '../document/records';
import { KEPT } from '../geometry/tolerance';
import { partLength } from './outline/treated';
import type { EdgeKind } from './outline/edge-ring';
import { cornersAt, type ItemCorner, type TopEdge } from './top-edge';
import { ownOverhang } from './run-strip';
import { tops, type Top, type TopRing } from './tops';

/** The side of items whose overhang moves an edge; null where none does. */
export const sideOfEdge = ({ role }: TopEdge): OverhangSide | null =>
  overhangSides.find((side) => side === role) ?? null;

/** How far an edge stands out past its items, mm, and whether they say so themselves or the room does; null for one that lies at something. */
export function overhangOf(design: Design, edge: TopEdge): { overhang: number; own: boolean } | null {
  const side = sideOfEdge(edge);
  const record = edge.items[0] === undefined ? undefined : recordOf(design, 'item', edge.items[0]);
  if (!side || !record) return null;
  const { frontOverhang, endOverhang, topThickness } = roomOf(design);
  const own = ownOverhang(record, side, topThickness);
  return {
    overhang: own ?? (side === 'front' ? frontOverhang : endOverhang),
    own: record.overhangs?.[side] !== undefined,
  };
}

/** Length of a top's edges of each kind, mm, corners that are round or cut left out. */
export function edgeLengths({ rings }: Top): Record<EdgeKind, number> {
  const sums: Record<EdgeKind, number> = { front: 0, back: 0, end: 0, cut: 0 };
  for (const { parts } of rings)
    for (const part of parts) if (part.type === 'edge') sums[part.edge.kind] += partLength(part);
  return sums;
}

/** What stands out farther than this with nothing under it needs brackets (12 in), mm. */
export const UNSUPPORTED = 304.8;

/** The edges of a top that stand out so far that it needs brackets, and how far. */
export const unsupported = (design: Design, { rings }: Top): { edge: TopEdge; overhang: number }[] =>
  rings.flatMap(({ edges }) =>
    edges.flatMap((edge) => {
      const overhang = overhangOf(design, edge)?.overhang ?? 0;
      return overhang > UNSUPPORTED + KEPT ? [{ edge, overhang }] : [];
    }),
  );

/** A corner of a top that can be made otherwise, its edges before and after it, and the corners of items that lie at it. */
export interface TopCornerPlace {
  before: TopEdge;
  after: TopEdge;
  at: [ItemCorner, ...ItemCorner[]];
}

/** The corners of a ring at which an item lies. */
export function cornersOf({ edges }: TopRing): TopCornerPlace[] {
  return edges.flatMap((after, index) => {
    const before = edges[(index + edges.length - 1) % edges.length]!;
    const [first, ...more] = cornersAt(before, after);
    return first ? [{ before, after, at: [first, ...more] as TopCornerPlace['at'] }] : [];
  });
}

/** How a corner is made by the first of the items at it that says so; null: sharp. */
export function cornerShape(design: Design, { at }: Pick<TopCornerPlace, 'at'>): TopCorner | null {
  for (const { item, corner } of at) {
    const shape = recordOf(design, 'item', item)?.topCorners?.[corner];
    if (shape) return shape;
  }
  return null;
}

/** What is otherwise about a top than it would be by itself: along an edge over some items, or at a corner of one; whether there is an edge or a corner for it to show at. */
export type TopCorrection = { items: readonly string[]; shows: boolean } & (
  | { side: OverhangSide; overhang: number }
  | { corner: TopCornerKey; shape: TopCorner }
  | { joint: JointCornerKey; way: CornerJoint }
  | { across: readonly number[] }
);

/** Every correction of the tops: what is told along edges, then what waits for one, then the corners and the joints. */
export const topCorrections: (design: Design) => readonly TopCorrection[] = perDesign((design) => {
  const rings = tops(design).flatMap((top) => top.rings);
  const along: TopCorrection[] = [];
  const told = new Set<string>();
  for (const edge of rings.flatMap(({ edges }) => edges)) {
    const side = sideOfEdge(edge);
    const own = side && overhangOf(design, edge);
    if (!side || !own?.own) continue;
    const items = edge.items.filter((item) => !told.has(`${item} ${side}`));
    for (const item of items) told.add(`${item} ${side}`);
    if (items.length > 0) along.push({ items, side, overhang: own.overhang, shows: true });
  }
  const corners = new Set(
    rings.flatMap((ring) =>
      cornersOf(ring).flatMap(({ at }) => at.map(({ item, corner }) => `${item} ${corner}`)),
    ),
  );
  const records = recordsOf(design, 'item');
  const waiting = records.flatMap(({ id, overhangs }): TopCorrection[] =>
    overhangSides.flatMap((side) => {
      const overhang = overhangs?.[side];
      return overhang === undefined || told.has(`${id} ${side}`)
        ? []
        : [{ items: [id], side, overhang, shows: false }];
    }),
  );
  const shaped = records.flatMap(({ id, topCorners }): TopCorrection[] =>
    topCornerKeys.flatMap((corner) => {
      const shape = topCorners?.[corner];
      return shape ? [{ items: [id], corner, shape, shows: corners.has(`${id} ${corner}`) }] : [];
    }),
  );
  const joined = records.flatMap(({ id, topJoints }): TopCorrection[] => [
    ...jointCornerKeys.flatMap((joint) => {
      const way = topJoints?.[joint];
      return way ? [{ items: [id], joint, way, shows: corners.has(`${id} ${joint}`) }] : [];
    }),
    ...(topJoints?.across
      ? [{ items: [id], across: topJoints.across.map(({ at }) => at), shows: true }]
      : []),
  ]);
  return [...along, ...waiting, ...shaped, ...joined];
});
