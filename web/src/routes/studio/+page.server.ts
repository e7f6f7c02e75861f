import { requirePerson } from '$server/answers';
import { askedFor, listJobs } from '$server/listing';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
  const person = requirePerson(locals);
  const asked = askedFor(url);
  const { jobs, more } = await listJobs(person, asked);
  return { studio: person.studioName, person: person.personName, asked, jobs, more };
};
