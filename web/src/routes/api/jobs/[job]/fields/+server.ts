import { json } from '@sveltejs/kit';
import { faulty, readJson, requireJob } from '$server/answers';
import { checkBody, JobFieldsBody } from '$server/bodies';
import type { RequestHandler } from './$types';

/** What the sheets of the job say of it from now on; what was issued stays. */
export const PUT: RequestHandler = async ({ locals, params, request }) => {
  const job = await requireJob(locals, params.job);
  const body = checkBody(JobFieldsBody, await readJson(request));
  if (!body.ok) return faulty(body.faults);
  const { fields } = await job.update({ fields: { ...body.value.fields } });
  return json({ fields });
};
