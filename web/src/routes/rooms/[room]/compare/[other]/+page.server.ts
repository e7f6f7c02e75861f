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
  type Design,
} from 'goodreach';
import { requirePerson, requireRoom } from '$server/answers';
import { listOptions } from '$server/options';
import { documentOf } from '$server/documents';
import type { Room } from '$server/models';
import type { PageServerLoad } from './$types';

/** Room millimetres per paper millimetre of the two plans: numbers and chains can be read at half the page's width. */
const SCALE = 30;

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
    sides: [side(first, one, prices.first), side(second, other, prices.second)],
    options,
    items: items.map(({ width, depth, height, ...item }) => ({
      ...item,
      size: [width, depth, height].map((length) => formatLength(length, style)).join(' × '),
    })),
  };
};

function side(
  { id, option, chosen, revision }: Room,
  document: Design,
  cost: { total: number; unpriced: number },
) {
  const plan = writeSvg(drawPlan(document, SCALE, { without: ['labels'] }), SCALE, { margin: 2 });
  const area = formatArea(roomShape(document).area, roomOf(document).unit);
  return { id, option, chosen, revision, plan, area, ...cost };
}
