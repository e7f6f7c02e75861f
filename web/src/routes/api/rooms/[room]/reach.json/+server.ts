import { fileName, requireRoom } from '$server/answers';
import { answerMade } from '$server/tasks/answer';
import { ask } from '$server/tasks/ask';
import type { RequestHandler } from './$types';

/** What the reach checks find of the saved room, with every check and waiver: mm, areas mm², counts and airflow as they are. */
export const GET: RequestHandler = async ({ locals, params }) => {
  const room = await requireRoom(locals, params.room);
  const name = fileName(`${room.name} reach r${room.revision}`, 'json');
  return answerMade(await ask(room, 'reach', {}), {
    'content-disposition': `attachment; filename="${name}"`,
  });
};
