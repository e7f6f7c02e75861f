import { fontWidths, measuredSigns } from './font-widths';
import type { Typeface } from './typefaces';

/** A piece of a line of text, set at `x` from its start, raised by `rise`, in `size`: all in the unit of the line's size. */
export interface TextRun {
  text: string;
  x: number;
  rise: number;
  size: number;
}

/** Numerator and denominator against the text's size; large enough for a sixteenth to read at drawing size. */
const FRACTION_SIZE = 0.74;
/** How far the numerator's foot stands above the baseline. */
const NUMERATOR_RISE = 0.28;
/** Height of figures and capitals against the size. */
export const CAP_HEIGHT = 0.69;
/** The width of a sign that is not known, 1/1000 of the size. */
const UNKNOWN = 560;

/** Where the width of a sign stands among those of a font. */
const signAt = new Map(measuredSigns.map((code, index) => [code, index]));

/** Width of plain text in a drawing font, without kerning. */
export function plainWidth(text: string, size: number, bold = false, typeface: Typeface = 'plain'): number {
  const widths = fontWidths[typeface][bold ? 'bold' : 'regular'];
  let sum = 0;
  for (const sign of text) sum += widths[signAt.get(sign.codePointAt(0)!) ?? -1] ?? UNKNOWN;
  return (sum * size) / 1000;
}

/** How a line of text is set: `squeeze` is how wide its letters are drawn, as a share of what they are by themselves. */
export interface LaidText {
  runs: TextRun[];
  width: number;
  squeeze: number;
}

/** A line of text in a typeface, in the room that was found for it in the plain one: where it would be wider, its letters are drawn narrower. */
export function typeset(typeface: Typeface, text: string, size: number, bold = false): LaidText {
  const laid = layoutText(text, size, bold, typeface);
  const room = typeface === 'plain' ? laid.width : textWidth(text, size, bold);
  if (laid.width <= room) return { ...laid, squeeze: 1 };
  const squeeze = room / laid.width;
  return { runs: laid.runs.map((run) => ({ ...run, x: run.x * squeeze })), width: room, squeeze };
}

/** Sets a line of text with its fractions built: `4 1/2"` becomes a 4, a raised small 1, a stroke and a small 2. */
export function layoutText(
  text: string,
  size: number,
  bold = false,
  typeface: Typeface = 'plain',
): Pick<LaidText, 'runs' | 'width'> {
  const runs: TextRun[] = [];
  let x = 0;
  const put = (piece: string, runSize: number, rise: number, tighten = 0) => {
    if (piece === '') return;
    runs.push({ text: piece, x: x - tighten, rise, size: runSize });
    x += plainWidth(piece, runSize, bold, typeface) - 2 * tighten;
  };
  let rest = text;
  for (let found = fraction(rest); found; found = fraction(rest)) {
    put(rest.slice(0, found.index), size, 0);
    if (found[1]) x += 0.09 * size;
    put(found[2]!, size * FRACTION_SIZE, size * NUMERATOR_RISE);
    put('/', size, 0, size * 0.04);
    put(found[3]!, size * FRACTION_SIZE, 0);
    rest = rest.slice(found.index + found[0].length);
  }
  put(rest, size, 0);
  return { runs, width: x };
}

/** Width of a line of text with its fractions built. */
export function textWidth(text: string, size: number, bold = false): number {
  return layoutText(text, size, bold).width;
}

/** A fraction, with the space between it and its whole number. */
function fraction(text: string): RegExpExecArray | null {
  return /((?<=\d) )?(?<![\d/])(\d{1,2})\/(\d{1,2})(?![\d/])/.exec(text);
}

/** A text in lines no wider than this, broken between words; a word that is wider by itself, wherever it must be. */
export function wrapped(text: string, size: number, width: number, bold = false): string[] {
  const fits = (words: string) => textWidth(words, size, bold) <= width;
  const lines: string[] = [];
  for (const word of text.split(' ')) {
    const longer = lines.length > 0 ? `${lines.at(-1)!} ${word}` : word;
    if (lines.length > 0 && fits(longer)) lines[lines.length - 1] = longer;
    else lines.push(...broken(word, fits));
  }
  return lines;
}

/** A word in pieces that fit, of one letter at the least. */
function broken(word: string, fits: (words: string) => boolean): string[] {
  const pieces: string[] = [];
  let rest = [...word];
  while (rest.length > 1 && !fits(rest.join(''))) {
    let [low, high] = [1, rest.length - 1];
    while (low < high) {
      const middle = Math.ceil((low + high) / 2);
      if (fits(rest.slice(0, middle).join(''))) low = middle;
      else high = middle - 1;
    }
    pieces.push(rest.slice(0, low).join(''));
    rest = rest.slice(low);
  }
  return [...pieces, rest.join('')];
}

/** Words cut short to a width, paper mm, with a sign that some are left out. */
export function fitted(words: string, size: number, width: number): string {
  if (textWidth(words, size, true) <= width) return words;
  let kept = words;
  while (kept.length > 1 && textWidth(`${kept}…`, size, true) > width) kept = kept.slice(0, -1);
  return `${kept.trimEnd()}…`;
}
