import jsQR from 'jsqr';
import { describe, expect, it } from 'vitest';
import { textFaults } from '../../../testing/drawing-faults';
import { setFinish } from '../../commands/set-finish';
import { demoJobs } from '../../demo/demo-jobs';
import { galleyWithBay } from '../../demo/galley-with-bay';
import { rectangle } from '../../../testing/rooms';
import { boundsOf } from '../../geometry/polygon';
import { must } from '../../result';
import { materialCases } from '../../shop/nest/part-cases';
import { usualSawing } from '../../shop/nest/stock';
import { nest } from '../../shop/nest/nest';
import { madeItems } from '../../shop/parts/design-parts';
import { slabLayouts, slabPieces } from '../../shop/templates/slab-layout';
import type { PathMark, Primitive, TextMark } from '../primitives';
import { drawSheets } from '../sheet/sheet';
import { findPage, findScale } from '../sheet/sheet-format';
import type { Sheet, ShopSubject } from '../sheet/sheet-frame';
import { codeSquare } from './code-square';
import type { Matching } from '../../shop/nest/matched-fronts';
import { nestSheets } from './nest-sheets';

const design = galleyWithBay();
const options = {
  ...{ page: must(findPage('A3')), scale: must(findScale('20')), studio: 'Studio', job: 'Bay Street' },
  ...{ date: '2026-11-30', revision: 7 },
};
const sheetsOf = (subject: ShopSubject): Sheet[] => must(drawSheets(design, { ...options, subject }));
const textsOf = (marks: readonly Primitive[]): TextMark[] =>
  marks.flatMap((mark) => (mark.type === 'text' ? [mark] : []));
const words = (sheet: Sheet): string[] => textsOf(sheet.marks).map(({ text }) => text);

/** What a camera would read of a square of dots: drawn light and dark, so many pixels a dot, with its quiet edge. */
function read({ rings }: PathMark): string | undefined {
  const { left, right, bottom, top } = boundsOf(rings.flat());
  const size = 400;
  const per = (right - left) / (size - 80);
  const pixels = new Uint8ClampedArray(size * size * 4).fill(255);
  for (const ring of rings) {
    const box = boundsOf(ring);
    const [from, to] = [box.left, box.right].map((x) => Math.round(40 + (x - left) / per)) as [
      number,
      number,
    ];
    const [low, high] = [box.top, box.bottom].map((y) => Math.round(40 + (top - y) / per)) as [
      number,
      number,
    ];
    for (let y = low; y < high; y++)
      for (let x = from; x < to; x++) pixels.fill(0, (y * size + x) * 4, (y * size + x) * 4 + 3);
  }
  expect(top - bottom).toBeCloseTo(right - left, 9);
  return jsQR(pixels, size, size)?.data;
}

