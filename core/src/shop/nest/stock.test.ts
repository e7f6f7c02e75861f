import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { must } from '../../result';
import { nest } from './nest';
import type { NestCase } from './nest-types';
import { afterCutting, offcutsOf, sawingOf, sheetUse, usualStock, WORTH_KEEPING, type Stock } from './stock';

const stock: Stock = {
  ...{ kerf: 4, trim: 10 },
  sheets: [
    { l: 2_800, w: 2_070 },
    { material: 'mdf 18', l: 2_440, w: 1_220, count: 2 },
    { material: 'mdf 18', l: 900, w: 400, count: 1 },
    { material: 'plywood 12', l: 2_500, w: 1_250, count: 3 },
  ],
};

describe('what sheets are cut from', () => {
  it('is of each material its own and what is of any; alike sizes are counted together', () => {
    const sawing = sawingOf(stock);
    expect(sawing.usual).toEqual([{ id: '2800 × 2070', l: 2_800, w: 2_070 }]);
    expect(sawing.stock['mdf 18']).toEqual([
      { id: '2800 × 2070', l: 2_800, w: 2_070 },
      { id: '2440 × 1220', l: 2_440, w: 1_220, count: 2 },
      { id: '900 × 400', l: 900, w: 400, count: 1 },
    ]);
    const twice = sawingOf({ ...stock, sheets: [...stock.sheets, { l: 900, w: 400, count: 2 }] });
    expect(twice.stock['mdf 18']!.at(-1)).toMatchObject({ id: '900 × 400', count: 3 });
    // One size of which there is enough stays so, however many are counted beside it.
    const enough = sawingOf({ ...stock, sheets: [...stock.sheets, { l: 2_800, w: 2_070, count: 1 }] });
    expect(enough.usual).toEqual([{ id: '2800 × 2070', l: 2_800, w: 2_070 }]);
    expect(sawingOf(usualStock).stock).toEqual({});
  });

  it('loses what is cut and gains what is worth keeping', () => {
    const one: NestCase = {
      ...{ id: 'mdf 18', kerf: 4, trim: 10, stock: sawingOf(stock).stock['mdf 18']! },
      parts: [{ id: 'panel', l: 2_000, w: 600, grain: true, qty: 1 }],
    };
    const found = must(nest(one, { seconds: 0.3 }));
    expect(found.sheets.map((sheet) => sheet.stock)).toEqual(['2440 × 1220']);
    const after = afterCutting(stock, { material: 'mdf 18', nest: found, sizes: one.stock });
    const own = after.sheets.filter(({ material }) => material === 'mdf 18');
    expect(own[0]).toEqual({ material: 'mdf 18', l: 2_440, w: 1_220, count: 1 });
    // 2420 by 1200 less the trim: the panel and a kerf off it leave a strip along and one beside it.
    const [left] = offcutsOf(found.sheets[0]!, { l: 2_440, w: 1_220 }, one);
    expect(own).toContainEqual({ material: 'mdf 18', l: left!.l, w: left!.w, count: 1 });
    expect(left!.l * left!.w).toBeGreaterThan(2_420 * 590);
    // The second sheet goes too; then there are none of it, and others of any material are not touched.
    const gone = afterCutting(after, { material: 'mdf 18', nest: found, sizes: one.stock });
    expect(gone.sheets.some(({ l, material }) => l === 2_440 && material === 'mdf 18')).toBe(false);
    expect(gone.sheets).toContainEqual({ l: 2_800, w: 2_070 });
    // The same offcut twice is one line of two.
    expect(gone.sheets).toContainEqual({ material: 'mdf 18', l: left!.l, w: left!.w, count: 2 });
  });

  it.each([
    [WORTH_KEEPING.wide, true],
    [WORTH_KEEPING.wide - 0.1, false],
  ])('keeps an offcut of %d mm: %s', (wide, isKept) => {
    const sheet = {
      stock: '1000 × 500',
      parts: [{ id: 'a', x: 0, y: 0, l: 1_000, w: 500 - wide, turned: false }],
      cuts: [{ y: 500 - wide, from: 0, to: 1_000 }],
    };
    const sizes = [{ id: '1000 × 500', l: 1_000, w: 500 }];
    const bare = { kerf: 0, trim: 0, sheets: [] };
    const { sheets } = afterCutting(bare, { material: 'mdf 18', nest: { sheets: [sheet] }, sizes });
    expect(sheets.length === 1).toBe(isKept);
  });

  it('leaves as offcuts all that is neither part, kerf nor trim: areas add up, nothing lies over anything (property)', () => {
    const part = fc.record({
      ...{ l: fc.integer({ min: 60, max: 1_500 }), w: fc.integer({ min: 60, max: 1_100 }) },
      ...{ grain: fc.boolean(), qty: fc.integer({ min: 1, max: 4 }) },
    });
    fc.assert(
      fc.property(
        fc.array(part, { minLength: 1, maxLength: 6 }),
        fc.integer({ min: 0, max: 12 }),
        (parts, kerf) => {
          const size = { id: 's', l: 2_800, w: 2_070 };
          const one: NestCase = {
            ...{ id: 'x', kerf, trim: 10, stock: [size] },
            parts: parts.map((own, index) => ({ ...own, id: `${index}` })),
          };
          for (const sheet of must(nest(one, { seconds: 0 })).sheets) {
            const left = offcutsOf(sheet, size, one);
            const all = [...left, ...sheet.parts];
            for (const [index, a] of all.entries()) {
              expect(Math.min(a.x, a.y)).toBeGreaterThanOrEqual(10 - 1e-6);
              expect(a.x + a.l).toBeLessThanOrEqual(2_790 + 1e-6);
              expect(a.y + a.w).toBeLessThanOrEqual(2_060 + 1e-6);
              for (const b of all.slice(index + 1)) {
                const apart =
                  a.x + a.l <= b.x + 1e-6 ||
                  b.x + b.l <= a.x + 1e-6 ||
                  a.y + a.w <= b.y + 1e-6 ||
                  b.y + b.w <= a.y + 1e-6;
                expect(apart).toBe(true);
              }
            }
            const area = all.reduce((sum, { l, w }) => sum + l * w, 0);
            const kerfs = sheet.cuts.reduce((sum, cut) => sum + (cut.to - cut.from) * kerf, 0);
            // A cut at the very edge takes less than its kerf.
            expect(area).toBeLessThanOrEqual(2_780 * 2_050 + 1e-3);
            expect(area + kerfs).toBeGreaterThanOrEqual(2_780 * 2_050 - 1e-3);
          }
        },
      ),
      { numRuns: 60 },
    );
  });
});

