import { findScale } from 'goodreach';
import { fileName, refused, requireRoom } from '$server/answers';
import { answerMade } from '$server/tasks/answer';
import { ask } from '$server/tasks/ask';
import type { RequestHandler } from './$types';

/** A drawing as DXF in millimetres: `?view=plan&scale=20`, or `view=elevation:A`. */
export const GET: RequestHandler = async ({ locals, params, url }) => {
  const room = await requireRoom(locals, params.room);
  const scale = findScale(url.searchParams.get('scale') ?? '20');
  if (!scale.ok) return refused(scale.refusal);
  const view = url.searchParams.get('view') ?? 'plan';
  const name = fileName(`${room.name} ${view.replace(':', ' ')} r${room.revision}`, 'dxf');
  return answerMade(await ask(room, 'dxf', { view, scale: scale.value.ratio }), {
    'content-disposition': `attachment; filename="${name}"`,
  });
};
