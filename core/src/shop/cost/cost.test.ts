import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { rectangle } from '../../../testing/rooms';
import { putFixed, usualFixed } from '../../commands/put-fixed';
import { setEdgeWay } from '../../commands/set-edge-way';
import { setFinish } from '../../commands/set-finish';
import { setStyle } from '../../commands/set-style';
import { galleyWithBay } from '../../demo/galley-with-bay';
import { orchardKitchen } from '../../demo/orchard-kitchen';
import { wetRoom } from '../../demo/wet-room';
import type { Design } from '../../document/design';
import { priceNames, type PriceKey } from '../../wording/cost-words';
import { costReport } from '../../exports/cost-json';
import { readPriceCsv } from '../../imports/price-csv';
import { costByGroup, costOf } from './cost';
import { usualPrices, type PriceBook } from './price-book';

const bookOf = (prices: Readonly<Record<string, number>>): PriceBook => ({
  rows: usualPrices.rows.map((row) => ({ ...row, price: prices[row.code] ?? 0 })),
});
const line = (design: Design, book: PriceBook, code: string) =>
  costOf(design, book).lines.find((one) => one.code.startsWith(code))!;

/** One base of 600 with a door against a wall. */
function oneBase(): Design {
  const builder = rectangle(4000, 3000);
  builder.set('F600', 'face-a', 500);
  return builder.design;
}

