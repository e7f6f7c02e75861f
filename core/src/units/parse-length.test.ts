import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { noun } from '../nouns';
import { must } from '../result';
import { refusalText } from '../wording/refusal-text';
import { formatLength, formatLengthWithUnit } from './format-length';
import { parseLength, parseLengthWithin } from './parse-length';
import { lengthUnits, usualStyle, type LengthUnit } from './units';

describe('parseLength', () => {
  const cases: [string, LengthUnit, number][] = [
    ['467', 'mm', 467],
    ['467', 'ft-in', 467 * 25.4],
    ['1.2 m', 'ft-in', 1200],
    ['1,2 m', 'mm', 1200],
    ['30 cm', 'in', 300],
    ['22 5/8', 'in', 22.625 * 25.4],
    ['22-5/8', 'in', 22.625 * 25.4],
    ['5/8"', 'mm', 0.625 * 25.4],
    [`3' 4 1/2"`, 'mm', 40.5 * 25.4],
    [`7'-4 1/2"`, 'ft-in', 88.5 * 25.4],
    [`7' - 4"`, 'ft-in', 80 * 25.4],
    [`7'4`, 'mm', 88 * 25.4],
    ['6 ft 2 in', 'm', 74 * 25.4],
    ['4 ½', 'in', 4.5 * 25.4],
    ['1200 - 2*18', 'mm', 1164],
    ['1200-10/2', 'mm', 1195],
    ['(1200 - 36)/2', 'mm', 582],
    ['1 m - 30', 'mm', 970],
    ['2 * 1/2"', 'mm', 25.4],
    ['-12', 'mm', -12],
    ['3 m / 2', 'mm', 1500],
    ['.5', 'in', 12.7],
    ['1/64', 'in', 0.396875],
  ];
  it.each(cases)('reads %s in %s as %d mm', (text, unit, mm) => {
    expect(must(parseLength(text, unit))).toBeCloseTo(mm, 6);
  });

  it.each([
    ['abc', 'not a number'],
    ['', 'nothing'],
    ['12 potatoes', 'not understood'],
    ['1,240', 'write 1240 or 1.240'],
    ['2 m * 3 m', 'two lengths are multiplied'],
    ['3 / 2 m', 'a number is divided by a length'],
    ['1/0', 'divides by zero'],
    ['(3 + 4', 'not closed'],
    ['3 +', 'ends too soon'],
    [`3' 4 cm`, 'other than inches'],
    ['1e9', 'not understood'],
    ['9'.repeat(90), 'longer than 80'],
  ])('refuses %s and says why', (text, reason) => {
    const read = parseLength(text, 'mm');
    expect(read.ok).toBe(false);
    if (!read.ok) expect(refusalText(read.refusal)).toContain(reason);
  });

  it('refuses lengths beyond limits, naming them in the unit typed in', () => {
    const read = parseLengthWithin('-5', 'mm', noun('face', 'A'), 50, 30_000);
    expect(!read.ok && refusalText(read.refusal)).toBe(
      'Face A can’t be -5 mm. Give a length from 50 mm to 30000 mm.',
    );
    expect(parseLengthWithin('1000000000', 'mm', noun('face', 'A'), 50, 30_000).ok).toBe(false);
  });
});

describe('formatLength', () => {
  it.each([
    [88.5, `7'-4 1/2"`, `88 1/2"`],
    [96.5, `8'-0 1/2"`, `96 1/2"`],
    [11.75, `11 3/4"`, `11 3/4"`],
    [0, `0"`, `0"`],
    [0.25, `1/4"`, `1/4"`],
    [12, `1'-0"`, `12"`],
    [11.99, `1'-0"`, `12"`],
    [-3.5, `-3 1/2"`, `-3 1/2"`],
  ])('writes %d inches as %s and %s', (value, feet, inches) => {
    expect(formatLength(value * 25.4, usualStyle('ft-in'))).toBe(feet);
    expect(formatLength(value * 25.4, usualStyle('in'))).toBe(inches);
  });

  it('writes metric lengths to their step', () => {
    expect(formatLength(2248.4, { unit: 'mm', step: 1 })).toBe('2248');
    expect(formatLength(2248.4, { unit: 'mm', step: 0.5 })).toBe('2248.5');
    expect(formatLength(2248.4, { unit: 'cm', step: 1 })).toBe('224.8');
    expect(formatLength(2248.4, { unit: 'm', step: 1 })).toBe('2.248');
    expect(formatLengthWithUnit(2248.4, { unit: 'm', step: 10 })).toBe('2.25 m');
    expect(formatLength(88.5 * 25.4, usualStyle('in-decimal'))).toBe('88.50"');
  });

  it('reads back what it wrote: every 1/64 in to 100 ft', () => {
    for (const unit of ['ft-in', 'in'] as const) {
      const style = { unit, step: 25.4 / 64 };
      for (let count = 0; count <= 100 * 12 * 64; count += 1) {
        const mm = (count * 25.4) / 64;
        if (Math.abs(must(parseLength(formatLength(mm, style), unit)) - mm) > 1e-6)
          expect.fail(`${count}/64 in as ${unit}`);
      }
    }
  });

  it('reads back what it wrote: every 0.1 mm to 30 m, in every metric unit', () => {
    for (const unit of ['mm', 'cm', 'm'] as const) {
      for (let count = 0; count <= 300_000; count += 1) {
        const mm = count / 10;
        if (Math.abs(must(parseLength(formatLength(mm, { unit, step: 0.1 }), unit)) - mm) > 1e-6)
          expect.fail(`${mm} as ${unit}`);
      }
    }
  });

  it('never throws on nonsense', () => {
    fc.assert(
      fc.property(fc.string(), fc.constantFrom(...lengthUnits), (text, unit) => {
        const read = parseLength(text, unit);
        return read.ok ? Number.isFinite(read.value) : refusalText(read.refusal).length > 10;
      }),
    );
  });
});
