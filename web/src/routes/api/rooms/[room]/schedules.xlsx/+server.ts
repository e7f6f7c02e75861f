import { fileName, requireRoom } from '$server/answers';
import { answerMade } from '$server/tasks/answer';
import { ask } from '$server/tasks/ask';
import type { RequestHandler } from './$types';

/** Every schedule of the saved room as a workbook. */
export const GET: RequestHandler = async ({ locals, params }) => {
  const room = await requireRoom(locals, params.room);
  const name = fileName(`${room.name} schedules r${room.revision}`, 'xlsx');
  return answerMade(await ask(room, 'schedule', { of: 'all' }), {
    'content-disposition': `attachment; filename="${name}"`,
  });
};
