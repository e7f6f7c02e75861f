import { describe, expect, it } from 'vitest';
import { TEXT, type TextMark } from './primitives';
import { richMarks, starredWords } from './rich-text';
import { textWidth } from './text-layout';

const line = (text: string, anchor: TextMark['anchor'] = 'start'): TextMark => ({
  ...{ type: 'text', layer: 'labels', text, size: TEXT.normal, anchor, turn: 0, ink: 'drawing' },
  at: { x: 100, y: 50 },
});
const pieces = (text: string) => richMarks(line(text), 20).map((mark) => [mark.text, mark.bold ?? false]);

describe('a line of words', () => {
  it('is bold between stars that lie on its words', () => {
    expect(pieces('Check *before* cutting')).toEqual([
      ['Check', false],
      ['before', true],
      ['cutting', false],
    ]);
    expect(pieces('*All sizes*, and (*these*).')).toEqual([
      ['All sizes', true],
      [', and (', false],
      ['these', true],
      [').', false],
    ]);
  });

  it('leaves the blanks between its pieces free, and writes none that a drawing could swallow', () => {
    const marks = richMarks(line('Check *before*  cutting'), 20);
    expect(marks.every(({ text }) => text === text.trim())).toBe(true);
    const [before, after] = marks.slice(1);
    const free = after!.at.x - before!.at.x - textWidth('before', TEXT.normal, true) * 20;
    expect(free).toBeCloseTo(2 * textWidth(' ', TEXT.normal) * 20, 9);
  });

  it('is as it is typed where stars are none of that', () => {
    for (const text of ['2*18 and 3*4', '* a star', 'half *open', 'a ** b', '600 * 2 * 3', '*'])
      expect(pieces(text)).toEqual([[text, false]]);
    const plain = line('Plain');
    expect(richMarks(plain, 20)).toEqual([plain]);
  });

  it('begins with a point for a dash', () => {
    expect(pieces('- scribe')).toEqual([['• scribe', false]]);
    expect(pieces('a - b')).toEqual([['a - b', false]]);
  });

  it('is as long as its pieces, which follow one another from wherever it is held', () => {
    const text = 'Check *before* cutting';
    const wide =
      (textWidth('Check ', TEXT.normal) +
        textWidth('before', TEXT.normal, true) +
        textWidth(' cutting', TEXT.normal)) *
      20;
    for (const [anchor, from] of [
      ['start', 100],
      ['middle', 100 - wide / 2],
      ['end', 100 - wide],
    ] as const) {
      const marks = richMarks(line(text, anchor), 20);
      expect(marks[0]!.at.x).toBeCloseTo(from, 9);
      const last = marks.at(-1)!;
      expect(last.at.x + textWidth(last.text, TEXT.normal) * 20).toBeCloseTo(from + wide, 9);
      expect(marks.every((mark) => mark.anchor === 'start')).toBe(true);
    }
  });

  it('can be broken within what is bold', () => {
    expect(starredWords('Check *before you cut*, 2*3')).toBe('Check *before* *you* *cut*, 2*3');
  });
});
