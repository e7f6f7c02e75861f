import { error } from '@sveltejs/kit';
import { requirePerson } from '$server/answers';
import { findJob } from '$server/rooms';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => {
  const job = await findJob(requirePerson(locals), params.job);
  if (!job) error(404, { message: 'This job is not in your studio.' });
  return { job: { id: job.id, name: job.name, unit: job.unit, step: job.step } };
};
