import { json } from '@sveltejs/kit';
import { faulty, readJson, requirePerson } from '$server/answers';
import { checkBody, StandardsBody } from '$server/bodies';
import { changeStandards, studioStandards } from '$server/studios';
import type { RequestHandler } from './$types';

/** What the studio has decided for its new rooms. */
export const GET: RequestHandler = async ({ locals }) => json(await studioStandards(requirePerson(locals)));

/** Decides it anew. */
export const PATCH: RequestHandler = async ({ locals, request }) => {
  const person = requirePerson(locals);
  const body = checkBody(StandardsBody, await readJson(request));
  if (!body.ok) return faulty(body.faults);
  await changeStandards(person, body.value);
  return json(await studioStandards(person));
};
