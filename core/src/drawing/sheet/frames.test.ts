import { describe, expect, it } from 'vitest';
import { rectangle } from '../../../testing/rooms';
import { placeFrames } from '../../commands/place-frames';
import { putDimension } from '../../commands/put-dimension';
import { setFrame } from '../../commands/set-frame';
import { setRoom } from '../../commands/set-room';
import { demoStyle } from '../../demo/demo-style';
import { galleyWithBay } from '../../demo/galley-with-bay';
import { recordsOf, type Design } from '../../document/design';
import { applyPatch } from '../../document/patch';
import type { DimensionRecord } from '../../document/records';
import { must, type Result } from '../../result';
import type { Patch } from '../../document/patch';
import { roomViews } from '../elevation/views';
import { drawingBounds } from '../plan-with';
import type { Primitive } from '../primitives';
import { frameWay } from './frame-ways';
import { drawSheets } from './sheet';
import { findPage, findScale, frameScales } from './sheet-format';
import { fieldOf, type Sheet, type SheetOptions, type SheetSubject, type ViewOnPage } from './sheet-frame';

const options = (subject: SheetSubject, page = 'A3', scale = '20'): SheetOptions => ({
  ...{ subject, page: must(findPage(page)), scale: must(findScale(scale)), studio: 'Studio', job: 'Job' },
  ...{ date: '2026-05-14', revision: 3 },
});
const sheetsOf = (design: Design, subject: SheetSubject, page?: string, scale?: string): Sheet[] =>
  must(drawSheets(design, options(subject, page, scale)));
const framesOf = (sheets: readonly Sheet[]): ViewOnPage[] => sheets.flatMap(({ frames }) => frames);
const edited = (design: Design, patch: Result<Patch>): Design => must(applyPatch(design, must(patch)));
const textsOf = ({ marks }: Sheet) => marks.flatMap((mark) => (mark.type === 'text' ? [mark.text] : []));
const find = (sheets: readonly Sheet[], drawing: string) =>
  framesOf(sheets).find((frame) => frame.drawing === drawing)!;
const marksOf = (sheets: readonly Sheet[], drawing: string): Primitive[] => {
  const sheet = sheets.find(({ frames }) => frames.some((frame) => frame.drawing === drawing))!;
  return sheet.marks.slice(...find([sheet], drawing).marks);
};

