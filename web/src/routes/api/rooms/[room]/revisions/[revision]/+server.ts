import { error, json } from '@sveltejs/kit';
import { requirePerson } from '$server/answers';
import { documentAt, findRoom } from '$server/rooms';
import type { RequestHandler } from './$types';

/** The design as it was at a revision. */
export const GET: RequestHandler = async ({ locals, params }) => {
  const room = await findRoom(requirePerson(locals), params.room);
  if (!room) error(404, { message: 'This room is not in your studio.' });
  const revision = Number(params.revision);
  const document = await documentAt(room, revision);
  if (!document)
    error(404, { message: `This room has revisions 0 to ${room.revision}; there is no ${params.revision}.` });
  return json({ revision, document });
};
