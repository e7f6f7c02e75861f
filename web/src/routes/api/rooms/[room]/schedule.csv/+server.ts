import { findList, listName, readArrangement } from 'goodreach';
import { fileName, refused, requireRoom } from '$server/answers';
import { shopBook } from '$server/shop-books';
import { answerMade } from '$server/tasks/answer';
import { ask } from '$server/tasks/ask';
import type { RequestHandler } from './$types';

/** One schedule of the saved room, or a list for the shop, as a table: `?of=items&columns=number,code&sort=-width`. */
export const GET: RequestHandler = async ({ locals, params, url }) => {
  const room = await requireRoom(locals, params.room);
  const of = findList(url.searchParams.get('of') ?? 'items');
  if (!of.ok) return refused(of.refusal);
  const said = (name: string) => url.searchParams.get(name) ?? undefined;
  const how = readArrangement({ columns: said('columns'), sort: said('sort') });
  if (!how.ok) return refused(how.refusal);
  const name = fileName(`${room.name} ${listName(of.value).toLowerCase()} r${room.revision}`, 'csv');
  const kept = of.value === 'cost' ? await shopBook(room, 'prices') : null;
  const asked = { of: of.value, how: how.value, ...(kept && { prices: kept.book }) };
  return answerMade(await ask(room, 'schedule', asked), {
    'content-disposition': `attachment; filename="${name}"`,
  });
};
