import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { drawingFonts } from '../../fonts/files.mjs';
import { rectangle } from '../../testing/rooms';
import { RoomBuilder } from '../demo/build-room';
import { galleyWithBay } from '../demo/galley-with-bay';
import { orchardKitchen } from '../demo/orchard-kitchen';
import { demoJobs } from '../demo/demo-jobs';
import { recordsOf, styleOf, type Design } from '../document/design';
import { writeSheetPdf } from '../exports/sheet-pdf';
import { markGroups, svgMarks } from '../exports/svg';
import { editFaces } from '../commands/edit-faces';
import { moveFace } from '../commands/move-face';
import { putService } from '../commands/put-service';
import { setRoom } from '../commands/set-room';
import { applyPatch } from '../document/patch';
import { shelfOf } from '../ranges/shelf';
import { must } from '../result';
import { refusalText } from '../wording/refusal-text';
import { dimensionChains } from './dimensions/chains';
import { readingTurn } from './reading-turn';
import { drawPlan } from './plan';
import { drawingBounds } from './plan-with';
import type { Primitive, TextMark } from './primitives';
import { roomViews } from './elevation/views';
import { itemSchedule } from '../schedules/item-schedule';
import { drawSheets } from './sheet/sheet';
import type { SheetOptions } from './sheet/sheet-frame';
import { findPage, findScale } from './sheet/sheet-format';
import { layoutText, textWidth } from './text-layout';

const options = (page: string, scale: string): SheetOptions => ({
  page: must(findPage(page)),
  scale: must(findScale(scale)),
  studio: 'Studio',
  job: 'Job',
  date: '2026-01-02',
  revision: 7,
});

describe('dimension chains', () => {
  const sums = (design: Design) => {
    const { step } = styleOf(design);
    for (const { links, overall, face, row } of dimensionChains(design)) {
      const total = links.reduce((sum, { shown }) => sum + Math.round(shown / step), 0);
      expect(total, `face ${face.letter} ${row}`).toBe(Math.round(overall.shown / step));
      links.forEach(({ from, to, shown }) => {
        expect(Math.abs(to - from - shown)).toBeLessThan(step * 1.000001);
        expect(shown).toBeGreaterThan(0);
      });
      expect(links.at(-1)!.to).toBe(face.length);
    }
  };
  it('add up exactly in the demo rooms', () => {
    sums(galleyWithBay());
    sums(orchardKitchen());
  });

  it('add up exactly whatever stands where, in millimetres and in sixteenths', () => {
    const items = shelfOf('fathom');
    const placed = fc.array(
      fc.record({
        item: fc.constantFrom(...items),
        face: fc.constantFrom('face-a', 'face-b'),
        at: fc.double({ min: 0, max: 3900, noNaN: true }),
      }),
      { maxLength: 8 },
    );
    fc.assert(
      fc.property(placed, fc.boolean(), fc.double({ min: 3500, max: 4500, noNaN: true }), (all, inch, a) => {
        const builder = rectangle(a, 3000);
        if (inch) builder.run(setRoom, { unit: 'ft-in', step: 25.4 / 16 });
        for (const { item, face, at } of all) builder.set(item.code, face, at);
        sums(builder.design);
      }),
      { numRuns: 60 },
    );
  });

  it('part off nothing that would be printed as nothing', () => {
    const shown = (off: number, step: number) => {
      const builder = rectangle(3600 * 1.5875, 3000);
      builder.run(setRoom, { unit: 'ft-in', step });
      builder.set('F600', 'face-a', off);
      builder.set('F600', 'face-a', 1800 + off);
      const chain = dimensionChains(builder.design).find(({ row }) => row === 'units')!;
      return chain.links.map((link) => Math.round((link.shown / step) * 100) / 100);
    };
    const sixteenth = 25.4 / 16;
    expect(shown(0.45, sixteenth)).toHaveLength(4);
    expect(shown(1.2, sixteenth)).toHaveLength(5);
    expect(shown(1.2, sixteenth)[0]).toBe(1);
    expect(shown(2.4, 10)).toHaveLength(4);
    for (let off = 0; off < 4; off += 0.1) expect(Math.min(...shown(off, sixteenth))).toBeGreaterThan(0);
  });

  it('have the other leg of a corner cabinet along its wall, where nothing else stands', () => {
    const builder = rectangle(4200, 3200);
    builder.set('F900-L', 'face-b', 0);
    const units = dimensionChains(builder.design).filter(({ row }) => row === 'units');
    expect(units.map(({ face, links }) => [face.letter, ...links.map(({ text }) => text)])).toEqual([
      ['A', '3300', '900'],
      ['B', '900', '2300'],
    ]);
  });

  it('print what a fitter reads', () => {
    const chain = dimensionChains(orchardKitchen()).find(
      ({ face, row }) => face.letter === 'A' && row === 'units',
    )!;
    expect(chain.links.map(({ text }) => text)).toEqual([
      '1"',
      `3'-0"`,
      `1'-3"`,
      `3'-0"`,
      `2'-0"`,
      '3"',
      `2'-0"`,
    ]);
    expect(chain.overall.text).toBe(`11'-7"`);
  });
});