describe('what a room costs', () => {
  it('is worked out by hand for one base: its boards with what is bought over them, edging, hinges, sawing', () => {
    const design = oneBase();
    const book = bookOf({ 'faced-board': 10, edging: 1, H110: 2.5, sawing: 0.1, 'shop-rate': 40 });
    // Cut sizes: two sides, the bottom, two rails, two shelves and the door, to the thousandth of a square metre.
    const cut = 2 * 720 * 559 + 564 * 559 + 564 * 99 + 564 * 100 + 2 * 562 * 511 + 715 * 595;
    expect(line(design, book, 'faced-board')).toMatchObject({ group: 'boards', unit: 'm2', price: 10 });
    expect(line(design, book, 'faced-board').qty).toBeCloseTo(cut / 1e6, 9);
    expect(line(design, book, 'faced-board').cents).toBe(Math.round((cut / 1e6) * 10 * 100));
    // Fronts of sides, bottom, rail and shelves; all round the door.
    expect(line(design, book, 'edging').qty).toBeCloseTo(
      (2 * 720 + 2 * 564 + 2 * 562 + 2 * (717 + 597)) / 1e3,
      9,
    );
    expect(line(design, book, 'H110')).toMatchObject({ qty: 2, cents: 500 });
    // Nine boards cut, 0.1 h each at 40.
    expect(line(design, book, 'sawing')).toMatchObject({ unit: 'hour', cents: 9 * 0.1 * 40 * 100 });
  });

  it('has boards bought over what is cut, shared among the cabinets as those are', () => {
    const builder = rectangle(4000, 3000);
    const [narrow, wide] = [builder.set('F300', 'face-a', 500), builder.set('F900', 'face-a', 1000)];
    const cost = costOf(builder.design, bookOf({ 'faced-board': 10, 'board-waste': 0.15 }));
    const boards = cost.lines.filter(({ code }) => code === 'faced-board 18' || code === 'faced-board');
    const net = boards.reduce((sum, { cents }) => sum + cents, 0);
    const over = cost.lines.find(({ code }) => code === 'board-waste')!;
    expect(over).toMatchObject({ group: 'boards', qty: 0.15, unit: 'share', price: net / 100 });
    expect(over.cents).toBe(Math.round(net * 0.15));
    expect(cost.cents).toBe(net + over.cents);
    const of = (id: string, own: typeof boards) =>
      own.flatMap((line) => line.of).reduce((sum, one) => sum + (one.id === id ? one.qty : 0), 0);
    expect(of(narrow, [over]) / of(wide, [over])).toBeCloseTo(of(narrow, boards) / of(wide, boards), 2);
    expect(of(narrow, [over]) + of(wide, [over])).toBeCloseTo(1, 9);
  });

  it('has no price that makes no difference to any room', () => {
    const lined = rectangle(4000, 3000);
    lined.run(putFixed, usualFixed(lined.design, 'lining', 'lining', 'face-a'));
    const ended = rectangle(4000, 3000);
    const id = ended.set('F600', 'face-a', 500);
    ended.run(setEdgeWay, { at: [{ item: id, side: 'right' }], way: { waterfall: true } });
    const glazed = rectangle(4000, 3000);
    glazed.set('U600/720', 'face-a', 500);
    glazed.run(setStyle, { style: 'doorStyle', value: 'glazed', to: { room: 'everywhere' } });
    const veneered = rectangle(4000, 3000);
    veneered.set('F600', 'face-a', 500);
    veneered.run(setFinish, { part: 'front', finish: 'Drift oak', to: { room: 'everywhere' } });
    const rooms = [galleyWithBay(), orchardKitchen(), wetRoom(), lined, ended, glazed, veneered].map((one) =>
      'design' in one ? one.design : one,
    );
    const before = rooms.map((design) => costOf(design).cents);
    const idle = (Object.keys(priceNames) as PriceKey[]).filter((key) => {
      const rows = usualPrices.rows.map((row) => (row.code === key ? { ...row, price: row.price * 2 } : row));
      return rooms.every((design, at) => costOf(design, { rows }).cents === before[at]);
    });
    expect(idle).toEqual([]);
  });

  it('adds overhead, margin and tax one after the other on what stands before them', () => {
    const prices = { H110: 50, overhead: 0.1, margin: 0.2, tax: 0.25 };
    const { lines, cents } = costOf(oneBase(), bookOf(prices));
    expect(lines.filter(({ cents: own }) => own > 0).map(({ code, cents: own }) => [code, own])).toEqual([
      ['H110', 10_000],
      ['overhead', 1_000],
      ['margin', 2_200],
      ['tax', 3_300],
    ]);
    expect(cents).toBe(16_500);
  });

  it('is the sum of its lines to the last hundredth by any prices, and each comes from things that are there', () => {
    const designs = [galleyWithBay(), orchardKitchen(), wetRoom()];
    const prices = fc.array(fc.integer({ min: 0, max: 99_999 }), {
      minLength: usualPrices.rows.length,
      maxLength: usualPrices.rows.length,
    });
    fc.assert(
      fc.property(fc.constantFrom(...designs), prices, (design, some) => {
        const rows = usualPrices.rows.map((row, index) => ({
          ...row,
          price: row.unit === 'share' || row.unit === 'hour' ? some[index]! / 99_999 : some[index]! / 100,
        }));
        const report = costReport(design, { rows }) as {
          lines: {
            qty: number;
            price: number;
            amount: number;
            unit: string;
            of: { id: string; qty: number }[];
          }[];
          groups: { amount: number }[];
          total: number;
        };
        const total = (amounts: readonly number[]) =>
          amounts.reduce((sum, one) => sum + Math.round(one * 100), 0);
        expect(total(report.lines.map(({ amount }) => amount))).toBe(Math.round(report.total * 100));
        expect(total(report.groups.map(({ amount }) => amount))).toBe(Math.round(report.total * 100));
        for (const { amount, qty, price, unit, of } of report.lines) {
          expect(Math.abs(amount - qty * price)).toBeLessThanOrEqual(0.005 + 1e-6 * Math.abs(amount));
          expect(of.length).toBeGreaterThan(0);
          for (const { id } of of) expect(design.records[id]).toBeTruthy();
          if (unit === 'share') continue;
          expect(of.reduce((sum, one) => sum + one.qty, 0)).toBeCloseTo(qty, 6);
        }
      }),
      { numRuns: 30 },
    );
  });

  it('is shared out among the things it comes from, so that all of them together cost the whole', () => {
    const cost = costOf(orchardKitchen());
    const ids = new Set(cost.lines.flatMap(({ of }) => of.map(({ id }) => id)));
    const total = (some: ReadonlySet<string> | null) =>
      costByGroup(cost, some).reduce((sum, { amount }) => sum + amount, 0);
    expect(total(null)).toBeCloseTo(cost.cents / 100, 6);
    expect(total(ids)).toBeCloseTo(cost.cents / 100, 6);
    expect([...ids].reduce((sum, id) => sum + total(new Set([id])), 0)).toBeCloseTo(cost.cents / 100, 4);
    expect(costByGroup(cost, new Set(['nobody']))).toEqual([]);
  });

  it('says what has no price, and leaves nothing out in silence', () => {
    const rows = usualPrices.rows.filter(({ code }) => code !== 'H110' && code !== 'shop-rate');
    const { asked, lines } = costOf(oneBase(), { rows });
    expect(asked.map(({ code }) => code).sort()).toEqual(['H110', 'shop-rate']);
    expect(lines.some(({ code }) => code === 'sawing')).toBe(false);
    // Of an empty room nothing but its skirtings: 14 m of them.
    const empty = costOf(rectangle(4000, 3000).design, bookOf({ trim: 10 }));
    expect([empty.cents, empty.asked, empty.lines[0]!.code]).toEqual([14_000, [], 'trim']);
  });
});

describe('a book of prices', () => {
  it('is read from a table, or every fault in it is told with its line', () => {
    const read = readPriceCsv('code,unit,price\nmdf 18,m2,12.5\nH110,piece,2\n');
    expect(read).toEqual({
      ok: true,
      book: {
        rows: [
          { code: 'mdf 18', unit: 'm2', price: 12.5 },
          { code: 'H110', unit: 'piece', price: 2 },
        ],
      },
    });
    const wrong = readPriceCsv('code,unit,price\nmdf,yard,1\nmdf,m2,-4\n,m2,1\n');
    expect(wrong.ok ? [] : wrong.faults.map(({ row, column }) => [row, column])).toEqual([
      [2, 'unit'],
      [3, 'code'],
      [3, 'price'],
      [4, 'code'],
    ]);
    // What is known has its unit: a metre of board is no square metre of it.
    const units = readPriceCsv(
      'code,unit,price\nmdf 18,m,1\nsawing,piece,2\nlining slatted,m2,90\nQX1,bag,4\n',
    );
    expect(units.ok ? [] : units.faults.map(({ row, column }) => [row, column])).toEqual([
      [2, 'unit'],
      [3, 'unit'],
    ]);
  });
});
