import type { Design } from '../document/design';
import { dot, subtract } from '../geometry/point';
import { TOUCH } from '../geometry/tolerance';
import { fixedThings, type FixedThing } from '../survey/fixed-things';
import type { ItemBox } from './item-box';

/** From where to where something reaches within an item: across from its left end, out from its back, up from its underside; mm. */
export interface Blocked {
  x: readonly [from: number, to: number];
  y: readonly [from: number, to: number];
  z: readonly [from: number, to: number];
}

/** Boards keep so far off what they are cut round, mm. */
const CLEAR = 5;

/** What is built in where an item stands, in the item's own frame: as much as is cut out of it for that. */
export function builtInto(design: Design, box: ItemBox): { thing: FixedThing; blocked: Blocked }[] {
  const { width, depth, height } = box.record;
  return fixedThings(design).flatMap((thing) => {
    const { record, footprint, low, high } = thing;
    if (record.type === 'lining') return [];
    const places = footprint.map((point) => {
      const from = subtract(point, box.origin);
      return { x: dot(from, box.u), y: dot(from, box.n) };
    });
    const span = (of: readonly number[], most: number): [number, number] => [
      Math.max(0, Math.min(...of)),
      Math.min(most, Math.max(...of)),
    ];
    const [x, y] = [
      span(
        places.map((one) => one.x),
        width,
      ),
      span(
        places.map((one) => one.y),
        depth,
      ),
    ];
    const z = span([low - box.low, high - box.low], height);
    if ([x, y, z].some(([from, to]) => to - from <= TOUCH)) return [];
    const wider = ([from, to]: [number, number]): [number, number] => [from - CLEAR, to + CLEAR];
    return { thing, blocked: { x: wider(x), y: wider(y), z: wider(z) } };
  });
}
