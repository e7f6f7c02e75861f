import type { Point } from '../geometry/point';
import { perimeterOf } from './adjust-loop';
import { derivative, type Observation } from './observations';

/** A row that keeps less than this share of itself, once what others say is taken off, says nothing new. */
export const SAYS_NEW = 1e-6;

/** How many of the observations are independent of one another (Gram–Schmidt on their derivatives). */
export function rankOf(
  corners: readonly Point[],
  observations: readonly Observation[],
  saysNew = SAYS_NEW,
): number {
  const basis: Float64Array[] = [];
  const unit = perimeterOf(corners) / corners.length;
  for (const one of observations) {
    const { at, by } = derivative(corners, one);
    const row = new Float64Array(2 * corners.length - 3);
    at.forEach((unknown, index) => (row[unknown] = by[index]! * (one.of === 'corner' ? unit : 1)));
    const whole = norm(row);
    for (const other of basis) {
      let share = 0;
      for (let i = 0; i < row.length; i++) share += row[i]! * other[i]!;
      for (let i = 0; i < row.length; i++) row[i]! -= share * other[i]!;
    }
    const left = norm(row);
    if (left > saysNew * Math.max(whole, 1e-9)) basis.push(row.map((value) => value / left));
  }
  return basis.length;
}

function norm(row: Float64Array): number {
  return Math.sqrt(row.reduce((sum, value) => sum + value * value, 0));
}
