import { TOUCH } from '../geometry/tolerance';
import type { Design } from '../document/design';
import { spanOf } from '../survey/placed-face';
import { roomShape } from '../survey/room-shape';
import type { ItemBox } from './item-box';
import type { Setting } from './landing';
import { freeStretches } from './open-lengths';

/** How much is free where an item stands against a face, itself left out, and how much more than it needs (negative: too little), mm; null for what stands against none. */
export function alcoveOf(design: Design, box: ItemBox): { free: number; spare: number } | null {
  if (!box.against) return null;
  const { face, along } = box.against;
  const { width, depth } = box.record;
  const middle = along + width / 2;
  const band = { depth, low: box.low, high: box.high, except: new Set([box.id]) };
  const stretch = freeStretches(design, face, band).find(({ from, to }) => middle >= from && middle <= to);
  if (!stretch) return null;
  const spare = stretch.length - spanOf(face, width, depth);
  // What touches fits exactly.
  return { free: stretch.length, spare: Math.abs(spare) <= TOUCH ? 0 : spare };
}

/** The longest stretch of any face that is free for something, mm; 0 where there is none. */
export function longestFree(design: Design, setting: Setting): number {
  const lengths = roomShape(design).faces.flatMap((face) =>
    freeStretches(design, face, setting).map(({ length }) => length),
  );
  return Math.max(0, ...lengths);
}