describe('the use of sheets', () => {
  it('is parts, offcuts worth keeping and the rest, all of the sheet together', () => {
    const size = { id: 's', l: 2_020, w: 1_020 };
    const saw = { kerf: 4, trim: 10 };
    // 1000 x 1000 of 2000 x 1000: what is left is 996 long.
    const sheet = {
      stock: 's',
      parts: [{ id: 'a', x: 10, y: 10, l: 1_000, w: 1_000, turned: false }],
      cuts: [{ x: 1_010, from: 10, to: 1_010 }],
    };
    const use = sheetUse({ sheets: [sheet], sheetArea: 2_020 * 1_020 }, [size], saw);
    expect(use).toEqual({
      parts: 1e6,
      offcuts: 996 * 1_000,
      waste: 2_020 * 1_020 - 1e6 - 996_000,
    });
    // Narrower than is kept by a tenth: waste.
    const narrow = {
      ...sheet,
      parts: [{ ...sheet.parts[0]!, l: 2_000 - 4 - 199.9 }],
      cuts: [{ x: 10 + 2_000 - 4 - 199.9, from: 10, to: 1_010 }],
    };
    expect(sheetUse({ sheets: [narrow], sheetArea: 2_020 * 1_020 }, [size], saw).offcuts).toBe(0);
  });
});
