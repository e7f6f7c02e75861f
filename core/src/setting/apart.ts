import { dot, subtract } from '../geometry/point';
import type { ItemBox } from './item-box';

/** How far one item stands from a chosen one, mm; negative when they overlap that way. */
export interface Apart {
  /** Seen from the chosen one's front: beside it, or in front of or behind it. */
  way: 'beside' | 'before';
  distance: number;
  /** 1 to the right or in front of the chosen one, -1 to its left or behind it. */
  sign: 1 | -1;
}

/** The distance between the nearest edges of two items, along or square to the back of the chosen one. */
export function apartFrom(box: ItemBox, chosen: ItemBox, way: Apart['way']): Apart {
  const axis = way === 'beside' ? chosen.u : chosen.n;
  const size = way === 'beside' ? chosen.record.width : chosen.record.depth;
  const along = box.rectangle.map((corner) => dot(subtract(corner, chosen.origin), axis));
  const [from, to] = [Math.min(...along), Math.max(...along)];
  const after = from + to >= size;
  return { way, sign: after ? 1 : -1, distance: after ? from - size : -to };
}
