import { json } from '@sveltejs/kit';
import { faulty, readJson, requireJob } from '$server/answers';
import { checkBody, LimitsBody } from '$server/bodies';
import { keepJobLimits } from '$server/limits';
import type { RequestHandler } from './$types';

/** The limits of rules that the job's new rooms take from now on, before the studio's. */
export const PUT: RequestHandler = async ({ locals, params, request }) => {
  const job = await requireJob(locals, params.job);
  const body = checkBody(LimitsBody, await readJson(request));
  if (!body.ok) return faulty(body.faults);
  return json({ limits: await keepJobLimits(job, body.value.limits) });
};
