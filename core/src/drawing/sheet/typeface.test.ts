import { describe, expect, it } from 'vitest';
import { demoJobs } from '../../demo/demo-jobs';
import { demoStyle } from '../../demo/demo-style';
import { galleyWithBay } from '../../demo/galley-with-bay';
import { roomOf, type Design } from '../../document/design';
import { writeSheetSvg } from '../../exports/svg';
import { must } from '../../result';
import type { TextMark } from '../primitives';
import { richMarks } from '../rich-text';
import { plainWidth, textWidth, typeset } from '../text-layout';
import { typefaces, type Typeface } from '../typefaces';
import { drawSheets } from './sheet';
import { findPage, findScale } from './sheet-format';
import type { Sheet } from './sheet-frame';
import { text } from './sheet-marks';
import { sheetsIn } from './typeface';

const others = (Object.keys(typefaces) as Typeface[]).filter((typeface) => typeface !== 'plain');
const set = (design: Design, typeface?: Typeface): Sheet[] =>
  must(
    drawSheets(design, {
      ...{ subject: 'set', page: must(findPage('A3')), scale: must(findScale('20')), studio: 'Studio' },
      ...{ job: 'Job', date: '2026-12-01', revision: 1 },
      style: { ...demoStyle(), ...(typeface && { typeface }) },
    }),
  );
const texts = (sheets: readonly Sheet[]): TextMark[] =>
  sheets.flatMap(({ marks }) => marks.flatMap((mark) => (mark.type === 'text' ? [mark] : [])));
const rooms = demoJobs().flatMap((job) => job.rooms.map((room) => [roomOf(room).name, room] as const));

describe('the typeface of sheets', () => {
  it.each(rooms)('stands in the room of the plain one, at the same places: %s', (_, room) => {
    const plain = texts(set(room));
    for (const typeface of others) {
      const own = texts(set(room, typeface));
      expect(own.map(({ text: words }) => words)).toEqual(plain.map(({ text: words }) => words));
      for (const [index, mark] of own.entries()) {
        expect(mark.typeface).toBe(typeface);
        const { width } = typeset(typeface, mark.text, mark.size, mark.bold);
        expect(width).toBeLessThanOrEqual(textWidth(mark.text, mark.size, mark.bold) + 1e-9);
        if (!mark.piece) expect(mark.at).toEqual(plain[index]!.at);
      }
    }
  });

  it('is as wide as its letters where there is room, else drawn narrower, its fractions too', () => {
    const narrow = typeset('narrow', 'Fridge', 2.7);
    expect(narrow).toMatchObject({ squeeze: 1, width: plainWidth('Fridge', 2.7, false, 'narrow') });
    expect(narrow.width).toBeLessThan(plainWidth('Fridge', 2.7));
    const capitals = typeset('book', 'HH 4 1/2"', 2.7, true);
    const own = capitals.width / capitals.squeeze;
    expect(capitals.width).toBeCloseTo(textWidth('HH 4 1/2"', 2.7, true), 9);
    expect(capitals.squeeze).toBeLessThan(1);
    // What it would be by itself: the letters, the gap before the fraction, and its small figures about their stroke.
    const letters = plainWidth('HH 4', 2.7, true, 'book') + plainWidth('"', 2.7, true, 'book') + 0.09 * 2.7;
    const fraction = plainWidth('12', 2.7 * 0.74, true, 'book') + plainWidth('/', 2.7, true, 'book');
    expect(own).toBeCloseTo(letters + fraction - 2 * 0.04 * 2.7, 9);
    const last = capitals.runs.at(-1)!;
    expect(last.x + plainWidth(last.text, last.size, true, 'book') * capitals.squeeze).toBeCloseTo(
      capitals.width,
      9,
    );
  });

  it.each(['start', 'middle', 'end'] as const)(
    'leaves one blank between words that are bold and others, wherever the line is held: %s',
    (anchor) => {
      const line = { ...text('Check *everything* on site', 100, 50, 3, false, anchor), turn: Math.PI / 2 };
      const sheet: Sheet = {
        ...{ page: must(findPage('A3')), title: 'Notes', frames: [], pictures: [] },
        marks: richMarks(line, 1),
      };
      for (const typeface of others) {
        const pieces = texts(sheetsIn(typeface, [sheet]));
        expect(pieces.map(({ text: words }) => words)).toEqual(['Check', 'everything', 'on site']);
        const ends = pieces.map(({ at, text: words, bold }) => {
          expect(at.x).toBeCloseTo(100, 9);
          return [at.y, at.y + typeset(typeface, words, 3, bold).width];
        });
        // Its own, or the plain one where words are drawn narrower.
        const blanks = [plainWidth(' ', 3), plainWidth(' ', 3, false, typeface)];
        for (const blank of [ends[1]![0]! - ends[0]![1]!, ends[2]![0]! - ends[1]![1]!]) {
          expect(blank).toBeGreaterThan(Math.min(...blanks) - 1e-9);
          expect(blank).toBeLessThan(Math.max(...blanks) + 1e-9);
        }
        const [from, to] = [ends[0]![0]!, ends[2]![1]!];
        const held = anchor === 'start' ? from : anchor === 'end' ? to : (from + to) / 2;
        expect(held).toBeCloseTo(50, 1);
      }
    },
  );

  it('is named in pictures, and what is drawn narrower is as long as it is said to be', () => {
    const [sheet] = set(galleyWithBay(), 'book');
    const svg = writeSheetSvg(sheet!);
    expect(svg).toContain(`.in-book{font-family:'PT Serif',sans-serif}.in-book.bold{font-weight:700}`);
    const lengths = [...svg.matchAll(/font-size="([\d.]+)" textLength="([\d.]+)"[^>]*>([^<]*)</g)];
    expect(lengths.length).toBeGreaterThan(3);
    for (const [, size, long, words] of lengths.slice(0, 40)) {
      if (/[&/]/.test(words!)) continue;
      const plain = [false, true].map((bold) => plainWidth(words!, Number(size), bold));
      expect(Math.min(...plain.map((one) => Math.abs(one - Number(long))))).toBeLessThan(0.01);
    }
  });
});
