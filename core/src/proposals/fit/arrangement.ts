import type { FitCase, FitCriterion } from './fit-case';

/** What stands in a run, from left to right; widths in steps. */
export interface Placed {
  kind: 'cabinet' | 'filler' | 'item';
  w: number;
  /** Of an item. */
  id?: string;
}

export type FitValues = Record<FitCriterion, number>;

/** What an arrangement is worth, by the definitions and nothing that was computed on the way; lengths in steps. */
export function worthOf(row: readonly Placed[], length: number, centre2: number | null): FitValues {
  const cabinets = row.filter(({ kind }) => kind === 'cabinet');
  const joints: number[] = [];
  let at = 0;
  for (const { w } of row) if ((at += w) < length) joints.push(at);
  return {
    filler: row.reduce((sum, { kind, w }) => sum + (kind === 'filler' ? w : 0), 0),
    widths: new Set(cabinets.map(({ w }) => w)).size,
    symmetry: centre2 === null ? 0 : crookedness(joints, length, centre2),
    items: cabinets.length,
  };
}

/** Over all joints inside a length the distance of the joint mirrored at the centre line, where that falls inside, to the nearest joint or end. Joints sorted. */
export function crookedness(joints: readonly number[], length: number, centre2: number): number {
  const targets = [0, ...joints, length];
  let [sum, near] = [0, targets.length - 1];
  for (const joint of joints) {
    const mirrored = centre2 - joint;
    if (mirrored <= 0 || mirrored >= length) continue;
    // Mirrored places fall as joints rise.
    while (near > 0 && Math.abs(targets[near - 1]! - mirrored) <= Math.abs(targets[near]! - mirrored)) near--;
    sum += Math.abs(targets[near]! - mirrored);
  }
  return sum;
}

/** Which of two lists of values comes first. */
export function compareWorth(a: readonly number[], b: readonly number[]): number {
  for (let i = 0; i < a.length; i++) if (a[i] !== b[i]) return a[i]! - b[i]!;
  return 0;
}

export const worthIn = (values: FitValues, order: FitCase['order']): number[] =>
  order.map((one) => values[one]);