describe('the plan', () => {
  it('shows the number of every item of the demo rooms on a sheet, at 1:20', () => {
    for (const design of demoJobs().flatMap(({ rooms }) => rooms)) {
      const numbered = drawPlan(design, 20).flatMap((mark) =>
        mark.layer === 'numbers' && mark.type === 'text' ? mark.source : [],
      );
      expect(numbered.sort()).toEqual(
        recordsOf(design, 'item')
          .map(({ id }) => id)
          .sort(),
      );
    }
  });

  it('names the record of everything it draws', () => {
    const design = orchardKitchen();
    const sources = new Set(drawPlan(design, 24).flatMap(({ source }) => source ?? []));
    const drawn = Object.values(design.records).filter(
      ({ kind }) => !['room', 'loop', 'left-open', 'standpoint'].includes(kind),
    );
    expect([...sources].sort()).toEqual(drawn.map(({ id }) => id).sort());
  });

  it('is the same in pieces as in one, and only the pieces of what moved differ', () => {
    const design = galleyWithBay();
    const groups = (of: Design) =>
      markGroups(drawPlan(of, 24)).map(({ key, marks }) => ({ key, svg: svgMarks(marks, 24) }));
    const before = groups(design);
    expect(before.map(({ svg }) => svg).join('')).toBe(svgMarks(drawPlan(design, 24), 24));
    expect(new Set(before.map(({ key }) => key)).size).toBe(before.length);
    const moved = must(applyPatch(design, must(moveFace.run(design, { face: 'face-h', by: 50 }))));
    const known = new Map(before.map(({ key, svg }) => [key, svg]));
    const renewed = groups(moved).filter(({ key, svg }) => known.get(key) !== svg);
    expect(renewed.some(({ key }) => key.startsWith('walls'))).toBe(true);
    expect(renewed.some(({ key }) => key.startsWith('items') || key.startsWith('numbers'))).toBe(false);
  });

  it('writes its texts to be read from the bottom or the right', () => {
    for (const degrees of [-180, -135, -91.3, -90, -45, 0, 45, 90, 91.3, 135, 180]) {
      const reading = (readingTurn((degrees * Math.PI) / 180) * 180) / Math.PI;
      expect(reading).toBeGreaterThan(-80.1);
      expect(reading).toBeLessThanOrEqual(100.1);
    }
  });

  it('notes what can’t be seen of a wall from above', () => {
    const builder = rectangle();
    builder.run(editFaces, { faces: ['face-b'], change: { wallHeight: 1050, cap: 40, finish: 'Chalk' } });
    const notes = () =>
      drawPlan(builder.design, 20).filter(
        (mark): mark is TextMark => mark.type === 'text' && mark.source === 'face-b',
      );
    expect(notes().map(({ text }) => text)).toContain('1050 high, cap 40, Chalk');
    // Longer than its wall at this scale, it is told all the same.
    expect(
      drawPlan(builder.design, 200).some((mark) => mark.type === 'text' && mark.text.includes('high')),
    ).toBe(true);
    builder.run(editFaces, { faces: ['face-b'], change: { wallHeight: null, cap: null, finish: null } });
    expect(notes().map(({ text }) => text)).toEqual(['B', '3000']);
  });

  it('escapes what people typed', () => {
    const builder = rectangle();
    builder.run(setRoom, { name: '<script>alert("&")</script>' });
    const svg = svgMarks(drawPlan(builder.design, 20), 20);
    expect(svg).not.toContain('<script>');
    expect(svg).toContain('&#60;script&#62;');
  });
});

