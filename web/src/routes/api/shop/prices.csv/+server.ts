import { json } from '@sveltejs/kit';
import { usualPrices } from 'goodreach';
import { priceCsv, readPriceCsv } from 'goodreach/server';
import { faulty, fileName, readJson, requirePerson } from '$server/answers';
import { checkBody, PriceTableBody } from '$server/bodies';
import { keepShopBook, shopBook } from '$server/shop-books';
import type { RequestHandler } from './$types';

/** The studio's prices as a table; the made-up ones to begin with where it keeps none. */
export const GET: RequestHandler = async ({ locals }) => {
  const person = requirePerson(locals);
  const kept = await shopBook(person, 'prices');
  const day = kept ? kept.keptAt.slice(0, 10) : 'made up';
  return new Response(priceCsv(kept?.book ?? usualPrices), {
    headers: {
      'content-type': 'text/csv; charset=utf-8',
      'content-disposition': `attachment; filename="${fileName(`${person.studioName} prices ${day}`, 'csv')}"`,
    },
  });
};

/** Keeps the prices of a table in place of those there are: with faults 422 and every one of them, and nothing is kept. */
export const POST: RequestHandler = async ({ locals, request }) => {
  const person = requirePerson(locals);
  const body = checkBody(PriceTableBody, await readJson(request));
  if (!body.ok) return faulty(body.faults);
  const read = readPriceCsv(body.value.csv);
  if (!read.ok) return json({ faults: read.faults }, { status: 422 });
  const { revision } = body.value;
  const kept = await keepShopBook(person, 'prices', { book: read.book, revision });
  if (kept.kind === 'kept') return json({ kept: kept.book }, { status: 201 });
  const message = `${kept.book?.keptBy ?? 'Somebody'} has kept other prices since. Look at those, and read the table once more.`;
  return json({ message, kept: kept.book }, { status: 409 });
};
