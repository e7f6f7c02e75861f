import type { ItemRecord } from '../document/records';
import { place, scale, type Point } from '../geometry/point';
import type { Sector } from '../geometry/sector';
import { hasLegs, ONE_DOOR } from '../ranges/handing';
import type { ItemBox } from './item-box';

/** What the front of an item needs to open: a leaf's swing, or the floor a drawer or flap comes out over. */
export type OpenFront = { swing: Sector } | { reach: readonly Point[] };

/** How far a drawer comes out where it is not known, as a share of the depth; and a door that comes down, as a share of the height. */
const DRAWER_OUT = 0.9;
const DOOR_DOWN = 0.75;

/** What the fronts and the filler of the run round a corner take of a blind cabinet's front, past that run's depth, mm. */
const BEHIND = 70;

/** How much of a blind cabinet's front is in the corner and never seen, mm: as much as the run beside it, its fronts and filler take. */
export function hiddenInCorner({ width, depth }: Pick<ItemRecord, 'depth' | 'width'>): number {
  return Math.min((width * 3) / 4, depth + BEHIND);
}

/** What an item's doors and drawers take when they are fully open; nothing for what has none, or opens upwards. */
export function openFronts(box: ItemBox): readonly OpenFront[] {
  const { record, kind, u, n, rectangle } = box;
  const { width, depth, height, hand } = record;
  const [, , frontRight, frontLeft] = rectangle;
  // Leaves of a corner cabinet with two legs fold into its corner.
  if (hasLegs(kind)) return [];
  switch (kind.opens) {
    case 'doors': {
      const quarter = Math.PI / 2;
      const left = (radius: number): OpenFront => ({
        swing: { centre: frontLeft, radius, from: Math.atan2(n.y, n.x), sweep: quarter },
      });
      const back = scale(u, -1);
      const right = (radius: number): OpenFront => ({
        swing: { centre: frontRight, radius, from: Math.atan2(back.y, back.x), sweep: quarter },
      });
      const seen = width - hiddenInCorner(record);
      if (kind.blind) return [hand === 'right' ? left(seen) : right(seen)];
      const isSingle = kind.rows?.some(({ shows, single }) => shows === 'doors' && single) ?? false;
      if (width > ONE_DOOR && !isSingle) return [left(width / 2), right(width / 2)];
      return [hand === 'left' ? left(width) : right(width)];
    }
    case 'drawers':
      return [ahead(record.facts?.opens ?? depth * DRAWER_OUT)];
    case 'down':
      return [ahead(record.facts?.opens ?? height * DOOR_DOWN)];
    default:
      return [];
  }

  function ahead(out: number): OpenFront {
    return {
      reach: [frontLeft, frontRight, place(frontRight, n, out, u, 0), place(frontLeft, n, out, u, 0)],
    };
  }
}
