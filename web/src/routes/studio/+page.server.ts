import { requirePerson } from '$server/answers';
import { listJobs } from '$server/rooms';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
  const person = requirePerson(locals);
  const jobs = await listJobs(person);
  return {
    studio: person.studioName,
    jobs: jobs.map(({ job, rooms }) => ({
      id: job.id,
      name: job.name,
      unit: job.unit,
      rooms: rooms.map(({ room: { id, name, revision, option }, options }) => ({
        id,
        name,
        revision,
        option: options > 1 ? `option ${option} of ${options}` : '',
      })),
    })),
  };
};
