/** The ways a job can show its lengths. Stored lengths are millimetres whatever is shown. */
export const lengthUnits = ['ft-in', 'in', 'in-decimal', 'mm', 'cm', 'm'] as const;
export type LengthUnit = (typeof lengthUnits)[number];

/** How a job shows lengths: the unit, and the rounding step in millimetres. */
export interface LengthStyle {
  unit: LengthUnit;
  step: number;
}

export const MM_PER_INCH = 25.4;
export const MM_PER_FOOT = 304.8;

/** Millimetres in one of the unit that a bare typed number means. */
export const mmPerUnit: Record<LengthUnit, number> = {
  'ft-in': MM_PER_INCH,
  in: MM_PER_INCH,
  'in-decimal': MM_PER_INCH,
  mm: 1,
  cm: 10,
  m: 1000,
};

/** The rounding steps offered for each unit, in millimetres, the usual one first. */
export const roundingSteps: Record<LengthUnit, readonly number[]> = {
  'ft-in': [25.4 / 16, 25.4 / 8, 25.4 / 32],
  in: [25.4 / 16, 25.4 / 8, 25.4 / 32],
  'in-decimal': [25.4 / 100, 25.4 / 1000],
  mm: [1, 0.5, 0.1],
  cm: [1, 5, 0.1],
  m: [1, 10],
};

export function usualStyle(unit: LengthUnit): LengthStyle {
  return { unit, step: roundingSteps[unit][0]! };
}

export function isInchUnit(unit: LengthUnit): boolean {
  return unit === 'ft-in' || unit === 'in' || unit === 'in-decimal';
}

/** A length as it is stored: millimetres rounded to 1e-6 mm (1/64 in is exact). */
export function quantise(mm: number): number {
  const rounded = Math.round(mm * 1e6) / 1e6;
  return rounded === 0 ? 0 : rounded;
}

/** Millimetres of a metre, and square ones of a square metre. */
export const MM_PER_M = 1e3;
export const MM2_PER_M2 = 1e6;
