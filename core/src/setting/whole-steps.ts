import { roomOf, type Design } from '../document/design';
import type { Placement } from '../document/records';
import type { Point } from '../geometry/point';
import { quantise } from '../units/units';
import { standingAround } from './shift-item';

/** A length on whole steps of the job's rounding, mm: what is placed by hand stands on numbers that can be read off. */
export function onStep(design: Design, length: number): number {
  const { step } = roomOf(design);
  return quantise(Math.round(length / step) * step);
}

/** Free on the floor about a point, its back left corner on whole steps. */
export function standingOnSteps(
  design: Design,
  middle: Point,
  turn: number,
  size: { width: number; depth: number },
): Placement {
  const placement = standingAround(middle, turn, size);
  if (placement.on !== 'floor') return placement;
  return { ...placement, x: onStep(design, placement.x), y: onStep(design, placement.y) };
}
