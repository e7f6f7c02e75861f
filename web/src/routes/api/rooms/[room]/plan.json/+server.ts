import { requireRoom, revisionAsked } from '$server/answers';
import { answerMade } from '$server/tasks/answer';
import { ask } from '$server/tasks/ask';
import type { RequestHandler } from './$types';

/** A list asks for many: none is held for long, so that what else the page asks for is not kept waiting; it asks again, ms. */
const PATIENCE = 4_000;

/** A small plan of the room and its area, as lists show them: `?revision=` names the one it is of, which can be kept; `?chains=1` has the chains of dimensions, too, and is wanted at once. */
export const GET: RequestHandler = async ({ locals, params, url }) => {
  const room = await requireRoom(locals, params.room);
  const at = { id: room.id, studioId: room.studioId, revision: revisionAsked(url, room) };
  const chains = url.searchParams.get('chains') === '1';
  const asked = await ask(at, 'plan', chains ? { chains } : {}, { urgent: chains, patience: PATIENCE });
  return answerMade(asked, {
    'cache-control': url.searchParams.has('revision')
      ? 'private, max-age=31536000, immutable'
      : 'private, no-store',
  });
};
