import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { nestFaults } from '../../../testing/nest-faults';
import { must } from '../../result';
import { refusalText } from '../../wording/refusal-text';
import { nest } from './nest';
import { readNestCase } from './nest-case';
import type { Nest, NestCase, NestPart, NestStock } from './nest-types';

const part = (id: string, l: number, w: number, qty = 1, grain = false): NestPart => ({
  id,
  l,
  w,
  grain,
  qty,
});
const sheet = (l: number, w: number, more: Partial<NestStock> = {}): NestStock => ({
  id: 'sheet',
  l,
  w,
  ...more,
});
const caseOf = (parts: readonly NestPart[], change: Partial<NestCase> = {}): NestCase => ({
  ...{ id: 'case', kerf: 0, trim: 0, stock: [sheet(1000, 500)], parts, seconds: 0.2 },
  ...change,
});
/** The nest of a case, once it is seen to be sound. */
function sound(one: NestCase, seconds?: number): Nest {
  const found = must(nest(one, seconds === undefined ? {} : { seconds }));
  expect(nestFaults(one, found)).toEqual([]);
  return found;
}

describe('a nest', () => {
  it('needs a kerf between two parts, and none at an edge', () => {
    const count = (l: number, kerf: number) => sound(caseOf([part('a', l, 500, 2)], { kerf })).count;
    expect(count(498, 4)).toBe(1);
    expect(count(497.99, 4)).toBe(1);
    expect(count(498.01, 4)).toBe(2);
    // One part alone takes all of a sheet.
    expect(sound(caseOf([part('a', 1000, 500)], { kerf: 4 })).sheets[0]!.cuts).toEqual([]);
  });

  it('keeps within what is trimmed, which takes no kerf of its own', () => {
    const trimmed = { trim: 10, kerf: 4 };
    const [laid] = sound(caseOf([part('a', 980, 480)], trimmed)).sheets[0]!.parts;
    expect(laid).toMatchObject({ x: 10, y: 10, l: 980, w: 480, turned: false });
    expect(nest(caseOf([part('a', 980.01, 480)], trimmed))).toMatchObject({
      refusal: { code: 'nest-too-large' },
    });
    expect(sound(caseOf([part('a', 488, 480, 2)], trimmed)).count).toBe(1);
    expect(sound(caseOf([part('a', 488.01, 480, 2)], trimmed)).count).toBe(2);
  });

  it('turns parts without grain only', () => {
    const standing = [part('a', 500, 1000)];
    expect(sound(caseOf(standing)).sheets[0]!.parts[0]).toMatchObject({ turned: true, l: 1000, w: 500 });
    const grain = nest(caseOf([{ ...standing[0]!, grain: true }]));
    expect(!grain.ok && refusalText(grain.refusal)).toMatch(
      /^Part a, 500 mm by 1000 mm, fits none of the sheets/,
    );
  });

  it('is told in cuts right across what is left, the first first', () => {
    const { sheets } = sound(caseOf([part('a', 600, 300, 1, true)], { kerf: 4, trim: 10 }));
    expect([
      [
        { x: 610, from: 10, to: 490 },
        { y: 310, from: 10, to: 610 },
      ],
      [
        { y: 310, from: 10, to: 990 },
        { x: 610, from: 10, to: 310 },
      ],
    ]).toContainEqual(sheets[0]!.cuts);
  });

  it('takes the least area of sheets, then the fewest', () => {
    const mixed: Partial<NestCase> = {
      stock: [sheet(1000, 1000, { id: 'large' }), sheet(1000, 500, { id: 'half' })],
    };
    const stocks = (parts: readonly NestPart[], change = mixed) =>
      sound(caseOf(parts, change)).sheets.map(({ stock }) => stock);
    expect(stocks([part('a', 1000, 500)])).toEqual(['half']);
    // Two halves have the area of one large sheet, and are two.
    expect(stocks([part('a', 1000, 500, 2)])).toEqual(['large']);
    expect(stocks([part('a', 1000, 500, 3)]).sort()).toEqual(['half', 'large']);
    // Of an offcut there are only so many.
    const counted: Partial<NestCase> = {
      stock: [sheet(1000, 1000, { id: 'new' }), sheet(500, 500, { id: 'offcut', count: 2 })],
    };
    expect(stocks([part('a', 450, 450, 2)], counted)).toEqual(['offcut', 'offcut']);
    expect(stocks([part('a', 450, 450, 3)], counted)).toEqual(['new']);
  });

  it('leaves the largest offcut it finds', () => {
    // Four quarters of the width in a row leave half of the sheet in one piece.
    const { sheets } = sound(caseOf([part('a', 250, 125, 4)], { seconds: 0.3 }));
    const free = (laid: readonly { x: number; y: number; l: number; w: number }[]) => {
      const right = Math.max(...laid.map(({ x, l }) => x + l));
      const top = Math.max(...laid.map(({ y, w }) => y + w));
      return Math.max((1000 - right) * 500, (500 - top) * 1000);
    };
    expect(free(sheets[0]!.parts)).toBe(375_000);
  });

  it('takes no sheet that is trimmed away', () => {
    const stock = [sheet(15, 15, { id: 'scrap' }), sheet(1000, 500)];
    const { bound, sheets } = sound(caseOf([part('a', 300, 200)], { trim: 10, stock }));
    expect(Object.keys(bound)).toEqual(['sheet']);
    expect(sheets).toHaveLength(1);
  });

  it('says when sheets are not enough', () => {
    const few = nest(caseOf([part('a', 600, 500, 3)], { stock: [sheet(1000, 500, { count: 2 })] }));
    expect(!few.ok && refusalText(few.refusal)).toBe(
      'The sheets there are hold all but 1 of 3 parts, a among them. Give more sheets.',
    );
    expect(nest(caseOf([part('a', 10, 10)], { stock: [sheet(1000, 500, { count: 0 })] })).ok).toBe(false);
  });

  it('prints the bound of each size as if it were the only one, and is proven where it meets it', () => {
    const one = caseOf([part('a', 238, 238, 10)], {
      ...{ kerf: 4, trim: 10 },
      stock: [sheet(1000, 500), sheet(2000, 500, { id: 'long' })],
    });
    const { bound, proven, sheetArea, yield: share } = sound(one);
    const need = 10 * 242 * 242;
    expect(bound).toEqual({
      sheet: Math.ceil(need / ((1000 - 20 + 4) * (500 - 20 + 4))),
      long: Math.ceil(need / ((2000 - 20 + 4) * (500 - 20 + 4))),
    });
    expect(sheetArea).toBe(1_000_000);
    expect(proven).toBe(true);
    expect(share).toBeCloseTo((10 * 238 * 238) / 1_000_000, 12);
    // Of parts over half a sheet each way no two lie on one: that many sheets are the least, whatever their area.
    const large = sound(caseOf([part('a', 501, 251, 3)]));
    expect([large.count, large.bound['sheet'], large.proven]).toEqual([3, 1, true]);
    const half = sound(caseOf([part('a', 500, 250, 4)]));
    expect([half.count, half.proven]).toEqual([1, true]);
  });

  it('finds what only few orders find: a puzzle that fills its sheets to the last millimetre', () => {
    // 1000 by 500 sawn by hand, twice.
    const pieces = [
      ...[
        part('a', 420, 500),
        part('b', 577, 260),
        part('c', 300, 237),
        part('d', 274, 117),
        part('e', 274, 117),
      ],
      ...[
        part('f', 1000, 190),
        part('g', 333, 307),
        part('h', 331, 307),
        part('i', 330, 150),
        part('j', 330, 154),
      ],
    ];
    const { count, proven } = sound(caseOf(pieces, { kerf: 3, seconds: 3 }));
    expect([count, proven]).toEqual([2, true]);
  });

  it('is sound, and within its bound, whatever is asked (property)', () => {
    const size = fc.integer({ min: 40, max: 900 });
    const parts = fc.array(fc.tuple(size, size, fc.boolean(), fc.integer({ min: 1, max: 5 })), {
      minLength: 1,
      maxLength: 12,
    });
    fc.assert(
      fc.property(
        parts,
        fc.constantFrom(0, 3, 4.5),
        fc.constantFrom(0, 5, 10),
        fc.integer({ min: 1, max: 3 }),
        (found, kerf, trim, sizes) => {
          const stock = [
            sheet(1100, 950),
            sheet(2440, 1220, { id: 'B' }),
            sheet(1000, 1000, { id: 'C', count: 2 }),
          ];
          const one = caseOf(
            found.map(([l, w, grain, qty], index) => part(`p${index}`, l, w, qty, grain)),
            { kerf, trim, stock: stock.slice(0, sizes), seconds: 0.02 },
          );
          const made = sound(one);
          const area = made.sheets.reduce(
            (sum, { parts: laid }) => sum + laid.reduce((all, { l, w }) => all + l * w, 0),
            0,
          );
          expect(made.sheetArea).toBeGreaterThanOrEqual(area - 1e-6);
          if (sizes === 1) expect(made.count).toBeGreaterThanOrEqual(made.bound['sheet']!);
        },
      ),
      { numRuns: 60 },
    );
  });

  it('is told how far it is though nothing is better, as the very same', () => {
    // Three of these have room on one sheet by their area, but not as they must lie.
    const one = caseOf([part('a', 600, 200, 3, true)], { seconds: 5 });
    const told: Nest[] = [];
    const shares: number[] = [];
    must(
      nest(one, {
        watch: (best, done) => {
          shares.push(done);
          return told.push(best) < 3;
        },
      }),
    );
    expect([told[1], told[2]]).toEqual([told[0], told[0]]);
    expect(told[2]).toBe(told[1]);
    expect(shares).toEqual([...shares].sort((a, b) => a - b));
  });

  it('is told each time it is better, and stops when it is told to', () => {
    const told: number[] = [];
    const many = Array.from({ length: 40 }, (_, index) =>
      part(`p${index}`, 210 + index * 7, 130 + ((index * 37) % 90), 1),
    );
    const one = caseOf(many, { kerf: 3, seconds: 30 });
    const began = performance.now();
    const found = must(
      nest(one, {
        watch: ({ sheetArea }) => {
          told.push(sheetArea);
          return performance.now() - began < 300;
        },
      }),
    );
    expect(nestFaults(one, found)).toEqual([]);
    expect(told.length).toBeGreaterThan(0);
    expect(told).toEqual([...told].sort((a, b) => b - a));
  });
});

