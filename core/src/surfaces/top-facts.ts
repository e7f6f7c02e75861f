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
import type { TopCorner, TopEdgeWay } from '../document/records';
import { KEPT } from '../geometry/tolerance';
import { partLength } from './outline/treated';
import type { EdgeKind } from './outline/edge-ring';
import { isOwnTop } from '../ranges/item-kind';
import { kindOf } from '../ranges/kinds';
import { findBox } from '../setting/item-box';
import type { SnapTargets } from '../survey/snap-place';
import { edgeStretches } from './edge-stretches';
import { plinths } from './plinths';
import { splashes } from './splashes';
import { cornersAt, type ItemCorner, type ItemSide, type TopEdge } from './top-edge';
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
  const usual = isOwnTop(kindOf(record.type)) ? 0 : side === 'front' ? frontOverhang : endOverhang;
  return {
    overhang: own ?? usual,
    own: record.overhangs?.[side] !== undefined,
  };
}

/** The corners and edges of the tops, that places pointed at are drawn to. */
export const topTargets: (design: Design) => SnapTargets = perDesign((design) => {
  const rings = tops(design).flatMap((top) => top.outline);
  return {
    points: rings.flat().map((at) => ({ at, caught: 'corner' })),
    lines: rings.flatMap((ring) =>
      ring.map((a, index) => ({ a, b: ring[(index + 1) % ring.length]!, caught: 'line' as const })),
    ),
  };
});

/** Length of a top's edges of each kind, mm, corners that are round or cut left out. */
export function edgeLengths({ rings }: Top): Record<EdgeKind, number> {
  const sums: Record<EdgeKind, number> = { front: 0, back: 0, end: 0, cut: 0 };
  for (const { parts } of rings)
    for (const part of parts) if (part.type === 'edge') sums[part.edge.kind] += partLength(part);
  return sums;
}

/** What stands out farther than this with nothing under it needs brackets (12 in), mm. */
export const UNSUPPORTED = 304.8;

/** The edges of a top that stand out so far past what carries it that it needs brackets, and how far: what was drawn by itself is carried no less there than elsewhere. */
export const unsupported = (design: Design, { rings }: Top): { edge: TopEdge; overhang: number }[] =>
  rings.flatMap(({ edges }) =>
    edges.flatMap((edge) => {
      const [item] = edge.items;
      const record = item === undefined ? undefined : recordOf(design, 'item', item);
      if (record && isOwnTop(kindOf(record.type))) return [];
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

/** What is otherwise about a top or a plinth than it would be by itself: along an edge over some items, or at a corner of one; whether there is an edge or a corner for it to show at. */
export type TopCorrection = { items: readonly string[]; shows: boolean } & (
  | { side: OverhangSide; overhang: number }
  | { corner: TopCornerKey; shape: TopCorner }
  | { joint: JointCornerKey; way: CornerJoint }
  | { across: readonly number[] }
  | { edge: OverhangSide; way: TopEdgeWay }
  | { plinth: OverhangSide; back: number }
  | { noPlinth: true }
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
  return [...along, ...waiting, ...shaped, ...joined, ...waysOf(design), ...plinthsOf(design)];
});

/** What items say of the edges of their tops. */
function waysOf(design: Design): TopCorrection[] {
  const free = new Set<string>();
  const told = (at: readonly ItemSide[]) => at.map(({ item, side }) => `${item} ${side}`);
  for (const top of tops(design)) {
    const boxes = top.items.map((id) => findBox(design, id)!);
    for (const edge of top.rings.flatMap(({ edges }) => edges))
      if (sideOfEdge(edge))
        for (const { box, side } of edgeStretches(edge, boxes)) free.add(`${box.id} ${side}`);
  }
  const walled = new Set(splashes(design).flatMap(({ at }) => told(at)));
  return together(
    recordsOf(design, 'item').flatMap(({ id, topEdges }) =>
      overhangSides.flatMap((edge): TopCorrection[] => {
        const way = topEdges?.[edge];
        if (!way) return [];
        const own = `${id} ${edge}`;
        return [{ items: [id], edge, way, shows: way.splash ? walled.has(own) : free.has(own) }];
      }),
    ),
  );
}

/** The same said by several items as one. */
function together(corrections: readonly TopCorrection[]): TopCorrection[] {
  const found = new Map<string, TopCorrection>();
  for (const one of corrections) {
    const key = JSON.stringify({ ...one, items: [] });
    const same = found.get(key);
    found.set(key, same ? { ...same, items: [...same.items, ...one.items] } : one);
  }
  return [...found.values()];
}

function plinthsOf(design: Design): TopCorrection[] {
  const shown = new Set(
    plinths(design)
      .flatMap(({ boards }) => boards.flatMap(({ at }) => at))
      .map(({ item, side }) => `${item} ${side}`),
  );
  const all = recordsOf(design, 'item').flatMap(({ id, plinth }): TopCorrection[] => [
    ...overhangSides.flatMap((side): TopCorrection[] => {
      const back = plinth?.[side];
      return back === undefined
        ? []
        : [{ items: [id], plinth: side, back, shows: shown.has(`${id} ${side}`) }];
    }),
    ...(plinth?.none ? [{ items: [id], noPlinth: true as const, shows: true }] : []),
  ]);
  return together(all);
}
