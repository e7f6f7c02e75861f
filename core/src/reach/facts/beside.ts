import type { Design } from '../../document/design';
import { TOUCH } from '../../geometry/tolerance';
import type { ItemBox } from '../../setting/item-box';
import type { Look } from '../look';
import type { Reading } from '../reading';
import type { Inputs } from '../measure';
import { hostOf } from './fixtures';
import { counterAcross, counterUnderOrOver, landingsBeside } from './landing';

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

/** The counter beside an oven, or what carries it, below or over it, or across from it, so wide and so near: the largest of them, mm. */
export function builtInLanding(box: ItemBox, look: Look, { wide = 0, away = 0 }: Inputs): Reading {
  const carried = look.at((design) => hostOf(design, box));
  // What stands on a counter is not built into the base under it.
  const host = carried && box.low < carried.high - TOUCH ? carried : box;
  const below = look.at((design) => counterUnderOrOver(design, box, host));
  const across = look.at((design) => counterAcross(design, host, { wide, away }).length);
  const reading = besideReading(host, look);
  const { left = 0, right = 0 } = reading.values as { left: number; right: number };
  return {
    ...reading,
    ...{ key: box.id, ids: [box.id], about: [{ of: box.id }] },
    values: { left, right, below, largest: Math.max(left, right, below, across) },
  };
}
