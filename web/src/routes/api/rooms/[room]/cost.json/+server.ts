import { requireRoom, revisionAsked } from '$server/answers';
import { shopBook } from '$server/shop-books';
import { answerMade } from '$server/tasks/answer';
import { ask } from '$server/tasks/ask';
import type { RequestHandler } from './$types';

/** What the room costs, by the parts of the job, at the studio's prices: `?revision=` names the one it is of. */
export const GET: RequestHandler = async ({ locals, params, url }) => {
  const room = await requireRoom(locals, params.room);
  const at = { id: room.id, studioId: room.studioId, revision: revisionAsked(url, room) };
  const kept = await shopBook(room, 'prices');
  return answerMade(await ask(at, 'cost', kept ? { prices: kept.book } : {}), {
    'cache-control': 'private, no-store',
  });
};
