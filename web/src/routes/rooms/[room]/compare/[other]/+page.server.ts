import { error } from '@sveltejs/kit';
import { compareItems, formatLength, roomOf, styleOf } from 'goodreach';
import { requirePerson, requireRoom } from '$server/answers';
import { listOptions } from '$server/options';
import { documentOf } from '$server/documents';
import type { Room } from '$server/models';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => {
  const person = requirePerson(locals);
  const asked = [await requireRoom(locals, params.room), await requireRoom(locals, params.other)];
  const [first, second] = asked.sort((a, b) => (a.option < b.option ? -1 : 1)) as [Room, Room];
  const options = await listOptions(person, first);
  if (!options.some(({ id }) => id === second.id))
    error(404, { message: 'These two are not options of one room.' });
  const [one, other] = [await documentOf(first), await documentOf(second)];
  const style = styleOf(one);
  const { items, prices } = compareItems(one, other);
  return {
    name: roomOf(one).name,
    sides: [side(first, prices.first), side(second, prices.second)],
    options,
    items: items.map(({ width, depth, height, ...item }) => ({
      ...item,
      size: [width, depth, height].map((length) => formatLength(length, style)).join(' × '),
    })),
  };
};

function side({ id, option, chosen, revision }: Room, cost: { total: number; unpriced: number }) {
  return { id, option, chosen, revision, ...cost };
}
