import { json } from '@sveltejs/kit';
import { faulty, readJson, requireJob, requirePerson } from '$server/answers';
import { checkBody, ConstructionsBody } from '$server/bodies';
import { keepJobConstructions, studioConstructions } from '$server/constructions';
import type { RequestHandler } from './$types';

/** How new rooms of the job build cabinets, and those of the studio where the job says nothing. */
export const GET: RequestHandler = async ({ locals, params }) => {
  const job = await requireJob(locals, params.job);
  const studio = await studioConstructions(requirePerson(locals));
  return json({ job: job.constructions, studio });
};

/** How new rooms of the job build cabinets from now on. */
export const PUT: RequestHandler = async ({ locals, params, request }) => {
  const job = await requireJob(locals, params.job);
  const body = checkBody(ConstructionsBody, await readJson(request));
  if (!body.ok) return faulty(body.faults);
  return json({ constructions: await keepJobConstructions(job, body.value.constructions) });
};
