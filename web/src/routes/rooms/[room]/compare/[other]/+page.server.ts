import { error } from '@sveltejs/kit';
import {
  compareItems,
  drawPlan,
  formatArea,
  formatLength,
  roomOf,
  roomShape,
  styleOf,
  writeSvg,
} from 'goodreach';
import { requirePerson } from '$server/answers';
import { listOptions } from '$server/options';
import { findRoom } from '$server/rooms';
import type { Room } from '$server/models';
import type { PageServerLoad } from './$types';

/** Room millimetres per paper millimetre of the two plans: numbers and chains can be read at half the page's width. */
const SCALE = 30;

export const load: PageServerLoad = async ({ locals, params }) => {
  const person = requirePerson(locals);
  const asked = [await findRoom(person, params.room), await findRoom(person, params.other)];
  const [first, second] = asked
    .filter((room) => room !== null)
    .sort((a, b) => (a.option < b.option ? -1 : 1));
  if (!first || !second) error(404, { message: 'This room is not in your studio.' });
  const options = await listOptions(person, first);
  if (!options.some(({ id }) => id === second.id))
    error(404, { message: 'These two are not options of one room.' });
  const style = styleOf(first.document);
  const { items, prices } = compareItems(first.document, second.document);
  return {
    name: roomOf(first.document).name,
    sides: [side(first, prices.first), side(second, prices.second)],
    options,
    items: items.map(({ width, depth, height, ...item }) => ({
      ...item,
      size: [width, depth, height].map((length) => formatLength(length, style)).join(' × '),
    })),
  };
};

function side({ id, option, chosen, document, revision }: Room, cost: { total: number; unpriced: number }) {
  const plan = writeSvg(drawPlan(document, SCALE, { without: ['labels'] }), SCALE, { margin: 2 });
  const area = formatArea(roomShape(document).area, roomOf(document).unit);
  return { id, option, chosen, revision, plan, area, ...cost };
}