describe('text', () => {
  it('builds fractions out of three runs, and leaves other strokes alone', () => {
    expect(layoutText(`7'-4 1/2"`, 10).runs.map(({ text }) => text)).toEqual([`7'-4`, '1', '/', '2', '"']);
    expect(layoutText('11/16"', 10).runs.map(({ text }) => text)).toEqual(['11', '/', '16', '"']);
    expect(layoutText('a/b 2026/11/24', 10).runs).toHaveLength(1);
    const { runs, width } = layoutText('4 1/2', 10);
    expect(runs[1]!.x).toBeGreaterThan(textWidth('4', 10));
    expect(width).toBeLessThan(textWidth('4 1/2', 100) / 10 + 1);
  });
});

describe('the schedule', () => {
  it('lists items by number with sizes, and marks what is made to measure', () => {
    const rows = itemSchedule(orchardKitchen());
    expect(rows.map(({ number }) => number)).toEqual(rows.map((_, index) => index + 1));
    expect(rows[2]).toMatchObject({
      code: 'B36-S',
      name: 'Sink base',
      width: `3'-0"`,
      height: `2'-10 1/2"`,
      note: 'Saltbox',
    });
    expect(rows.find(({ code }) => code === 'F3')).toMatchObject({ depth: '–' });
  });
});