describe('the frames of a set', () => {
  it('hold the drawings themselves: their marks, their box, their zero', () => {
    const sheets = sheetsOf(galleyWithBay(), 'set');
    const named = framesOf(sheets).map(({ drawing }) => drawing);
    expect(new Set(named).size).toBe(named.length);
    for (const one of ['plan', 'construction', 'ceiling', 'tops']) expect(named).toContain(one);
    for (const sheet of sheets)
      for (const frame of sheet.frames) {
        const { left, right, bottom, top } = drawingBounds(sheet.marks.slice(...frame.marks), 1);
        // The name stands under the box of a drawing that lies among others.
        expect(left).toBeGreaterThanOrEqual(frame.box.left - 1e-6);
        expect(right).toBeLessThanOrEqual(frame.box.right + 1e-6);
        expect(top).toBeCloseTo(frame.box.top, 6);
        expect(bottom).toBeGreaterThanOrEqual(frame.box.bottom - (frame.packed ? 6 : 1e-6));
      }
  });

  it('lie where a person has put them, all of the sheet staying; the others are laid out round them', () => {
    const design = galleyWithBay();
    const before = sheetsOf(design, 'elevations');
    const [moved, ...others] = before[0]!.frames;
    const frames = before[0]!.frames.map(({ drawing, sheet, origin }, index) => ({
      ...{ id: `f${index}`, drawing, sheet, x: origin.x + (index === 0 ? 13 : 0) },
      y: origin.y - (index === 0 ? 2 : 0),
    }));
    const after = edited(design, placeFrames.run(design, { page: 'A3', frames }));
    const sheets = sheetsOf(after, 'elevations');
    expect(find(sheets, moved!.drawing).origin.x).toBeCloseTo(moved!.origin.x + 13, 6);
    expect(find(sheets, moved!.drawing).origin.y).toBeCloseTo(moved!.origin.y - 2, 6);
    for (const other of others) expect(find(sheets, other.drawing).origin).toEqual(other.origin);
    expect(
      framesOf(sheets)
        .map(({ drawing }) => drawing)
        .sort(),
    ).toEqual(
      framesOf(before)
        .map(({ drawing }) => drawing)
        .sort(),
    );
    // On pages of another size all is as it was.
    expect(framesOf(sheetsOf(after, 'elevations', 'A2'))).toEqual(
      framesOf(sheetsOf(design, 'elevations', 'A2')),
    );
    // Off the field it is taken back into it.
    const far = edited(
      design,
      placeFrames.run(design, { page: 'A3', frames: [{ ...frames[0]!, x: 900, y: -300 }] }),
    );
    const field = fieldOf(must(findPage('A3')));
    const { box } = find(sheetsOf(far, 'elevations'), moved!.drawing);
    expect(box.right).toBeLessThanOrEqual(field.right + 1e-6);
    expect(box.bottom - 6).toBeGreaterThanOrEqual(field.bottom - 1e-6);
  });

  it('lie as of themselves again together; of two records of one drawing one stays', () => {
    const design = galleyWithBay();
    const before = sheetsOf(design, 'elevations');
    const frames = before[0]!.frames.map(({ drawing, sheet, origin }, index) => ({
      ...{ id: `f${index}`, drawing, sheet, x: origin.x + 5, y: origin.y },
    }));
    const [first] = frames;
    const put = edited(design, placeFrames.run(design, { page: 'A3', frames }));
    const own = edited(put, setFrame.run(put, { id: 'g', drawing: first!.drawing, ratio: 25 }));
    const twin = { kind: 'frame' as const, id: 'twin', drawing: first!.drawing, hidden: true };
    const doubled: Design = { ...own, records: { ...own.records, twin } };
    const free = frames.map(({ drawing }) => drawing);
    const back = edited(own, placeFrames.run(own, { page: 'A3', frames: [], free }));
    expect(recordsOf(back, 'frame')).toEqual([
      { kind: 'frame', id: 'f0', drawing: first!.drawing, ratio: 25 },
    ]);
    expect(framesOf(sheetsOf(back, 'elevations'))).toHaveLength(framesOf(before).length);
    const one = edited(doubled, placeFrames.run(doubled, { page: 'A3', frames: [first!] }));
    expect(recordsOf(one, 'frame').filter(({ drawing }) => drawing === first!.drawing)).toHaveLength(1);
    const none = edited(
      doubled,
      setFrame.run(doubled, { id: 'g', drawing: first!.drawing, hidden: null, ratio: null, place: null }),
    );
    expect(recordsOf(none, 'frame').filter(({ drawing }) => drawing === first!.drawing)).toEqual([]);
  });

  it('go to a sheet of their own, and are left out', () => {
    const design = galleyWithBay();
    const before = sheetsOf(design, 'elevations');
    const { drawing, origin, name } = before[0]!.frames[1]!;
    const alone = edited(
      design,
      placeFrames.run(design, {
        page: 'A3',
        frames: [{ id: 'f', drawing, sheet: 9, x: origin.x, y: origin.y }],
      }),
    );
    const sheets = sheetsOf(alone, 'elevations');
    expect(sheets.at(-1)!.frames.map((frame) => frame.drawing)).toEqual([drawing]);
    expect(find(sheets, drawing).sheet).toBe(9);
    const without = edited(design, setFrame.run(design, { id: 'f', drawing, hidden: true }));
    expect(sheetsOf(without, 'elevations').flatMap(textsOf)).not.toContain(name);
    expect(framesOf(sheetsOf(without, 'elevations'))).toHaveLength(framesOf(before).length - 1);
  });

  it('have a scale of their own, told under them; one that does not fit is the next that does', () => {
    const design = galleyWithBay();
    const { drawing, name, box } = sheetsOf(design, 'elevations')[0]!.frames[2]!;
    const twice = edited(design, setFrame.run(design, { id: 'f', drawing, ratio: 10 }));
    const sheets = sheetsOf(twice, 'elevations');
    const frame = find(sheets, drawing);
    expect(frame.ratio).toBe(10);
    // What is drawn is twice as large; what is written is not.
    expect(frame.box.right - frame.box.left).toBeGreaterThan((box.right - box.left) * 1.4);
    expect(sheets.flatMap(textsOf)).toContain(`${name}  1:10`);
    const page = sheets.find(({ frames }) => frames.includes(frame))!;
    expect(textsOf(page)).toContain(page.frames.length > 1 ? 'as noted' : '1:10');
    expect(textsOf(page)).toContain('1:10');
    // A scale that comes from elsewhere, as to a worker, is the same scale.
    const alike = edited(design, setFrame.run(design, { id: 'f', drawing, ratio: 20 }));
    const [first] = must(drawSheets(alike, structuredClone(options('elevations'))));
    expect(textsOf(first!)).not.toContain('as noted');
    const huge = edited(design, setFrame.run(design, { id: 'f', drawing: 'plan', ratio: 1 }));
    const [plan] = sheetsOf(huge, 'plan');
    expect(frameScales.map(({ ratio }) => ratio)).toContain(plan!.frames[0]!.ratio);
    expect(plan!.frames[0]!.ratio).toBeGreaterThanOrEqual(20);
    const set = drawSheets(huge, options('set'));
    expect(set.ok).toBe(true);
  });

  it('are cropped where a person has cropped them, and show the rest as it was', () => {
    const design = galleyWithBay();
    const view = roomViews(design).find(({ of }) => of === 'face')!;
    const before = find(sheetsOf(design, 'elevations'), view.id);
    const after = edited(
      design,
      setFrame.run(design, { id: 'f', drawing: view.id, crop: { left: 600, top: 2000 } }),
    );
    const sheets = sheetsOf(after, 'elevations');
    const frame = find(sheets, view.id);
    const least = frame.origin.x + 600 / frame.ratio;
    const most = frame.origin.y + 2000 / frame.ratio;
    const marks = marksOf(sheets, view.id);
    for (const mark of marks) {
      if (mark.type === 'text' && mark.bold && mark.layer === 'sheet') continue;
      const { left, top } = drawingBounds([mark], 1);
      expect(left).toBeGreaterThanOrEqual(least - 1e-6);
      expect(top).toBeLessThanOrEqual(most + 1e-6);
    }
    expect(frame.box.right - frame.origin.x).toBeCloseTo(before.box.right - before.origin.x, 6);
    const whole = edited(after, setFrame.run(after, { id: 'g', drawing: view.id, crop: null }));
    expect(recordsOf(whole, 'frame')).toEqual([]);
    // Beyond where a drawing ends nothing is cropped.
    const wide = edited(design, setFrame.run(design, { id: 'f', drawing: view.id, crop: { left: -90_000 } }));
    expect(find(sheetsOf(wide, 'elevations'), view.id).box).toEqual(before.box);
  });

  it('leave layers and hatches away', () => {
    const design = galleyWithBay();
    const without = edited(
      design,
      setFrame.run(design, { id: 'f', drawing: 'plan', without: ['dimensions', 'tiles'], plain: true }),
    );
    const [sheet] = sheetsOf(without, 'plan');
    const layers = new Set(sheet!.marks.map(({ layer }) => layer));
    expect(layers.has('dimensions') || layers.has('tiles')).toBe(false);
    expect(sheet!.marks.some((mark) => mark.ofHatch || (mark.type !== 'text' && mark.fill === 'poche'))).toBe(
      false,
    );
    const [whole] = sheetsOf(design, 'plan');
    expect(whole!.marks.some((mark) => mark.type !== 'text' && mark.fill === 'poche')).toBe(true);
    // The other drawings are as they were.
    expect(sheetsOf(without, 'construction')).toEqual(sheetsOf(design, 'construction'));
  });

  it('are asked for in their limits', () => {
    const design = galleyWithBay();
    const asks = (crop: object) => setFrame.run(design, { id: 'f', drawing: 'plan', crop });
    expect(asks({ left: 0, right: 10 }).ok).toBe(true);
    expect(asks({ left: 0, right: 9.99 })).toMatchObject({ refusal: { code: 'crop-empty' } });
    const place = (x: number, sheet = 1) =>
      placeFrames.run(design, { page: 'A3', frames: [{ id: 'f', drawing: 'plan', sheet, x, y: 0 }] });
    expect(place(2_000).ok).toBe(true);
    expect(place(2_000.01).ok).toBe(false);
    expect(place(0, 99).ok).toBe(true);
    for (const sheet of [0, 100, 1.5]) expect(place(0, sheet).ok).toBe(false);
    expect(placeFrames.run(design, { page: 'A9', frames: [] }).ok).toBe(false);
    expect(frameWay(design, 'plan')).toBeUndefined();
  });
});

