import { formatLength } from '../../units/format-length';
import { isInchUnit, MM_PER_INCH, type LengthStyle } from '../../units/units';

/** The finest a saw is set to, mm: a tenth, a thirty-second of an inch, a thousandth of one. */
const STEP = { metric: 0.1, fraction: MM_PER_INCH / 32, decimal: MM_PER_INCH / 1_000 };

/** The unit and step that lengths of the shop are typed and told in. */
export function shopLengthStyle({ unit }: Pick<LengthStyle, 'unit'>): LengthStyle {
  if (!isInchUnit(unit)) return { unit: 'mm', step: STEP.metric };
  return unit === 'in-decimal' ? { unit, step: STEP.decimal } : { unit: 'in', step: STEP.fraction };
}

/** How lengths are told where they are cut: as fine as saws are set, in millimetres or inches whatever the room's own rounding is; tenths only where there are any. */
export function shopLength({ unit }: Pick<LengthStyle, 'unit'>): (mm: number) => string {
  const style = shopLengthStyle({ unit });
  if (isInchUnit(unit)) return (mm) => formatLength(mm, style);
  return (mm) => {
    const isWhole = Math.abs(mm - Math.round(mm)) < STEP.metric / 2;
    return formatLength(mm, isWhole ? { ...style, step: 1 } : style);
  };
}
