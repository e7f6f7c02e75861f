import { isInchUnit, MM_PER_INCH, type LengthUnit } from '../units/units';

/** What a plan shows: what stands below the cut; what hangs above it dashed as well; or, looked up at, what hangs and the ceiling. */
export const planModes = ['base', 'wall-units', 'ceiling'] as const;
export type PlanMode = (typeof planModes)[number];

/** The usual cut of a plan above the floor, mm: 1200, or 48 in. */
export function usualCut(unit: LengthUnit): number {
  return isInchUnit(unit) ? 48 * MM_PER_INCH : 1_200;
}
/** From where to where a plan can be cut, mm. */
export const LEAST_CUT = 300;
export const MOST_CUT = 3_000;

/** Where something lies for a plan that is cut at a height: below the cut, cut through, or above it. */
export type AtCut = 'above' | 'below' | 'cut';

export function atCut({ low, high }: { low: number; high: number }, cut: number): AtCut {
  if (low >= cut) return 'above';
  return high > cut ? 'cut' : 'below';
}

/** Whether a plan shows what lies so. */
export function isShown(mode: PlanMode, at: AtCut): boolean {
  if (mode === 'base') return at !== 'above';
  return mode === 'wall-units' || at !== 'below';
}
