import { isMovable } from '../ranges/item-kind';
import { perDesign, type Design } from '../document/design';
import { rememberBoth } from '../document/remember';
import { deepestOverlap } from '../geometry/convex-pieces';
import { dot } from '../geometry/point';
import { AGAINST } from '../geometry/tolerance';
import type { KindGroup } from '../wording/kind-names';
import { itemsNear } from './bodies';
import { itemBoxes, type ItemBox } from './item-box';

/** Items that stand free of the walls and touch one another, the widest first: its front is the front of them all. */
export type Island = readonly [ItemBox, ...ItemBox[]];

/** What makes an island of what stands free: furniture alone does not. */
const MAKES: ReadonlySet<KindGroup> = new Set(['appliances', 'base', 'fixtures', 'tall', 'vanity']);

/** What stands together is no farther apart than this whichever way it is turned, mm. */
const NEAR = 4 * AGAINST;

/** Every island of the room, in the order of the ids of what they are made of. */
export const islands: (design: Design) => readonly Island[] = perDesign((design) => {
  const free = new Set(
    itemBoxes(design).filter(({ record, kind }) => record.placement.on === 'floor' && !isMovable(kind)),
  );
  const found: Island[] = [];
  for (const seed of free) {
    free.delete(seed);
    const island = [seed];
    for (const box of island) {
      for (const other of togetherWith(design, box)) if (free.delete(other)) island.push(other);
    }
    const widestFirst = island.sort((a, b) => b.record.width - a.record.width);
    if (island.some(({ kind }) => MAKES.has(kind.group) && !kind.flat))
      found.push(widestFirst as [ItemBox, ...ItemBox[]]);
  }
  return found;
});

/** The items that touch one in plan. */
export function togetherWith(design: Design, box: ItemBox): readonly ItemBox[] {
  return together(box, itemsNear(design, box.footprint, NEAR));
}

const together = rememberBoth((box: ItemBox, near: readonly ItemBox[]): readonly ItemBox[] =>
  near.filter((other) => other !== box && standTogether(box, other)),
);

/** Whether two items touch in plan. */
export const standTogether = rememberBoth((a: ItemBox, b: ItemBox): boolean => {
  // Far apart is told from the backs alone.
  const apart = { x: b.origin.x - a.origin.x, y: b.origin.y - a.origin.y };
  const reach = (box: ItemBox) => Math.hypot(box.record.width, box.record.depth);
  if (dot(apart, apart) > (reach(a) + reach(b) + AGAINST) ** 2) return false;
  return deepestOverlap(a.pieces, b.pieces) >= -AGAINST;
});
