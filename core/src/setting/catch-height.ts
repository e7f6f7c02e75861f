import type { Design } from '../document/design';
import { TOUCH } from '../geometry/tolerance';
import { quantise } from '../units/units';
import type { PlacedFace } from '../survey/placed-face';
import { placedOpenings } from '../survey/openings';
import { itemBoxes } from './item-box';
import { onStep } from './whole-steps';
import type { Setting } from './landing';

/** Where the underside of something hung comes to lie, mm, and the record whose edge it is drawn to; null for its usual height or none. */
export interface CaughtHeight {
  up: number;
  by: string | null;
}

/**
 * The height of something that is raised or lowered along a face: its usual one, or in line with the top or underside of what else hangs
 * there, or on the head of an opening, whichever is nearest within the snap, mm; else where it is wanted.
 */
export function catchHeight(
  design: Design,
  face: PlacedFace,
  { low: usual, high, except }: Setting,
  wanted: number,
  snap: number,
): CaughtHeight {
  const tall = high - usual;
  const heights: CaughtHeight[] = [{ up: usual, by: null }];
  for (const { id, low, high: top, against } of itemBoxes(design)) {
    if (except?.has(id) || against?.face.id !== face.id) continue;
    // Undersides in line, tops in line, one on the other.
    for (const up of [low, top - tall, top, low - tall]) heights.push({ up, by: id });
  }
  for (const { record, face: of } of placedOpenings(design))
    if (of.id === face.id) heights.push({ up: record.sill + record.height + record.casing, by: record.id });
  let best: CaughtHeight = { up: Math.max(0, onStep(design, wanted)), by: null };
  let nearest = snap;
  for (const one of heights) {
    const off = Math.abs(one.up - wanted);
    if (one.up > -TOUCH && off < nearest)
      [best, nearest] = [{ ...one, up: Math.max(0, quantise(one.up)) }, off];
  }
  return best;
}
