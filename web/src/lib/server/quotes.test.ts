import { costOf, quoteOf, usualPrices, type QuoteTerms } from 'goodreach';
import { demoJobs } from 'goodreach/server';
import { afterAll, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import { GET } from '../../routes/api/rooms/[room]/quotes/[quote]/quote.pdf/+server';
import { POST } from '../../routes/api/rooms/[room]/quotes/+server';
import { checkBody, QuoteBody } from './bodies';
import { KeptQuote, type Room } from './models';
import { ShopBook } from './shop-models';
import { findQuote, listQuotes, quoteRoom } from './quotes';
import { createJob, createRoom } from './rooms';
import { keepShopBook } from './shop-books';
import { make } from './tasks/kinds';
import { Worker } from './tasks/worker';
import { addStudio, freshDatabase } from './testing/fresh-database';

const terms: QuoteTerms = {
  ...{ currency: 'EUR', days: 30, client: 'A. Client', excluded: 'Painting.', terms: 'Half at once.' },
  allowances: [{ name: 'Lighting', amount: 450 }],
};
const wish = { terms, page: 'A4' };
const design = demoJobs()[0]!.rooms[0]!;

let drop: () => Promise<void>;
let ours: Awaited<ReturnType<typeof addStudio>>;
let room: Room;
let worker: Worker;
beforeAll(async () => {
  drop = await freshDatabase();
  ours = await addStudio('Ours');
  room = await createRoom(ours, await createJob(ours, 'A job', 'mm', 1), design);
  worker = new Worker((kind, document, input) => make(kind, document, input as never), {
    ...{ info: () => {}, error: vi.fn() },
  });
  void worker.run();
});
afterAll(async () => {
  worker.end();
  await drop();
});
beforeEach(async () => {
  await KeptQuote.destroy({ where: {} });
  await ShopBook.destroy({ where: {} });
});

describe('quotes of a room', () => {
  it('are numbered, of a revision, with the total that the room’s prices come to and the terms they were made with', async () => {
    const first = await quoteRoom(ours, room, wish);
    expect(first).toMatchObject({
      kind: 'quoted',
      quote: { number: 1, revision: room.revision, by: ours.personName, terms },
    });
    const rows = usualPrices.rows.map((row) => (row.code === 'faced-board' ? { ...row, price: 100 } : row));
    await keepShopBook(ours, 'prices', { book: { rows }, revision: 0 });
    const second = await quoteRoom(ours, room, wish);
    expect(second).toMatchObject({
      quote: { number: 2, total: quoteOf(costOf(design, { rows }), terms).total },
    });
    const told = await listQuotes(room);
    expect(told.map(({ total }) => total)).toEqual([
      quoteOf(costOf(design), terms).total,
      quoteOf(costOf(design, { rows }), terms).total,
    ]);
    const kept = (await findQuote(room, '1'))!;
    expect(kept.pdf.subarray(0, 5).toString()).toBe('%PDF-');
    for (const number of ['0', '3', '01', 'x', '1e0']) expect(await findQuote(room, number)).toBeNull();
  });

  it('are never changed, and one number is given once', async () => {
    await quoteRoom(ours, room, wish);
    await expect(KeptQuote.update({ total: 1 }, { where: { number: 1 } })).rejects.toThrow(/never changed/);
    const both = await Promise.all([quoteRoom(ours, room, wish), quoteRoom(ours, room, wish)]);
    const kinds = both.map(({ kind }) => kind);
    expect(kinds).toContain('quoted');
    expect((await listQuotes(room)).map(({ number }) => number)).toEqual(
      Array.from({ length: 1 + kinds.filter((kind) => kind === 'quoted').length }, (_, index) => index + 1),
    );
  });

  it('are asked for and given by their routes', async () => {
    const sent = (body: object) =>
      POST({
        locals: { person: ours },
        params: { room: room.id },
        request: new Request('http://localhost/', { method: 'POST', body: JSON.stringify(body) }),
      } as never);
    const made = await sent({ ...terms, page: 'Letter' });
    expect([made.status, ((await made.json()) as { number: number }).number]).toEqual([201, 1]);
    expect((await sent({ ...terms, page: 'A9' })).status).toBe(422);
    expect((await sent({ ...terms, page: 'A4', days: 0 })).status).toBe(400);
    const asked = { locals: { person: ours }, params: { room: room.id, quote: '1' } };
    const pdf = await GET(asked as never);
    expect(pdf.headers.get('content-type')).toBe('application/pdf');
  });

  it.each([
    ['as it is', {}, true],
    ['for a day', { days: 1 }, true],
    ['for no day', { days: 0 }, false],
    ['for a year', { days: 365 }, true],
    ['for longer', { days: 366 }, false],
    ['in no currency', { currency: ' ' }, false],
    ['with something given', { allowances: [{ name: 'Goodwill', amount: -50 }] }, true],
    ['with a sum for nothing', { allowances: [{ name: ' ', amount: 1 }] }, false],
    ['with a sum that is none', { allowances: [{ name: 'x', amount: null }] }, false],
    [
      'with too many sums',
      { allowances: Array.from({ length: 21 }, () => ({ name: 'x', amount: 1 })) },
      false,
    ],
    ['with 150 lines of terms', { terms: 'x\n'.repeat(149) }, true],
    ['with more', { terms: 'x\n'.repeat(150) }, false],
    ['without terms', { terms: undefined }, false],
  ])('take or refuse one %s', (_, change, isTaken) => {
    expect(checkBody(QuoteBody, { ...terms, page: 'A4', ...change }).ok).toBe(isTaken);
  });
});
