import { error, json } from '@sveltejs/kit';
import { requireRoom } from '$server/answers';
import { documentAt } from '$server/documents';
import type { RequestHandler } from './$types';

/** The design as it was at a revision. */
export const GET: RequestHandler = async ({ locals, params }) => {
  const room = await requireRoom(locals, params.room);
  const revision = Number(params.revision);
  const document = await documentAt(room, revision);
  if (!document)
    error(404, { message: `This room has revisions 0 to ${room.revision}; there is no ${params.revision}.` });
  return json({ revision, document });
};
