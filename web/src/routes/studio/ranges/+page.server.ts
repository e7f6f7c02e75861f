import { isCabinetRange, itemsOf, ranges, type Range } from 'goodreach';
import { requirePerson } from '$server/answers';
import { listRanges } from '$server/ranges';
import { studioStandards } from '$server/studios';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
  const person = requirePerson(locals);
  const about = (range: Range) => ({
    id: range.id,
    name: range.name,
    unit: range.unit,
    construction: isCabinetRange(range) ? range.construction : '',
    families: range.families.length,
    items: itemsOf(range).length,
  });
  return {
    studio: person.studioName,
    ...(await studioStandards(person)),
    own: (await listRanges(person)).map(about),
    given: ranges.filter(({ id }) => id !== 'plain').map(about),
  };
};
