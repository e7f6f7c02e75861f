import type { Design } from '../document/design';
import { findItem, rangesOf } from '../ranges/shelf';
import type { ItemBox } from './item-box';
import { acrossFromLeft } from './rough-ins';
import { tieOn } from './ties';

/** What a fixture's drain centre is measured from: what is beside it, and the wall behind. */
export const drainSides = ['left', 'right', 'behind'] as const;
export type DrainSide = (typeof drainSides)[number];

/** How far an item's drain centre is in from each side of it, mm; null where it has no drain, and behind where its drain goes into the wall. */
export function drainIn(design: Design, box: ItemBox): Record<DrainSide, number | null> | null {
  const found = findItem(box.record.range, box.record.code, rangesOf(design));
  const point = found.ok ? found.value.services.find(({ type }) => type === 'drain') : undefined;
  if (!point) return null;
  const left = acrossFromLeft(box, point);
  return { left, right: box.record.width - left, behind: point.out > 0 ? point.out : null };
}

/** The distance of an item's drain centre from what stands on each side of it, the rough-in behind, mm; null where nothing does. */
export function drainDistances(design: Design, box: ItemBox): Record<DrainSide, number | null> | null {
  const inside = drainIn(design, box);
  if (!inside) return null;
  const of = (side: DrainSide) => {
    const tie = inside[side] === null ? undefined : tieOn(design, box, side);
    return tie ? tie.distance + inside[side]! : null;
  };
  return { left: of('left'), right: of('right'), behind: of('behind') };
}
