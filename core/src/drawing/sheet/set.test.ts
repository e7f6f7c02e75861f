import { describe, expect, it } from 'vitest';
import { rectangle } from '../../../testing/rooms';
import { demoJobs } from '../../demo/demo-jobs';
import { roomOf, type Design } from '../../document/design';
import { must } from '../../result';
import { itemNumbers } from '../../setting/item-numbers';
import { itemBoxes } from '../../setting/item-box';
import { isMovable } from '../../ranges/item-kind';
import { drawSheets } from './sheet';
import { findPage, findScale, usualPages } from './sheet-format';
import type { Sheet, SheetSubject } from './sheet-frame';

const draw = (design: Design, subject: SheetSubject, page: string, scale: string) =>
  drawSheets(design, {
    ...{ subject, page: must(findPage(page)), scale: must(findScale(scale)) },
    ...{ studio: 'Tidewrack', job: 'Cottage', date: '2026-11-29', revision: 3 },
  });
const texts = ({ marks }: Sheet, layer?: string) =>
  marks.flatMap((mark) => (mark.type === 'text' && (!layer || mark.layer === layer) ? [mark.text] : []));
const rooms = demoJobs().flatMap(({ rooms: own, unit }) => own.map((room) => ({ room, unit })));

describe('a set of drawings', () => {
  it('has every page numbered, and its index names each of them', () => {
    for (const { room, unit } of rooms) {
      const sheets = must(draw(room, 'set', unit === 'mm' ? 'A3' : 'Tabloid', unit === 'mm' ? '20' : '24'));
      sheets.forEach((sheet, index) => {
        expect(texts(sheet)).toContain(`Sheet ${index + 1} of ${sheets.length}`);
      });
      const cover = texts(sheets[0]!).join(' ');
      for (const { title } of sheets) expect(cover).toContain(title);
      expect(sheets.map(({ title }) => title)).toEqual(
        expect.arrayContaining([
          'Cover',
          'Plan',
          'Construction plan',
          'Ceiling plan',
          'Schedules',
          'Reach report',
        ]),
      );
    }
  });

  it('writes every code whole in its lists, however long', () => {
    const { room } = rooms.find(({ room: one }) => roomOf(one).name === 'Galley with bay')!;
    const codes = itemBoxes(room).map(({ record }) => record.code);
    expect(codes).toContain('STOOL380/650');
    for (const page of ['A4', 'A3', 'A2']) {
      const listed = must(draw(room, 'set', page, '50')).flatMap((sheet) => texts(sheet, 'sheet'));
      for (const code of codes) expect(listed).toContain(code);
    }
  });

  it('goes on with its index where one page is too little for it', () => {
    const { room } = rooms[1]!;
    const sheets = must(draw(room, 'set', 'A4', '20'));
    const covers = sheets.filter(({ title }) => title.startsWith('Cover'));
    expect(covers.length).toBeGreaterThan(1);
    const listed = covers.flatMap((sheet) => texts(sheet));
    for (const number of sheets.map((_, index) => String(index + 1))) expect(listed).toContain(number);
  });

  it('is drawn at the scale asked for, and at the next that fits where that does not', () => {
    const design = rectangle(6200, 3000).design;
    expect(draw(design, 'plan', 'A3', '20').ok).toBe(false);
    const sheets = must(draw(design, 'set', 'A3', '20'));
    const plan = sheets.find(({ title }) => title === 'Plan')!;
    expect(texts(plan)).toContain('1:25');
    const small = must(draw(rectangle(3000, 3000).design, 'set', 'A3', '20'));
    expect(texts(small.find(({ title }) => title === 'Plan')!)).toContain('1:20');
  });

  it('numbers every item of the demo rooms somewhere, and lists on a page what it numbers', () => {
    for (const { room, unit } of rooms) {
      const sheets = must(draw(room, 'set', 'Arch C', unit === 'mm' ? '20' : '24'));
      const drawn = new Set(sheets.flatMap((sheet) => texts(sheet, 'numbers')));
      for (const number of itemNumbers(room).values()) expect(drawn).toContain(String(number));
      sheets.forEach((sheet, index) => {
        const after = sheets.slice(index, index + 2).flatMap((one) => texts(one, 'sheet'));
        for (const number of texts(sheet, 'numbers')) expect(after).toContain(number);
      });
    }
  });

  it('gives every built item its width in some chain', () => {
    for (const { room, unit } of rooms) {
      const sheets = must(draw(room, 'set', 'Arch C', unit === 'mm' ? '20' : '24'));
      const scale = unit === 'mm' ? 20 : 24;
      const lengths = sheets.flatMap(({ marks }) =>
        marks.flatMap((mark) => {
          if (mark.type !== 'text' || !mark.measured) return [];
          const [a, b] = mark.measured.line;
          return [Math.hypot(b.x - a.x, b.y - a.y) * scale];
        }),
      );
      for (const box of itemBoxes(room)) {
        if (isMovable(box.kind) || box.kind.within || box.kind.edge || box.kind.flat) continue;
        const isTold = lengths.some((one) => Math.abs(one - box.record.width) < 1);
        expect(isTold, `${box.record.code} ${box.record.width}`).toBe(true);
      }
    }
  });
});

describe('the usual papers', () => {
  it('are there, and of the kind that what is measured in is sold with', () => {
    expect(usualPages('mm')).toEqual({ drawing: 'A3', hand: 'A4' });
    for (const unit of ['in', 'in-decimal', 'ft-in'] as const)
      expect(usualPages(unit)).toEqual({ drawing: 'Tabloid', hand: 'Letter' });
    for (const unit of ['mm', 'in'] as const)
      for (const page of Object.values(usualPages(unit))) expect(findPage(page).ok).toBe(true);
  });
});