describe('a detail', () => {
  const detail = (of: string, change: Partial<DimensionRecord> = {}): DimensionRecord => ({
    ...{ kind: 'dimension', id: 'd', view: 'plan', type: 'detail', off: 20, over: 20, reach: 300, ratio: 5 },
    ends: [{ of, along: 0, out: 0.5, up: 0 }],
    ...change,
  });

  it('is a circle with its number on its drawing, and is drawn again larger within its circle', () => {
    const builder = rectangle(4000, 3000);
    const cabinet = builder.set('F600', 'face-a', 1000);
    builder.set('F600', 'face-a', 1600);
    const design = edited(builder.design, putDimension.run(builder.design, detail(cabinet, { text: 'End' })));
    const [plan] = sheetsOf(design, 'plan');
    const circle = plan!.marks.find((mark) => mark.type === 'arc' && mark.source === 'd');
    expect(circle).toMatchObject({ radius: 300 / 20 });
    expect(textsOf(plan!)).toContain('1  End');
    const sheets = sheetsOf(design, 'details');
    const frame = find(sheets, 'd');
    expect(frame.ratio).toBe(5);
    expect(textsOf(sheets[0]!)).toContain('Detail 1, End (plan)  1:5');
    // All of it lies within the circle, which is as large as it says.
    const marks = marksOf(sheets, 'd');
    const rim = marks.find((mark) => mark.type === 'arc' && mark.radius === 300 / 5);
    expect(rim).toBeDefined();
    const { centre } = rim as Extract<Primitive, { type: 'arc' }>;
    for (const mark of marks) {
      const points = mark.type === 'path' ? mark.rings.flat() : [];
      for (const { x, y } of points)
        expect(Math.hypot(x - centre.x, y - centre.y)).toBeLessThanOrEqual(60 + 1e-6);
    }
    expect(marks.some((mark) => mark.type === 'path' && mark.layer === 'items')).toBe(true);
    // It goes with what it is of; once that has gone it is drawn no more, and the set has no such sheet.
    expect(sheetsOf(design, 'set').some(({ title }) => title === 'Details')).toBe(true);
    const { [cabinet]: _, ...records } = design.records;
    expect(drawSheets({ ...design, records }, options('details'))).toMatchObject({
      refusal: { code: 'no-details' },
    });
  });

  it('is drawn to the next smaller scale that fits where its own does not', () => {
    const { design } = rectangle(4000, 3000);
    const large = detail('face-a', { reach: 1_500, ratio: 2 });
    const sheets = sheetsOf(edited(design, putDimension.run(design, large)), 'details');
    expect(find(sheets, 'd').ratio).toBe(20);
  });

  it('can be of an elevation', () => {
    const design = galleyWithBay();
    const view = roomViews(design).find(({ of }) => of === 'face')!;
    const of = detail(view.id, { view: view.id, ends: [{ of: view.id, along: 0.5, out: 0, up: 0.5 }] });
    const after = edited(design, putDimension.run(design, of));
    expect(sheetsOf(after, 'details').flatMap(textsOf)).toContain(`Detail 1 (elevation ${view.name})  1:5`);
  });
});

