import { json } from '@sveltejs/kit';
import { faulty, readJson, requirePerson } from '$server/answers';
import { checkBody, OpeningKindBody } from '$server/bodies';
import { keepOpeningKind, listOpeningKinds } from '$server/opening-kinds';
import type { RequestHandler } from './$types';

/** The kinds of openings the studio keeps. */
export const GET: RequestHandler = async ({ locals }) => json(await listOpeningKinds(requirePerson(locals)));

/** Keeps a kind of opening under a name; one of that name is changed to it. */
export const POST: RequestHandler = async ({ locals, request }) => {
  const person = requirePerson(locals);
  const body = checkBody(OpeningKindBody, await readJson(request));
  if (!body.ok) return faulty(body.faults);
  return json(await keepOpeningKind(person, body.value.name, body.value.shape), { status: 201 });
};
