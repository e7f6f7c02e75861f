import { json } from '@sveltejs/kit';
import { faulty, readJson, requirePerson } from '$server/answers';
import { checkBody, StockBody } from '$server/bodies';
import { keepShopBook, shopBook } from '$server/shop-books';
import type { RequestHandler } from './$types';

/** What the studio cuts from, and how it is sawn, as kept last; null where none are kept. */
export const GET: RequestHandler = async ({ locals }) =>
  json({ kept: await shopBook(requirePerson(locals), 'stock') });

/** Keeps them, if nobody has kept others since the revision they were made from: else 409 with those. */
export const PUT: RequestHandler = async ({ locals, request }) => {
  const person = requirePerson(locals);
  const body = checkBody(StockBody, await readJson(request));
  if (!body.ok) return faulty(body.faults);
  const kept = await keepShopBook(person, 'stock', body.value);
  if (kept.kind === 'kept') return json({ kept: kept.book });
  const message = `${kept.book?.keptBy ?? 'Somebody'} has kept other stock since. Look at those, and change them once more.`;
  return json({ message, kept: kept.book }, { status: 409 });
};
