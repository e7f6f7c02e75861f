import { json } from '@sveltejs/kit';
import { faulty, readJson, requirePerson } from '$server/answers';
import { checkBody, ConstructionsBody } from '$server/bodies';
import { keepStudioConstructions } from '$server/constructions';
import type { RequestHandler } from './$types';

/** How the studio's new rooms build cabinets from now on. */
export const PUT: RequestHandler = async ({ locals, request }) => {
  const person = requirePerson(locals);
  const body = checkBody(ConstructionsBody, await readJson(request));
  if (!body.ok) return faulty(body.faults);
  return json({ constructions: await keepStudioConstructions(person, body.value.constructions) });
};