describe('sheets for the shop', () => {
  it('show every part by itself with its sizes and all of its machining, true to a scale that fits the page', () => {
    const sheets = sheetsOf('parts');
    const parts = madeItems(design).flatMap(({ number, parts: own }) =>
      own.map((part, index) => ({ number, part, index })),
    );
    expect(sheets.filter(({ title }) => !title.includes('continued'))).toHaveLength(parts.length);
    const side = sheets.find(({ title }) => title === '2.1 Left side')!;
    expect(words(side)).toEqual(
      expect.arrayContaining(['Faced board, 18', 'Finished 720 × 560', 'Cut 720 × 559', '1 piece']),
    );
    // Every height of its rows of holes is told.
    const { part } = parts.find((one) => one.number === 2 && one.part.id === 'side-left')!;
    const told = words(side).join(' ');
    for (const { at, type } of part.machining) if (type === 'hole') expect(told).toContain(String(at[1]));
    for (const { marks, page } of sheets)
      for (const { at } of textsOf(marks)) {
        expect(at.x).toBeGreaterThan(0);
        expect(at.x).toBeLessThan(page.width);
        expect(at.y).toBeGreaterThan(0);
        expect(at.y).toBeLessThan(page.height);
      }
  });

  it('show every cabinet taken apart with the numbers of its parts, and what is bought for it', () => {
    const sheets = sheetsOf('cabinets');
    const made = madeItems(design);
    expect(sheets.map(({ title }) => title)).toHaveLength(made.length);
    made.forEach(({ parts, hardware }, index) => {
      const own = words(sheets[index]!);
      parts.forEach((_, part) =>
        expect(own.filter((text) => text === String(part + 1)).length).toBeGreaterThan(1),
      );
      for (const { qty } of hardware) expect(own.some((text) => text.startsWith(`${qty} `))).toBe(true);
    });
  });

  it('show every piece of every top with each edge’s length, and cut-outs from its finished edges', () => {
    const sheets = sheetsOf('templates');
    const templates = slabPieces(design);
    expect(templates.some(({ of }) => of === 'splash')).toBe(true);
    const slabs = slabLayouts(design).flatMap((one) => one.slabs);
    expect(slabs.length).toBeGreaterThan(0);
    expect(sheets).toHaveLength(templates.length + slabs.length);
    slabs.forEach(({ parts }, index) => {
      const own = words(sheets[templates.length + index]!);
      for (const { id } of parts) {
        const { of, top, piece } = templates[Number(id)]!;
        // On the slab, in short where it is small, and in the list of what is cut from it.
        const [name, mark] =
          of === 'splash'
            ? [`Splash ${top}, piece ${piece}`, `S${top}.${piece}`]
            : [`Top ${top}, piece ${piece}`, `${top}.${piece}`];
        expect(own.filter((text) => text === name || text === mark)).toHaveLength(3);
        expect(own).toContain(name);
      }
    });
    templates.forEach(({ edges, cutOuts }, index) => {
      const own = words(sheets[index]!).join(' ');
      for (const { length, bolts } of edges) {
        expect(own).toContain(String(Math.round(length * 10) / 10));
        if (bolts) expect(own).toContain(`${bolts.length} bolts let into the underside`);
      }
      for (const { fromFront, item } of cutOuts) {
        expect(own).toContain(`${item} `);
        expect(own).toContain(`${Math.round(fromFront * 10) / 10} from the front`);
      }
    });
  });

  it('have a label for every cabinet and every piece, whose code says what it is', () => {
    const made = madeItems(design);
    const [first, ...more] = sheetsOf('labels');
    expect(more).toHaveLength(Math.ceil(made.length / 21) - 1);
    const codes = first!.marks.filter((mark): mark is PathMark => mark.type === 'path');
    expect(codes).toHaveLength(Math.min(21, made.length));
    const { record, number } = made[0]!;
    expect(read(codes[0]!)).toBe(`Bay Street|Galley with bay|${number}|${record.code}|r7`);
    const pieces = made.flatMap(({ parts }) => parts).reduce((sum, { qty }) => sum + qty, 0);
    const labels = sheetsOf('part-labels').flatMap(({ marks }) =>
      marks.filter(({ type }) => type === 'path'),
    );
    expect(labels).toHaveLength(pieces);
    expect(read(codeSquare('Łódź – 3½″', { x: 10, y: 20 }, 30) as PathMark)).toBe('Łódź – 3½″');
  });

  it('show every nested sheet with its parts and its cuts in their order', () => {
    const nests = materialCases(design, usualSawing).map((of) => ({
      of,
      nest: must(nest(of.case, { seconds: 0 })),
    }));
    const sheets = nestSheets(design, nests, options);
    nests.forEach(({ of, nest: { sheets: own } }) =>
      own.forEach((sheet, index) => {
        const pages = sheets.filter(({ title }) =>
          title.startsWith(`${of.name}, sheet ${index + 1} of ${own.length}`),
        );
        const told = pages.flatMap(words);
        expect(told).toContain(String(sheet.cuts.length));
        const sides = told.filter((text) => /^\d+\.\d+ /.test(text));
        expect(sides.length).toBeGreaterThanOrEqual(sheet.parts.length);
      }),
    );
  });

  it('say on nested sheets how grain runs, and over which fronts where such lie on them', () => {
    const builder = rectangle(4000, 3000);
    builder.set('F600-3', 'face-a', 0);
    builder.run(setFinish, { part: 'front', finish: 'Drift oak', to: { room: 'usual' } });
    const nests = materialCases(builder.design, usualSawing).map((of) => ({
      of,
      nest: must(nest(of.case, { seconds: 0 })),
    }));
    const told = (matched: Matching) =>
      nestSheets(builder.design, nests, options, matched).map((sheet) => ({
        title: sheet.title,
        words: words(sheet).join(' '),
      }));
    const grained = nests.filter(({ of }) => of.material.grained);
    expect(grained.length).toBeGreaterThan(0);
    expect(grained.length).toBeLessThan(nests.length);
    for (const { title, words: own } of told('none')) {
      const isGrained = grained.some(({ of }) => title.startsWith(`${of.name}, sheet`));
      // The cuts go on over further pages, which say nothing of it again.
      if (own.includes('Kerf')) expect(own.includes('Grain along the sheet')).toBe(isGrained);
      expect(own).not.toContain('Grain runs on');
    }
    const matched = told('up').filter(({ words: own }) => own.includes('Grain runs on up each cabinet'));
    expect(matched.map(({ title }) => title.includes('Drift oak'))).toEqual([true]);
  });

  it('bear no text over another, nor off the page, small as it is', () => {
    const page = must(findPage('A4'));
    for (const room of demoJobs().flatMap(({ rooms }) => rooms))
      for (const subject of ['cabinets', 'parts', 'templates'] as const) {
        const drawn = drawSheets(room, { ...options, page, subject });
        if (!drawn.ok) continue;
        for (const { marks, page: own } of drawn.value)
          expect(textFaults(marks, 1, { left: 0, bottom: 0, right: own.width, top: own.height })).toEqual([]);
      }
  });

  it('are refused where there is nothing to make', () => {
    const empty = rectangle().design;
    expect(drawSheets(empty, { ...options, subject: 'parts' })).toMatchObject({
      refusal: { code: 'nothing-made' },
    });
    expect(drawSheets(empty, { ...options, subject: 'templates' })).toMatchObject({
      refusal: { code: 'no-tops' },
    });
  });
});
