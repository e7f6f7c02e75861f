import type { Design } from '../../document/design';
import type { ItemBox } from '../../setting/item-box';
import type { Look } from '../look';
import type { Reading } from '../reading';
import { landingsBeside } from './landing';

/** The landings at both sides of something as a reading: each side, the larger and the smaller, mm; and what else it says. */
export function besideReading(box: ItemBox, look: Look, more: Partial<Reading> = {}): Reading {
  const of = (side: 'left' | 'right') =>
    look.at((design: Design) => landingsBeside(design, box)[side].length);
  const [left, right] = [of('left'), of('right')];
  const { left: a, right: b } = look.at((design) => landingsBeside(design, box));
  return {
    key: box.id,
    ids: [box.id],
    place: [...a.path, ...box.footprint, ...b.path],
    about: [{ of: box.id }],
    ...more,
    values: {
      left,
      right,
      'larger-side': Math.max(left, right),
      'smaller-side': Math.min(left, right),
      ...more.values,
    },
  };
}
