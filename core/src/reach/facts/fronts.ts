import { perDesign, type Design } from '../../document/design';
import { remember } from '../../document/remember';
import { dot, inward, place, subtract, unit, type Point } from '../../geometry/point';
import type { ItemBox } from '../../setting/item-box';
import { handleOf } from '../../solids/handles';
import { builtAs, solidOfItem, type Solid } from '../../solids/solids';
import { hostOf } from './fixtures';
import { overhangPast } from '../../surfaces/overhang';
import { tops, type Top } from '../../surfaces/tops';

/** A finished edge of an item in plan: from left to right as one stands before it, `out` from it. */
export interface FinishedEdge {
  box: ItemBox;
  from: Point;
  to: Point;
  out: Point;
  /** How far it stands before the side of the box, mm. */
  by: number;
  /** Whether doors, drawers or what is worked at are there. */
  front: boolean;
}

/** The top that each item carries. */
export const topByItem: (design: Design) => ReadonlyMap<string, Top> = perDesign(
  (design) => new Map(tops(design).flatMap((top) => top.items.map((id) => [id, top] as const))),
);

/** The finished edges of an item: sides moved out by what its top stands past them, fronts by that or by doors and handles, whichever reaches farther. */
export function finishedEdges(design: Design, box: ItemBox): readonly FinishedEdge[] {
  return edgesOf(box, {
    solid: solidOfItem(design, box),
    top: topByItem(design).get(box.id) ?? null,
    proud: builtAs(design, box)?.proud ?? 0,
  });
}

const edgesOf = remember(
  (
    box: ItemBox,
    { solid, top, proud }: { solid: Solid; top: Top | null; proud: number },
  ): readonly FinishedEdge[] => {
    const fronted = solid.sides.some(({ front }) => front);
    const middle = box.kind.front && !fronted;
    return solid.sides.map(({ from, to, front, parts }) => {
      const out = unit(inward(subtract(to, from)));
      const isFront = box.kind.front && (front || (middle && isAhead(box, out)));
      const handles = parts.map((part) => handleOf(part)?.off ?? 0);
      const leaf = front && parts.length > 0 ? leafBefore(box, proud) + Math.max(0, ...handles) : 0;
      const by = Math.max(leaf, top ? overhangPast(top, from, to, out) : 0);
      return {
        box,
        by,
        from: place(from, out, by, out, 0),
        to: place(to, out, by, out, 0),
        out,
        front: isFront,
      };
    });
  },
  { kept: 2 },
);

/** What leaves stand before the box; an appliance that is no part of a run has its front in its depth. */
const leafBefore = ({ kind }: ItemBox, proud: number): number =>
  kind.group === 'appliances' && kind.top !== 'under' ? 0 : proud;

const isAhead = ({ n }: ItemBox, out: Point): boolean => out.x * n.x + out.y * n.y > 0.99;

/** How far out of an item's back the finished front is that one stands before, mm: of what is let in, that of what carries it. */
export function frontOut(design: Design, box: ItemBox): number {
  const edges = finishedEdges(design, hostOf(design, box) ?? box);
  const ahead = edges
    .filter(({ out }) => isAhead(box, out))
    .map(({ from }) => dot(subtract(from, box.origin), box.n));
  return Math.max(box.record.depth, ...ahead);
}
