import { json } from '@sveltejs/kit';
import { faulty, readJson, requirePerson } from '$server/answers';
import { checkBody, LimitsBody } from '$server/bodies';
import { keepStudioLimits } from '$server/limits';
import type { RequestHandler } from './$types';

/** The limits of rules that the studio's new rooms take from now on. */
export const PUT: RequestHandler = async ({ locals, request }) => {
  const person = requirePerson(locals);
  const body = checkBody(LimitsBody, await readJson(request));
  if (!body.ok) return faulty(body.faults);
  return json({ limits: await keepStudioLimits(person, body.value.limits) });
};
