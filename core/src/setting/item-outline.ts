import type { ItemRecord, OutlinePlace } from '../document/records';
import { kindOf } from '../ranges/kinds';

/** Sides of the polygon that stands for a circle: it goes past the circle by less than 0.5 % of the radius at its corners. */
const SIDES = 32;

type Outlined = Pick<ItemRecord, 'corners' | 'depth' | 'hand' | 'leg' | 'type' | 'width'>;

/**
 * The corners of an item in its own frame: along its back from the left end and out from it, mm, walked from left to right along the
 * back. A corner cabinet has its corner at the left end, or at the right where its hand is right.
 */
export function itemOutline(record: Outlined): readonly OutlinePlace[] {
  const { width, depth, hand } = record;
  const leftHand = leftHanded(record);
  if (hand === 'left') return leftHand;
  return leftHand.map(({ along, out }) => ({ along: width - along, out })).reverse();

  function leftHanded({ corners, leg, type }: Outlined): readonly OutlinePlace[] {
    if (corners && !kindOf(type).upright) return corners;
    const at = (along: number, out: number): OutlinePlace => ({ along, out });
    switch (kindOf(type).plan) {
      case 'l':
      case 'diagonal': {
        const reach = Math.min(leg ?? Math.min(width, depth) / 2, width, depth);
        const inner = kindOf(type).plan === 'l' ? [at(reach, reach)] : [];
        return [at(0, 0), at(width, 0), at(width, reach), ...inner, at(reach, depth), at(0, depth)];
      }
      case 'chamfer': {
        const cut = Math.min(width, depth) * 0.8;
        return [at(0, 0), at(width, 0), at(width, depth - cut), at(width - cut, depth), at(0, depth)];
      }
      case 'round':
        return around(width, depth);
      default:
        return [at(0, 0), at(width, 0), at(width, depth), at(0, depth)];
    }
  }
}

/** An ellipse as wide and deep as asked, as a polygon around it. */
function around(width: number, depth: number): OutlinePlace[] {
  const reach = 1 / Math.cos(Math.PI / SIDES) / 2;
  return Array.from({ length: SIDES }, (_, index) => {
    const angle = (2 * Math.PI * (index + 0.5)) / SIDES;
    return {
      along: width * (0.5 + reach * Math.sin(angle)),
      out: depth * (0.5 - reach * Math.cos(angle)),
    };
  });
}
