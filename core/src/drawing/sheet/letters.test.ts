import { describe, expect, it } from 'vitest';
import { textFaults } from '../../../testing/drawing-faults';
import { rectangle } from '../../../testing/rooms';
import { putDimension } from '../../commands/put-dimension';
import { setFrame } from '../../commands/set-frame';
import { demoJobs } from '../../demo/demo-jobs';
import { demoStyle } from '../../demo/demo-style';
import { galleyWithBay } from '../../demo/galley-with-bay';
import { styleOf, type Design } from '../../document/design';
import { applyPatch, type Patch } from '../../document/patch';
import { must, type Result } from '../../result';
import type { TextMark } from '../primitives';
import { refusalText } from '../../wording/refusal-text';
import { drawSheets } from './sheet';
import { findPage, findScale } from './sheet-format';
import type { Sheet, SheetOptions, SheetSubject } from './sheet-frame';
import { letterSizes, type LetterSize } from './style-choices';

const options = (subject: SheetSubject, letters: LetterSize, page = 'A3', scale = '20'): SheetOptions => ({
  ...{ subject, page: must(findPage(page)), scale: must(findScale(scale)), studio: 'Studio', job: 'Job' },
  ...{ date: '2026-12-01', revision: 1, style: { ...demoStyle(), letters } },
});
const drawn = (design: Design, ...of: Parameters<typeof options>): Sheet[] =>
  must(drawSheets(design, options(...of)));
const texts = ({ marks }: Sheet): TextMark[] => marks.flatMap((mark) => (mark.type === 'text' ? [mark] : []));
const edited = (design: Design, patch: Result<Patch>): Design => must(applyPatch(design, must(patch)));
const sizes = Object.keys(letterSizes) as LetterSize[];

describe('letters of sheets', () => {
  it('are larger on the same page, at the same scale, with the same lines', () => {
    const design = galleyWithBay();
    const [usual] = drawn(design, 'plan', 'usual', 'A2');
    const [large] = drawn(design, 'plan', 'large', 'A2');
    expect(large!.page).toEqual(usual!.page);
    const smallest = (sheet: Sheet) => Math.min(...texts(sheet).map(({ size }) => size));
    expect(smallest(large!) / smallest(usual!)).toBeCloseTo(1.2, 9);
    const weights = ({ marks }: Sheet) => [
      ...new Set(marks.flatMap((mark) => (mark.type === 'text' ? [] : [mark.weight]))),
    ];
    expect(weights(large!).sort()).toEqual(weights(usual!).sort());
    expect(large!.frames[0]!.ratio).toBe(20);
    // The title block begins as much further in.
    const studio = (sheet: Sheet) => texts(sheet).find(({ text }) => text === 'Studio')!.at;
    expect(594 - studio(usual!).x).toBeCloseTo(100, 6);
    expect(594 - studio(large!).x).toBeCloseTo(120, 6);
  });

  it('leave every length true', () => {
    const [plan] = drawn(galleyWithBay(), 'plan', 'largest', 'A2');
    const figures = texts(plan!).flatMap(({ text, measured }) => (measured ? [{ text, measured }] : []));
    expect(figures.length).toBeGreaterThan(20);
    for (const { text, measured } of figures) {
      const [a, b] = measured.line;
      expect(Math.abs(Math.hypot(b.x - a.x, b.y - a.y) * 20 - Number(text))).toBeLessThan(0.51);
    }
  });

  it.each(sizes)('lie over nothing, nor off the page: %s', (letters) => {
    for (const { rooms, unit } of demoJobs())
      for (const room of rooms)
        for (const { page, marks } of drawn(
          room,
          'set',
          letters,
          unit === 'mm' ? 'A2' : 'Arch C',
          unit === 'mm' ? '20' : '24',
        )) {
          const within = { left: 0, right: page.width, bottom: 0, top: page.height };
          expect(textFaults(marks, 1, within).filter(({ what }) => what !== 'crossed')).toEqual([]);
        }
  });

  it('are not so large that a drawing fits: said in sizes and scales of the page', () => {
    const design = rectangle(5000, 3000).design;
    expect(drawSheets(design, options('plan', 'usual')).ok).toBe(true);
    const refused = drawSheets(design, options('plan', 'largest'));
    expect(refused.ok || refused.refusal).toMatchObject({
      code: 'sheet-too-small',
      data: { scale: 20, page: 'A3', fits: expect.arrayContaining(['1:25']) },
    });
    const told = (of: typeof refused) => (of.ok ? '' : refusalText(of.refusal, styleOf(design)));
    expect(told(refused)).toContain('at 1:20');
    const tiny = drawSheets(rectangle(9000, 7000).design, options('plan', 'largest', 'A4'));
    expect(told(tiny)).toContain('Choose a larger page, or smaller letters.');
    // 5,000 at 1:20 are 250 on paper, beside what is written about them.
    const width = refused.ok || (refused.refusal.data as { width: number }).width;
    expect(width).toBeGreaterThan(250);
    expect(width).toBeLessThan(360);
  });

  it.each(sizes)('leave drawings where they were put, and at scales of their own: %s', (letters) => {
    const design = galleyWithBay();
    const place = { page: 'A2', sheet: 1, x: 120, y: 300 };
    const put = edited(design, setFrame.run(design, { id: 'f', drawing: 'plan', place, ratio: 25 }));
    const [plan] = drawn(put, 'plan', letters, 'A2');
    const [frame] = plan!.frames;
    expect(frame).toMatchObject({ ratio: 25, letters: letterSizes[letters] });
    expect(frame!.origin.x).toBeCloseTo(120, 6);
    expect(frame!.origin.y).toBeCloseTo(300, 6);
    expect(texts(plan!).some(({ text }) => text === '1:25')).toBe(true);
  });

  it.each(sizes)('leave details at their scale: %s', (letters) => {
    const design = galleyWithBay();
    const made = putDimension.run(design, {
      ...{ kind: 'dimension', id: 'd', view: 'plan', type: 'detail', off: 10, over: 10 },
      ends: [{ of: 'face-a', along: 0.5, out: 0, up: 0 }],
    });
    const [sheet] = drawn(edited(design, made), 'details', letters, 'A2');
    expect(sheet!.frames[0]!.ratio).toBe(5);
    expect(texts(sheet!).some(({ text }) => text.includes('1:5'))).toBe(true);
  });
});
