import type { Noun } from '../nouns';
import type { Reason } from '../reasons';
import { ok, refuse, type Result } from '../result';
import { isInchUnit, mmPerUnit, quantise, type LengthUnit } from './units';

/** Longest length anyone may type, mm. Larger readings are a slip of the finger. */
export const MOST_LENGTH = 100_000;

/** dimension: 1 a length in mm; 0 a plain number; 'bare' a number that becomes a length in the job's unit if nothing else says so. */
interface Quantity {
  value: number;
  dimension: 0 | 1 | 'bare';
}

class Unreadable extends Error {
  constructor(readonly reason: Reason) {
    super();
  }
}

const unitWords: Record<string, number> = {
  mm: 1,
  cm: 10,
  m: 1000,
  in: 25.4,
  inch: 25.4,
  inches: 25.4,
  '"': 25.4,
  '″': 25.4,
  '”': 25.4,
  "''": 25.4,
  ft: 304.8,
  foot: 304.8,
  feet: 304.8,
  "'": 304.8,
  '′': 304.8,
  '’': 304.8,
};
const vulgar: Record<string, string> = {
  '½': ' 1/2',
  '¼': ' 1/4',
  '¾': ' 3/4',
  '⅛': ' 1/8',
  '⅜': ' 3/8',
  '⅝': ' 5/8',
  '⅞': ' 7/8',
};

const unitPattern = `(mm|cm|m|inches|inch|in|feet|foot|ft|''|["″”'′’])(?![a-z])`;
const numberPattern = String.raw`(\d+(?:[.,]\d+)?|[.,]\d+)`;
const fractionPattern = String.raw`(\d+)\/(\d+)`;

/**
 * Reads a typed length: `22 5/8`, `3' 4 1/2"`, `7'-4 1/2"`, `1.2 m`, `467`, `1200 - 2*18`, in any unit whatever the job's.
 * A number with no unit is in the job's unit (inches for feet-and-inches). A dash without spaces after a foot
 * mark joins feet and inches; any other dash subtracts. Returns millimetres, quantised.
 */
export function parseLength(text: string, unit: LengthUnit): Result<number> {
  const trimmed = text.trim();
  if (trimmed === '') return unreadable(text, 'nothing-typed');
  if (trimmed.length > 80)
    return unreadable(`${trimmed.slice(0, 20)}…`, { because: 'typed-too-long', most: 80 });
  let quantity: Quantity;
  try {
    quantity = new Reader(
      trimmed
        .replace(/[½¼¾⅛⅜⅝⅞]/g, (sign) => vulgar[sign]!)
        .replace(/[−–]/g, '-')
        .toLowerCase(),
      unit,
    ).whole();
  } catch (error) {
    if (error instanceof Unreadable) return unreadable(text, error.reason);
    throw error;
  }
  const mm = quantity.dimension === 1 ? quantity.value : quantity.value * mmPerUnit[unit];
  if (!Number.isFinite(mm)) return unreadable(text, 'divides-by-zero');
  if (Math.abs(mm) > MOST_LENGTH)
    return refuse('length-range', { what: 'length', length: mm, least: -MOST_LENGTH, most: MOST_LENGTH });
  return ok(quantise(mm));
}

/** As parseLength, but within limits given in mm; `what` names the thing in the refusal. */
export function parseLengthWithin(
  text: string,
  unit: LengthUnit,
  what: Noun,
  least: number,
  most: number,
): Result<number> {
  const read = parseLength(text, unit);
  if (!read.ok)
    return read.refusal.code === 'length-range'
      ? refuse('length-range', { ...read.refusal.data, what, least, most })
      : read;
  return read.value < least || read.value > most
    ? refuse('length-range', { what, length: read.value, least, most })
    : read;
}

function unreadable(text: string, reason: Reason): Result<number> {
  return refuse('length-unreadable', { text, reason });
}

class Reader {
  private at = 0;
  constructor(
    private readonly text: string,
    private readonly unit: LengthUnit,
  ) {}

  whole(): Quantity {
    const value = this.sum();
    this.spaces();
    if (this.at < this.text.length)
      throw new Unreadable({ because: 'not-understood', rest: this.text.slice(this.at) });
    return value;
  }

