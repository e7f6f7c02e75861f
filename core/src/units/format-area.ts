import { isInchUnit, MM_PER_FOOT, type LengthUnit } from './units';

/** An area, mm², in square feet for inch jobs and square metres for metric ones: `108.6 sq ft`, `11.95 m²`. */
export function formatArea(area: number, unit: LengthUnit): string {
  return isInchUnit(unit) ? `${(area / MM_PER_FOOT ** 2).toFixed(1)} sq ft` : `${(area / 1e6).toFixed(2)} m²`;
}

/** A volume, mm³, in cubic feet or cubic metres. */
export function formatVolume(volume: number, unit: LengthUnit): string {
  return isInchUnit(unit)
    ? `${(volume / MM_PER_FOOT ** 3).toFixed(0)} cu ft`
    : `${(volume / 1e9).toFixed(2)} m³`;
}
