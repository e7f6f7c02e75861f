import { formatLength } from '../../units/format-length';
import { isInchUnit, MM_PER_INCH, type LengthStyle } from '../../units/units';

/** The finest a saw is set to, mm: a tenth, a thirty-second of an inch, a thousandth of one. */
const STEP = { metric: 0.1, fraction: MM_PER_INCH / 32, decimal: MM_PER_INCH / 1_000 };

/** How lengths are told where they are cut: as fine as saws are set, in millimetres or inches whatever the room's own rounding is; tenths only where there are any. */
export function shopLength({ unit }: Pick<LengthStyle, 'unit'>): (mm: number) => string {
  if (isInchUnit(unit)) {
    const style: LengthStyle =
      unit === 'in-decimal' ? { unit, step: STEP.decimal } : { unit: 'in', step: STEP.fraction };
    return (mm) => formatLength(mm, style);
  }
  return (mm) => {
    const isWhole = Math.abs(mm - Math.round(mm)) < STEP.metric / 2;
    return formatLength(mm, { unit: 'mm', step: isWhole ? 1 : STEP.metric });
  };
}