  private sum(): Quantity {
    let left = this.product();
    for (;;) {
      const sign = this.operator('+-');
      if (!sign) return left;
      const right = this.product();
      const alike = left.dimension === right.dimension;
      const [a, b] = alike ? [left, right] : [this.asLength(left), this.asLength(right)];
      left = { value: sign === '+' ? a.value + b.value : a.value - b.value, dimension: a.dimension };
    }
  }

  private product(): Quantity {
    let left = this.factor();
    for (;;) {
      const sign = this.operator('*×/');
      if (!sign) return left;
      const right = this.factor();
      if (sign === '/') {
        if (right.dimension === 1 && left.dimension !== 1) throw new Unreadable('divided-by-length');
        left = { value: left.value / right.value, dimension: right.dimension === 1 ? 0 : left.dimension };
      } else {
        if (left.dimension === 1 && right.dimension === 1) throw new Unreadable('lengths-multiplied');
        left = {
          value: left.value * right.value,
          dimension: left.dimension === 1 || right.dimension === 1 ? 1 : 'bare',
        };
      }
    }
  }

  private factor(): Quantity {
    if (this.operator('-')) {
      const inner = this.factor();
      return { ...inner, value: -inner.value };
    }
    if (this.operator('(')) {
      const inner = this.sum();
      if (!this.operator(')')) throw new Unreadable('bracket-open');
      return inner;
    }
    return this.quantity();
  }

  /** A number with its fraction and unit; feet may be followed by inches. */
  private quantity(): Quantity {
    const first = this.mixed();
    if (first === null) {
      const rest = this.text.slice(this.at).trim();
      throw new Unreadable(rest === '' ? 'ends-too-soon' : { because: 'no-number', rest });
    }
    const factor = this.unitWord();
    if (factor === null) return { value: first, dimension: 'bare' };
    const feet = factor === 304.8;
    if (feet && this.match(/^(-|\s*)(?=\d|[.,]\d)/)) {
      const inches = this.mixed()!;
      const inchFactor = this.unitWord() ?? 25.4;
      if (inchFactor !== 25.4) throw new Unreadable('feet-without-inches');
      return { value: first * 304.8 + inches * 25.4, dimension: 1 };
    }
    return { value: first * factor, dimension: 1 };
  }

  /** `22 5/8`, `22-5/8`, `5/8` or `22.6`; null if no number stands here. */
  private mixed(): number | null {
    this.spaces();
    const fraction = this.match(new RegExp(`^${fractionPattern}(?!\\s*[\\d.])`));
    if (fraction) return divide(fraction[1]!, fraction[2]!);
    const whole = this.match(new RegExp(`^${numberPattern}`));
    if (!whole) return null;
    const value = decimal(whole[1]!);
    const joint = isInchUnit(this.unit) ? '(?:\\s+|-)' : '\\s+';
    const rest = this.match(new RegExp(`^${joint}(\\d+)\\/(2|4|8|16|32|64)(?!\\d)`));
    return rest ? value + divide(rest[1]!, rest[2]!) : value;
  }

  private unitWord(): number | null {
    const found = this.match(new RegExp(`^\\s*${unitPattern}`));
    return found ? unitWords[found[1]!]! : null;
  }

  private asLength(quantity: Quantity): Quantity {
    if (quantity.dimension === 1) return quantity;
    return { value: quantity.value * mmPerUnit[this.unit], dimension: 1 };
  }

  private operator(signs: string): string | null {
    this.spaces();
    const sign = this.text[this.at];
    if (sign === undefined || !signs.includes(sign)) return null;
    this.at += 1;
    return sign;
  }

  private match(pattern: RegExp): RegExpMatchArray | null {
    const found = this.text.slice(this.at).match(pattern);
    if (found) this.at += found[0].length;
    return found;
  }

  private spaces(): void {
    this.match(/^\s+/);
  }
}

function divide(top: string, bottom: string): number {
  if (Number(bottom) === 0) throw new Unreadable('divides-by-zero');
  return Number(top) / Number(bottom);
}

function decimal(text: string): number {
  if (/^[1-9]\d{0,2},\d{3}$/.test(text)) {
    throw new Unreadable({
      because: 'comma-unclear',
      text,
      whole: text.replace(',', ''),
      parted: text.replace(',', '.'),
    });
  }
  return Number(text.replace(',', '.'));
}