describe('a case of a nest', () => {
  it('is read with every fault of it and its place', () => {
    const read = readNestCase(
      {
        ...{ id: 'x', kerf: -1, trim: 0, more: 1, seconds: 601 },
        stock: [{ id: 's', l: 2800, w: 2070, count: 1.5 }],
        parts: [{ id: 'p', l: 0, w: 100, qty: 0, grain: 'yes' }],
      },
      'case',
    );
    if (read.ok || read.refusal.code !== 'input-faulty') throw new Error('It is sound.');
    expect(read.refusal.data.faults.map(({ path }) => path)).toEqual([
      'case.more',
      'case.stock[0].count',
      'case.parts[0].grain',
      'case.parts[0].l',
      'case.parts[0].qty',
      'case.kerf',
      'case.seconds',
    ]);
    const twice = readNestCase(
      {
        ...{ id: 'x', kerf: 0, trim: 0, stock: [1, 2].map(() => ({ id: 's', l: 100, w: 100 })) },
        parts: [1, 2].map((qty) => ({ id: `p${qty}`, l: 10, w: 10, grain: true, qty: 2_500 + qty - 1 })),
      },
      'case',
    );
    if (twice.ok || twice.refusal.code !== 'input-faulty') throw new Error('It is sound.');
    expect(twice.refusal.data.faults.map(({ path }) => path)).toEqual(['case.stock[1].id', 'case.parts']);
    const part = { id: 'p', l: 100, w: 100, qty: 2, grain: false };
    const sound = { id: 'x', kerf: 3, trim: 0, stock: [{ id: 's', l: 100, w: 100 }], parts: [part] };
    expect(readNestCase(sound, 'case')).toEqual({ ok: true, value: sound });
  });
});
