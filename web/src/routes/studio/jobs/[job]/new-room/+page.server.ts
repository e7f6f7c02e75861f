import { requireJob, requirePerson } from '$server/answers';
import { rangeOfJob } from '$server/ranges';
import { studioStandards } from '$server/studios';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => {
  const person = requirePerson(locals);
  const job = await requireJob(locals, params.job);
  const range = await rangeOfJob(person, job);
  const { specials } = await studioStandards(person);
  return { specials, job: { id: job.id, name: job.name, unit: job.unit, step: job.step, range } };
};
