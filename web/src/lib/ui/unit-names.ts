import { formatLength, type LengthUnit } from 'goodreach';

/** The units as people choose them. */
export const unitNames: Record<LengthUnit, string> = {
  mm: 'Millimetres',
  cm: 'Centimetres',
  m: 'Metres',
  'ft-in': 'Feet, inches and fractions',
  in: 'Inches and fractions',
  'in-decimal': 'Decimal inches',
};

/** A rounding step as people choose it: `1/16"`, `0.5`. */
export function stepName(unit: LengthUnit, step: number): string {
  return formatLength(step, { unit, step });
}
