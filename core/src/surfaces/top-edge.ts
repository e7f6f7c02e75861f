import type { OverhangSide, TopCornerKey } from '../document/limits';
import type { ItemRecord } from '../document/records';
import type { Point } from '../geometry/point';
import type { ItemBox } from '../setting/item-box';
import type { EdgeKind, RingEdge } from './outline/edge-ring';

/** What an edge of a top is the edge of: sides of its items, a wall or fixed thing it lies at, what it stops at, or a step between two overhangs. */
export type EdgeRole = 'front' | 'behind' | 'left' | 'right' | 'wall' | 'fixed' | 'stop' | 'step' | 'joint';

export const kindOfRole: Readonly<Record<EdgeRole, EdgeKind>> = {
  front: 'front',
  behind: 'back',
  wall: 'back',
  left: 'end',
  right: 'end',
  step: 'end',
  stop: 'cut',
  fixed: 'cut',
  joint: 'cut',
};

/** Where an edge comes from: the items whose sides it may be, and the face, fixed thing or neighbour it lies at. */
export interface EdgeSource {
  role: EdgeRole;
  boxes: readonly ItemBox[];
  id: string | null;
}

/** A line that edges may lie on, walked with the top on its left; a wall's may be walked either way. */
export interface SourceLine extends EdgeSource {
  a: Point;
  b: Point;
}

/** A polygon of a top before others come to it, counter-clockwise, and where each side comes from, from its corner of the same index on; null for one that lies within the top. */
export interface KeyedPolygon {
  ring: readonly Point[];
  sides: readonly (EdgeSource | null)[];
}

/** An edge of a finished top. */
export interface TopEdge extends RingEdge {
  role: EdgeRole;
  /** The items whose side it is, along it. */
  items: readonly string[];
  /** The face, fixed thing or neighbour it lies at. */
  at: string | null;
}

/** A side of an item: what is set by hand along an edge is told by it. */
export interface ItemSide {
  item: string;
  side: OverhangSide;
}

/** Whether the top over an item is to go down to the floor at a side. */
export const isWaterfall = ({ topEdges }: ItemRecord, side: OverhangSide): boolean =>
  topEdges?.[side]?.waterfall === true;

/** The corners of an item at which a corner of its top can be made otherwise than sharp. */
export interface ItemCorner {
  item: string;
  corner: TopCornerKey;
}

/** The corners of items that lie at the corner where one edge ends and the next begins, none where the top lies at something: what is made of it is told by one of them, the first being the one to tell it anew. */
export function cornersAt(before: TopEdge, after: TopEdge): ItemCorner[] {
  if ([before, after].some(({ role }) => ['wall', 'fixed', 'stop'].includes(role))) return [];
  const [last, first] = [before.items.at(-1), after.items[0]];
  if (before.role === 'front' && after.role === 'front' && last !== undefined && last === first)
    return [{ item: last, corner: 'inner' }];
  const found: ItemCorner[] = [];
  const add = (item: string | undefined, corner: TopCornerKey) => {
    if (item !== undefined) found.push({ item, corner });
  };
  // Walked counter-clockwise, a front goes from its left to its right, what lies behind from right to left.
  if (before.role === 'front') add(last, 'frontRight');
  if (after.role === 'front') add(first, 'frontLeft');
  if (before.role === 'behind') add(last, 'behindLeft');
  if (after.role === 'behind') add(first, 'behindRight');
  if (before.role === 'right') add(last, 'behindRight');
  if (after.role === 'left') add(first, 'behindLeft');
  return found;
}
