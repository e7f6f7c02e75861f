import type { TextMark } from './primitives';
import { textWidth } from './text-layout';

/** What stands between two stars that lie on its words: 2*18 and 3*4 hold none. */
const BOLD = /(?<![^\s(])\*([^\s*](?:[^*]*[^\s*])?)\*(?![^\s.,;:!?)])/g;

/** A line with every bold word between stars of its own, so that it can be broken between any two of them. */
export const starredWords = (line: string): string =>
  line.replace(BOLD, (_, words: string) => words.replace(/\S+/g, '*$&*'));

/** A line of words as it is drawn: what stands between stars is bold, and a dash at its beginning is a point. `scale` is room millimetres to one of paper. */
export function richMarks(mark: TextMark, scale: number): TextMark[] {
  const text = mark.text.replace(/^- /, '• ');
  const pieces: { text: string; bold: boolean }[] = [];
  let at = 0;
  for (const found of text.matchAll(BOLD)) {
    pieces.push({ text: text.slice(at, found.index), bold: mark.bold ?? false });
    pieces.push({ text: found[1]!, bold: true });
    at = found.index + found[0].length;
  }
  if (at === 0) return [text === mark.text ? mark : { ...mark, text }];
  pieces.push({ text: text.slice(at), bold: mark.bold ?? false });
  const widths = pieces.map((piece) => textWidth(piece.text, mark.size, piece.bold) * scale);
  const whole = widths.reduce((sum, one) => sum + one, 0);
  let along = mark.anchor === 'start' ? 0 : mark.anchor === 'end' ? -whole : -whole / 2;
  return pieces.flatMap((piece, index): TextMark[] => {
    // Blanks at an end are not drawn: what follows them begins behind them.
    const blank = piece.text.slice(0, piece.text.length - piece.text.trimStart().length);
    const from = along + textWidth(blank, mark.size, piece.bold) * scale;
    along += widths[index]!;
    const text = piece.text.trim();
    if (text === '') return [];
    const x = mark.at.x + from * Math.cos(mark.turn);
    const y = mark.at.y + from * Math.sin(mark.turn);
    return [{ ...mark, text, bold: piece.bold, at: { x, y }, anchor: 'start' }];
  });
}
