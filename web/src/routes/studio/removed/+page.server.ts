import { requirePerson } from '$server/answers';
import { KEPT_DAYS, listRemoved } from '$server/removed';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
  const person = requirePerson(locals);
  return {
    studio: person.studioName,
    person: person.personName,
    days: KEPT_DAYS,
    removed: await listRemoved(person),
  };
};