describe('sheets', () => {
  it('refuse a scale at which the room does not fit, and name those at which it does', () => {
    const drawn = drawSheets(rectangle(9000, 3000).design, options('A3', '20'));
    expect(!drawn.ok && refusalText(drawn.refusal)).toMatch(/at 1:20 .* It fits at 1:50/);
    expect(findPage('A9').ok).toBe(false);
    expect(findScale('17').ok).toBe(false);
  });

  it('keep every mark on the page', () => {
    for (const [design, page, scale] of [
      [galleyWithBay(), 'A3', '20'],
      [orchardKitchen(), 'Tabloid', '24'],
    ] as const) {
      const [sheet] = must(drawSheets(design, options(page, scale)));
      const { left, bottom, right, top } = drawingBounds(sheet!.marks, 1);
      expect([left >= 0, bottom >= 0, right <= sheet!.page.width, top <= sheet!.page.height]).toEqual([
        true,
        true,
        true,
        true,
      ]);
    }
  });

  it('lay every elevation and section out with its name, apart from one another and on the page', () => {
    for (const [design, page, scale] of [
      [galleyWithBay(), 'A3', '20'],
      [orchardKitchen(), 'Arch C', '24'],
    ] as const) {
      const sheets = must(drawSheets(design, { ...options(page, scale), subject: 'elevations' }));
      const words = sheets.map(({ marks }) =>
        marks.flatMap((mark) => (mark.type === 'text' ? [mark.text] : [])),
      );
      const names = roomViews(design).map(({ of, name }) => (of === 'face' ? `Elevation ${name}` : name));
      for (const name of names) expect(words.flat().filter((word) => word === name)).toHaveLength(1);
      expect(words.at(-1)).toContain(`Sheet ${sheets.length} of ${sheets.length}`);
      for (const { marks, page: paper } of sheets) {
        const { left, bottom, right, top } = drawingBounds(marks, 1);
        expect(left >= 0 && bottom >= 0 && right <= paper.width && top <= paper.height).toBe(true);
        // What is drawn to scale stays left of the column, and every number drawn is in the schedule beside it.
        const drawn = marks.filter(({ layer }) => layer !== 'sheet');
        expect(drawingBounds(drawn, 1).right).toBeLessThanOrEqual(paper.width - 10 - 94);
        const numbers = drawn.flatMap((mark) =>
          mark.type === 'text' && mark.layer === 'numbers' ? [mark.text] : [],
        );
        const listed = marks.flatMap((mark) =>
          mark.type === 'text' && mark.layer === 'sheet' ? [mark.text] : [],
        );
        for (const number of numbers) expect(listed).toContain(number);
      }
    }
    const small = drawSheets(rectangle(9000, 3000).design, { ...options('A3', '20'), subject: 'elevations' });
    expect(!small.ok && refusalText(small.refusal)).toMatch(/^Elevation A at 1:20 .* It fits at 1:50/);
  });

  it('go on to a second page when the schedule is long', () => {
    const builder = rectangle(4000, 3000);
    for (let index = 0; index < 60; index++)
      builder.place('F300', { on: 'floor', x: 500 + index, y: -1200, turn: 0 });
    const sheets = must(drawSheets(builder.design, options('A3', '20')));
    expect(sheets).toHaveLength(2);
    const texts = (marks: Primitive[]) => marks.flatMap((mark) => (mark.type === 'text' ? [mark.text] : []));
    expect(texts(sheets[1]!.marks)).toContain('60');
    expect(texts(sheets[1]!.marks)).toContain('Sheet 2 of 2');
  });

  it('tell the symbols of the services there are, above the title block and clear of the schedule', () => {
    const builder = rectangle(4000, 3000);
    for (let index = 0; index < 40; index++)
      builder.place('F300', { on: 'floor', x: 500 + index, y: -1200, turn: 0 });
    const before = must(drawSheets(builder.design, options('A3', '20')));
    for (const type of ['socket', 'drain', 'gas', 'hot'] as const)
      builder.run(putService, {
        kind: 'service',
        id: `service-${type}`,
        type,
        up: 300,
        placement: { on: 'face', face: 'face-b', from: 'left', distance: 900, off: 0 },
      });
    const sheets = must(drawSheets(builder.design, options('A3', '20')));
    expect([before.length, sheets.length]).toEqual([1, 2]);
    const named = (words: string) =>
      sheets[0]!.marks.find((mark): mark is TextMark => mark.type === 'text' && mark.text === words)!;
    for (const words of ['Services', 'Socket', 'Drain', 'Gas', 'Hot water']) {
      expect(named(words).at.y).toBeGreaterThan(10 + 44);
      expect(named(words).at.y).toBeLessThan(10 + 44 + 22);
    }
    const texts = sheets.map(({ marks }) =>
      marks.flatMap((mark) => (mark.type === 'text' ? [mark.text] : [])),
    );
    expect(texts[0]).not.toContain('Cold water');
    expect(texts[1]).not.toContain('Services');
    const rows = sheets[0]!.marks.filter(
      (mark): mark is TextMark => mark.type === 'text' && mark.layer === 'sheet' && mark.text === 'F300',
    );
    expect(Math.min(...rows.map(({ at }) => at.y))).toBeGreaterThan(named('Services').at.y + 6);
  });

  it('become a sound PDF, true to scale, with fonts embedded and the words in it', async () => {
    const builder = new RoomBuilder(rectangle(4000, 3000).design);
    builder.set('F900', 'face-a', 0);
    const sheets = must(drawSheets(builder.design, options('A3', '20')));
    const bytes = await writeSheetPdf(sheets, drawingFonts, {
      title: 'Test',
      author: 'Studio',
      date: new Date('2026-01-02'),
    });
    const file = join(mkdtempSync(join(tmpdir(), 'sheet-')), 'sheet.pdf');
    writeFileSync(file, bytes);
    expect(execFileSync('qpdf', ['--check', file], { encoding: 'utf8' })).toContain(
      'No syntax or stream encoding errors',
    );
    expect(execFileSync('pdfinfo', [file], { encoding: 'utf8' })).toMatch(
      /Page size:\s+1190\.55 x 841\.89 pts \(A3\)/,
    );
    const fonts = execFileSync('pdffonts', [file], { encoding: 'utf8' }).trim().split('\n').slice(2);
    expect(fonts.length).toBe(2);
    for (const font of fonts) expect(font).toMatch(/\syes\s+(yes|no)\s+yes\s/);
    const words = execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' });
    for (const word of [
      'Test room',
      'F900',
      '4000',
      '3000',
      '1:20',
      'Item schedule',
      '12.00 m²',
      '2026-01-02',
    ])
      expect(words).toContain(word);
    const lines = straightLines(
      execFileSync('qpdf', ['--qdf', '--object-streams=disable', file, '-'], { encoding: 'latin1' }),
    );
    const near = (mm: number) => lines.filter((length) => Math.abs(length - mm) < 0.01).length;
    // 4000 mm of wall is 200 mm of paper, 3000 is 150; the 500 mm fields of the scale bar are 25 mm: 1000 mm measures 50.0.
    expect(near(200)).toBeGreaterThan(0);
    expect(near(150)).toBeGreaterThan(0);
    expect(near(25)).toBeGreaterThanOrEqual(4);
    expect(near(45)).toBeGreaterThan(0);
  });
});

/** Lengths, paper mm, of every straight piece of path in an unpacked PDF. */
function straightLines(pdf: string): number[] {
  const lengths: number[] = [];
  let at: [number, number] | null = null;
  for (const [, x, y, operator] of pdf.matchAll(/(-?[\d.]+) (-?[\d.]+) ([ml])\n/g)) {
    const to: [number, number] = [Number(x), Number(y)];
    if (operator === 'l' && at) lengths.push((Math.hypot(to[0] - at[0], to[1] - at[1]) * 25.4) / 72);
    at = to;
  }
  return lengths;
}
