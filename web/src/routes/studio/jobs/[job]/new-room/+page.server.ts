import { error } from '@sveltejs/kit';
import { requirePerson } from '$server/answers';
import { rangeOfJob } from '$server/ranges';
import { studioStandards } from '$server/studios';
import { findJob } from '$server/rooms';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => {
  const person = requirePerson(locals);
  const job = await findJob(person, params.job);
  if (!job) error(404, { message: 'This job is not in your studio.' });
  const range = await rangeOfJob(person, job);
  const { specials } = await studioStandards(person);
  return { specials, job: { id: job.id, name: job.name, unit: job.unit, step: job.step, range } };
};
