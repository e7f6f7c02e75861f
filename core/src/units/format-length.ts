import { MM_PER_INCH, type LengthStyle } from './units';

/**
 * Writes a length in the job's unit, rounded to the job's step: `7'-4 1/2"`, `88 1/2"`, `88.50"`, `2248`, `224.8`, `2.248`.
 * Metric lengths carry no unit (the sheet names it once); inches carry their mark. Fractions are reduced.
 */
export function formatLength(mm: number, style: LengthStyle): string {
  const { unit, step } = style;
  const sign = mm < 0 && Math.round(-mm / step) > 0 ? '-' : '';
  const steps = Math.round(Math.abs(mm) / step);
  switch (unit) {
    case 'mm':
      return sign + fixed(steps * step, decimals(step));
    case 'cm':
      return sign + fixed((steps * step) / 10, decimals(step / 10));
    case 'm':
      return sign + fixed((steps * step) / 1000, decimals(step / 1000));
    case 'in-decimal':
      return `${sign}${fixed((steps * step) / MM_PER_INCH, decimals(step / MM_PER_INCH))}"`;
    default: {
      const perInch = Math.round(MM_PER_INCH / step);
      const wholeInches = Math.floor(steps / perInch);
      const fraction = reduced(steps % perInch, perInch);
      if (unit === 'in' || wholeInches < 12) return `${sign}${inches(wholeInches, fraction) || '0'}"`;
      return `${sign}${Math.floor(wholeInches / 12)}'-${[wholeInches % 12, fraction].filter((part) => part !== '').join(' ')}"`;
    }
  }
}

/** As formatLength, with the unit named for metric units too: `2248 mm`. For sentences, where no sheet names the unit. */
export function formatLengthWithUnit(mm: number, style: LengthStyle): string {
  const metric = style.unit === 'mm' || style.unit === 'cm' || style.unit === 'm';
  return metric ? `${formatLength(mm, style)} ${style.unit}` : formatLength(mm, style);
}

function inches(whole: number, fraction: string): string {
  if (fraction === '') return String(whole);
  return whole === 0 ? fraction : `${whole} ${fraction}`;
}

function reduced(top: number, bottom: number): string {
  if (top === 0) return '';
  while (top % 2 === 0) [top, bottom] = [top / 2, bottom / 2];
  return `${top}/${bottom}`;
}

function decimals(step: number): number {
  return Math.max(0, Math.ceil(-Math.log10(step) - 1e-9));
}

function fixed(value: number, places: number): string {
  return value.toFixed(places);
}
