import { fileName, requireRoom } from '$server/answers';
import { answerMade } from '$server/tasks/answer';
import { ask } from '$server/tasks/ask';
import type { RequestHandler } from './$types';

/** The saved room in three dimensions, as a binary glTF file. */
export const GET: RequestHandler = async ({ locals, params }) => {
  const room = await requireRoom(locals, params.room);
  const name = fileName(`${room.name} r${room.revision}`, 'glb');
  return answerMade(await ask(room, 'model', {}), {
    'content-disposition': `attachment; filename="${name}"`,
  });
};
