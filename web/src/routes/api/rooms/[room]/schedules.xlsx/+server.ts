import { fileName, refused, requireRoom } from '$server/answers';
import { shopBook } from '$server/shop-books';
import { answerMade } from '$server/tasks/answer';
import { ask } from '$server/tasks/ask';
import type { RequestHandler } from './$types';

/** Every schedule of the saved room as a workbook, or with `?of=shop` every list for the shop. */
export const GET: RequestHandler = async ({ locals, params, url }) => {
  const room = await requireRoom(locals, params.room);
  const of = url.searchParams.get('of') ?? 'all';
  if (of !== 'all' && of !== 'shop')
    return refused({ code: 'sheet-unknown', data: { what: 'schedule', value: of, known: ['all', 'shop'] } });
  const said = of === 'shop' ? 'shop lists' : 'schedules';
  const name = fileName(`${room.name} ${said} r${room.revision}`, 'xlsx');
  const kept = of === 'shop' ? await shopBook(room, 'prices') : null;
  return answerMade(await ask(room, 'schedule', { of, ...(kept && { prices: kept.book }) }), {
    'content-disposition': `attachment; filename="${name}"`,
  });
};
