import { json } from '@sveltejs/kit';
import { faulty, readJson, requirePerson } from '$server/answers';
import { checkBody, MachineBody } from '$server/bodies';
import { keepShopBook, shopBook } from '$server/shop-books';
import type { RequestHandler } from './$types';

/** The studio's router as kept last; null where none is kept. */
export const GET: RequestHandler = async ({ locals }) =>
  json({ kept: await shopBook(requirePerson(locals), 'machine') });

/** Keeps it, if nobody has kept another since the revision it was made from: else 409 with that. */
export const PUT: RequestHandler = async ({ locals, request }) => {
  const person = requirePerson(locals);
  const body = checkBody(MachineBody, await readJson(request));
  if (!body.ok) return faulty(body.faults);
  const kept = await keepShopBook(person, 'machine', body.value);
  if (kept.kind === 'kept') return json({ kept: kept.book });
  const message = `${kept.book?.keptBy ?? 'Somebody'} has kept another router since. Look at that, and change it once more.`;
  return json({ message, kept: kept.book }, { status: 409 });
};
