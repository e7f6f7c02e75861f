import type { LinePiece, TextMark } from './primitives';
import { typeset } from './text-layout';
import type { Typeface } from './typefaces';

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
  return pieces.flatMap((own, index): TextMark[] => {
    // Blanks at an end are not drawn: what follows them begins behind them.
    const words = own.text.trim();
    if (words === '') return [];
    const piece = { pieces, index, anchor: mark.anchor };
    const along = alongLine(piece, mark.size) * scale;
    const x = mark.at.x + along * Math.cos(mark.turn);
    const y = mark.at.y + along * Math.sin(mark.turn);
    return [{ ...mark, text: words, bold: own.bold, at: { x, y }, anchor: 'start', piece }];
  });
}

/** How far from where its line is held the first letter of a piece stands, in the unit of the line's size. */
export function alongLine(
  { pieces, index, anchor }: LinePiece,
  size: number,
  typeface: Typeface = 'plain',
): number {
  const wide = ({ text, bold }: LinePiece['pieces'][number]) => typeset(typeface, text, size, bold).width;
  const upTo = (end: number) => pieces.slice(0, end).reduce((sum, one) => sum + wide(one), 0);
  const { text, bold } = pieces[index]!;
  const blank = text.slice(0, text.length - text.trimStart().length);
  const held = anchor === 'start' ? 0 : anchor === 'end' ? 1 : 1 / 2;
  return upTo(index) + wide({ text: blank, bold }) - held * upTo(pieces.length);
}
