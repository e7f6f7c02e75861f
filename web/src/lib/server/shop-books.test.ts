import { usualMachine, usualPrices, usualStock, type Machine, type MachineTool } from 'goodreach';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { checkBody, MachineBody, PricesBody, StockBody } from './bodies';
import { ShopBook } from './shop-models';
import { keepShopBook, shopBook } from './shop-books';
import { addStudio, freshDatabase } from './testing/fresh-database';

let drop: () => Promise<void>;
let ours: Awaited<ReturnType<typeof addStudio>>;
let theirs: Awaited<ReturnType<typeof addStudio>>;
beforeAll(async () => {
  drop = await freshDatabase();
  [ours, theirs] = [await addStudio('Ours'), await addStudio('Theirs')];
});
afterAll(() => drop());
beforeEach(() => ShopBook.destroy({ where: {} }));

describe('what a studio keeps for its shop', () => {
  it('is its own, with who kept it and when', async () => {
    expect(await shopBook(ours, 'prices')).toBeNull();
    const kept = await keepShopBook(ours, 'prices', { book: usualPrices, revision: 0 });
    expect(kept).toMatchObject({ kind: 'kept', book: { revision: 1, keptBy: ours.personName } });
    const known = (await shopBook(ours, 'prices'))!;
    expect(known.book).toEqual(usualPrices);
    expect(Date.now() - Date.parse(known.keptAt)).toBeLessThan(60_000);
    expect(await shopBook(theirs, 'prices')).toBeNull();
    expect(await shopBook(ours, 'stock')).toBeNull();
  });

  it('is not written over by who has not seen the last: of several at once one is kept', async () => {
    const first = await Promise.all(
      [1, 2, 3, 4].map((kerf) => keepShopBook(ours, 'stock', { book: { ...usualStock, kerf }, revision: 0 })),
    );
    expect(first.map(({ kind }) => kind).sort()).toEqual(['kept', 'stale', 'stale', 'stale']);
    const next = await Promise.all(
      [5, 6, 7].map((kerf) => keepShopBook(ours, 'stock', { book: { ...usualStock, kerf }, revision: 1 })),
    );
    expect(next.filter(({ kind }) => kind === 'kept')).toHaveLength(1);
    const known = (await shopBook(ours, 'stock'))!;
    expect(known.revision).toBe(2);
    // Who comes too late is told what there is now.
    const late = await keepShopBook(ours, 'stock', { book: usualStock, revision: 1 });
    expect(late).toEqual({ kind: 'stale', book: known });
    // Another studio's book has revisions of its own.
    expect((await keepShopBook(theirs, 'stock', { book: usualStock, revision: 0 })).kind).toBe('kept');
    expect((await keepShopBook(theirs, 'prices', { book: usualPrices, revision: 3 })).kind).toBe('stale');
  });

  it.each([
    ['a price under nothing', { rows: [{ code: '', unit: 'm2', price: 1 }] }],
    ['no unit of ours', { rows: [{ code: 'mdf', unit: 'yard', price: 1 }] }],
    ['a price below nothing', { rows: [{ code: 'mdf', unit: 'm2', price: -0.01 }] }],
    ['a price beyond all', { rows: [{ code: 'mdf', unit: 'm2', price: 1_000_000.01 }] }],
    ['a price that is none', { rows: [{ code: 'mdf', unit: 'm2', price: 'free' }] }],
    ['no rows', {}],
    ['what is no price', { rows: [null] }],
  ])('refuses %s', (_, book) => {
    expect(checkBody(PricesBody, { revision: 0, book }).ok).toBe(false);
  });

  it('takes prices at their limits', () => {
    const rows = [
      { code: 'mdf', unit: 'm2', price: 0 },
      { code: 'x', unit: 'job', price: 1_000_000 },
    ];
    expect(checkBody(PricesBody, { revision: 0, book: { rows } }).ok).toBe(true);
  });

  it.each([
    ['as narrow as is cut', { l: 50, w: 50 }, true],
    ['narrower', { l: 50, w: 49.9 }, false],
    ['as long as there are', { l: 10_000, w: 2_070 }, true],
    ['longer', { l: 10_000.1, w: 2_070 }, false],
    ['of a material, counted', { l: 2_800, w: 2_070, material: 'mdf 18', count: 3 }, true],
    ['fewer than none', { l: 2_800, w: 2_070, count: -1 }, false],
    ['of no name', { l: 2_800, w: 2_070, material: ' ' }, false],
  ])('of sheets takes or refuses one %s', (_, sheet, isTaken) => {
    const book = { kerf: 4, trim: 10, sheets: [sheet] };
    expect(checkBody(StockBody, { revision: 0, book }).ok).toBe(isTaken);
  });

  it('has a router of its own, beside what it cuts from', async () => {
    const own: Machine = { ...usualMachine, bed: [2_500, 1_250] };
    expect((await keepShopBook(ours, 'machine', { book: own, revision: 0 })).kind).toBe('kept');
    expect((await keepShopBook(ours, 'stock', { book: usualStock, revision: 0 })).kind).toBe('kept');
    expect((await shopBook(ours, 'machine'))!.book).toEqual(own);
    expect(await shopBook(theirs, 'machine')).toBeNull();
  });

  const [tool] = usualMachine.tools as [MachineTool, ...MachineTool[]];
  const many = (count: number) => Array.from({ length: count }, (_, at) => ({ ...tool, number: at + 1 }));
  it.each([
    ['as most have one', {}, true],
    ['with as many tools as are kept', { tools: many(60) }, true],
    ['with more', { tools: many(61) }, false],
    ['with none', { tools: [] }, false],
    ['with two of one number', { tools: [tool, { ...tool, size: 6 }] }, false],
    ['with a tool of the highest number', { tools: [{ ...tool, number: 999 }] }, true],
    ['with one past that', { tools: [{ ...tool, number: 1_000 }] }, false],
    ['with half a number', { tools: [{ ...tool, number: 1.5 }] }, false],
    ['with a tool as thin as there are', { tools: [{ ...tool, size: 0.5 }] }, true],
    ['with a thinner one', { tools: [{ ...tool, size: 0.49 }] }, false],
    ['with a tool that is none of ours', { tools: [{ ...tool, kind: 'laser' }] }, false],
    ['with a tool that is nothing', { tools: [null] }, false],
    ['that cuts as deep into its bed as any', { through: 5 }, true],
    ['that cuts deeper', { through: 5.01 }, false],
    ['with half a bed', { bed: [3_100] }, false],
    ['with a bed too many', { bed: [3_100, 2_150, 1] }, false],
    ['with a bed that is none', { bed: [3_100, 'wide'] }, false],
  ])('takes or refuses a router %s', (_, change, isTaken) => {
    expect(checkBody(MachineBody, { revision: 0, book: { ...usualMachine, ...change } }).ok).toBe(isTaken);
  });
});