describe('north', () => {
  it('is told on plans, where somebody has said where it is', () => {
    const builder = rectangle(4000, 3000);
    const letters = (design: Design, subject: SheetSubject) =>
      sheetsOf(design, subject)[0]!.marks.flatMap((mark) =>
        mark.type === 'text' && mark.text === 'N' && mark.layer === 'sheet' ? [mark.at] : [],
      );
    expect(letters(builder.design, 'plan')).toEqual([]);
    builder.run(setRoom, { north: Math.PI / 2 });
    const [left] = letters(builder.design, 'plan');
    builder.run(setRoom, { north: -0.4 });
    const [right] = letters(builder.design, 'construction');
    // A quarter turn to the left it points there, on the height of the middle of its circle.
    expect(left!.x).toBeLessThan(right!.x);
    expect(right!.x - left!.x).toBeCloseTo(5.6 + 5.6 * Math.sin(0.4), 6);
    expect(right!.y - left!.y).toBeCloseTo(5.6 * Math.cos(0.4), 6);
    expect(letters(builder.design, 'elevations')).toEqual([]);
    const { page, marks } = sheetsOf(builder.design, 'plan')[0]!;
    expect(drawingBounds(marks, 1).right).toBeLessThanOrEqual(page.width);
  });
});

describe('a template of a studio', () => {
  const style = demoStyle();

  it('says what a set holds, and in which order', () => {
    const parts = ['elevations', 'plan'] as const;
    const sheets = must(
      drawSheets(galleyWithBay(), { ...options('set'), style: { ...style, parts: [...parts] } }),
    );
    const titles = sheets.map(({ title }) => title);
    expect(titles[0]).toBe('Cover');
    expect(titles[1]).toMatch(/^Elevations/);
    expect(titles.indexOf('Plan')).toBeGreaterThan(1);
    expect(titles).not.toContain('Schedules');
  });

  it('leaves rows of dimensions away, and draws lines heavier or finer', () => {
    const design = galleyWithBay();
    const figures = (sheet: Sheet) =>
      sheet.marks.filter((mark) => mark.type === 'text' && mark.measured).length;
    const [plain] = sheetsOf(design, 'plan');
    const drawn = (change: object) =>
      must(drawSheets(design, { ...options('plan'), style: { ...style, ...change } }))[0]!;
    expect(figures(drawn({}))).toBe(figures(plain!));
    expect(figures(drawn({ without: ['units'] }))).toBeLessThan(figures(plain!));
    expect(figures(drawn({ without: ['units', 'openings', 'centres', 'overall', 'aisle'] }))).toBeLessThan(
      figures(drawn({ without: ['units'] })),
    );
    const heaviest = ({ marks }: Sheet) =>
      Math.max(...marks.map((mark) => (mark.type === 'text' ? 0 : mark.weight)));
    expect(heaviest(drawn({ lines: 'strong' })) / heaviest(plain!)).toBeCloseTo(1.35, 9);
    expect(heaviest(drawn({ lines: 'fine' })) / heaviest(plain!)).toBeCloseTo(0.75, 9);
  });

  it('has its logo in every title block, its address, and its notes whole on the cover or a page of their own', () => {
    const lines = Array.from(
      { length: 30 },
      (_, index) => `Note ${index + 1}: nothing is cut before it is checked.`,
    );
    for (const [page, scale, notes] of [
      ['A3', '20', lines.slice(0, 4)],
      ['A3', '20', lines],
      ['A4', '50', lines],
      ['Letter', '48', lines],
    ] as const) {
      const asked = { ...options('set', page, scale), style: { ...style, notes: notes.join('\n') } };
      const sheets = must(drawSheets(galleyWithBay(), asked));
      expect(sheets.every(({ pictures }) => pictures.length === 1)).toBe(true);
      for (const sheet of sheets) expect(textsOf(sheet)).toContain(style.address);
      const said = sheets.flatMap(textsOf);
      for (const note of notes)
        expect(said.filter((word) => word.startsWith(note.slice(0, 8)))).toHaveLength(1);
      for (const { marks, page: paper } of sheets) {
        const { left, bottom, right, top } = drawingBounds(marks, 1);
        expect(left >= 0 && bottom >= 0 && right <= paper.width && top <= paper.height).toBe(true);
      }
      const [cover] = sheets;
      for (const [index, { title }] of sheets.entries())
        if (index > 0 && index < 8) expect(textsOf(cover!)).toContain(title);
    }
  });
});
