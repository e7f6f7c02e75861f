import { json } from '@sveltejs/kit';
import { faulty, readJson, requireJob } from '$server/answers';
import { checkBody, NameBody } from '$server/bodies';
import type { RequestHandler } from './$types';

/** Gives the job another name. */
export const PATCH: RequestHandler = async ({ locals, params, request }) => {
  const job = await requireJob(locals, params.job);
  const body = checkBody(NameBody, await readJson(request));
  if (!body.ok) return faulty(body.faults);
  await job.update({ name: body.value.name.trim() });
  return json({ name: job.name });
};
