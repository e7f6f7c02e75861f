import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { textFaults } from '../../../testing/drawing-faults';
import { demoJobs } from '../../demo/demo-jobs';
import { galleyWithBay } from '../../demo/galley-with-bay';
import { quoteSheets } from '../../drawing/shop-sheets/quote-sheets';
import { findPage } from '../../drawing/sheet/sheet-format';
import { must } from '../../result';
import { costOf } from './cost';
import { usualPrices } from './price-book';
import { inShares, quoteOf, type QuoteTerms } from './quote';

const terms: QuoteTerms = {
  ...{
    currency: 'EUR',
    days: 30,
    client: 'A. Client\n3 Bay Street',
    excluded: 'Painting.\nElectrical work.',
  },
  allowances: [
    { name: 'Lighting', amount: 450 },
    { name: 'Goodwill', amount: -100.005 },
  ],
  terms: Array.from(
    { length: 44 },
    (_, index) => `${index + 1}. Half is due when this is accepted, half when all is fitted.`,
  ).join('\n'),
};
const head = {
  studio: 'Tidewrack',
  job: 'Cottage',
  room: 'Galley',
  number: 3,
  revision: 12,
  date: '2026-11-30',
};

describe('a client’s quote', () => {
  it('comes to what the room costs, to the hundredth, with overhead and margin in its parts', () => {
    for (const room of demoJobs().flatMap(({ rooms }) => rooms)) {
      const cost = costOf(room);
      const quote = quoteOf(cost, { allowances: [] });
      expect(quote.total).toBe(cost.cents);
      expect(quote.lines.reduce((sum, { cents }) => sum + cents, 0)).toBe(quote.net);
      expect(quote.net + quote.tax).toBe(quote.total);
    }
  });

  it('adds what is allowed for and takes off what is given, taxed like the rest', () => {
    const cost = costOf(galleyWithBay());
    const [bare, quote] = [quoteOf(cost, { allowances: [] }), quoteOf(cost, terms)];
    expect(quote.allowances).toEqual([
      { name: 'Lighting', cents: 45_000 },
      { name: 'Goodwill', cents: -10_000 },
    ]);
    expect(quote.net - bare.net).toBe(35_000);
    expect(quote.taxed).toBe(0.2);
    expect(quote.tax).toBe(Math.round(quote.net * 0.2));
  });

  it('names what has no price, and has no tax where the book has none', () => {
    const rows = usualPrices.rows.filter(({ code }) => code !== 'tax' && code !== 'faced-board');
    const quote = quoteOf(costOf(galleyWithBay(), { rows }), { allowances: [] });
    expect(quote.unpriced).toContain('faced-board 18');
    expect([quote.taxed, quote.tax]).toEqual([0, 0]);
  });

  it('shares a sum out without a hundredth lost (property)', () => {
    expect(inShares(100, [1, 1, 1])).toEqual([34, 33, 33]);
    expect(inShares(7, [])).toEqual([]);
    expect(inShares(7, [0, 0])).toEqual([7, 0]);
    fc.assert(
      fc.property(fc.nat(1e9), fc.array(fc.nat(1e7), { minLength: 1, maxLength: 8 }), (sum, weights) => {
        const shares = inShares(sum, weights);
        expect(shares.reduce((total, one) => total + one, 0)).toBe(sum);
        const whole = weights.reduce((total, one) => total + one, 0);
        if (whole > 0)
          shares.forEach((one, index) =>
            expect(Math.abs(one - (sum * weights[index]!) / whole)).toBeLessThan(1),
          );
      }),
    );
  });

  it.each(['A4', 'Letter'])(
    'stands on upright pages of %s, nothing over anything, on as many as it takes',
    (id) => {
      const quote = quoteOf(costOf(galleyWithBay()), terms);
      const sheets = quoteSheets(quote, terms, head, must(findPage(id)));
      expect(sheets).toHaveLength(2);
      const texts = sheets.flatMap(({ marks }) =>
        marks.flatMap((mark) => (mark.type === 'text' ? [mark.text] : [])),
      );
      expect(texts).toEqual(
        expect.arrayContaining([
          'Quote 3',
          '2026-12-30',
          'Page 2 of 2',
          'Painting.',
          'Accepted',
          '−100.00 EUR',
        ]),
      );
      expect(texts).toContain(
        `${(quote.total / 100).toLocaleString('en-GB', { minimumFractionDigits: 2 })} EUR`,
      );
      for (const { marks, page } of sheets) {
        expect(page.height).toBeGreaterThan(page.width);
        expect(textFaults(marks, 1, { left: 0, bottom: 0, right: page.width, top: page.height })).toEqual([]);
      }
    },
  );
});
