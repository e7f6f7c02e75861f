import { error, json } from '@sveltejs/kit';
import { changed, requirePerson, requireRoom } from '$server/answers';
import { bringBackRevision } from '$server/changes';
import { documentAt } from '$server/documents';
import type { RequestHandler } from './$types';

/** Brings the room back to this revision, by one more edit. */
export const POST: RequestHandler = async ({ locals, params }) => {
  const outcome = await bringBackRevision(requirePerson(locals), params.room, Number(params.revision));
  if (outcome.kind === 'never') error(404, { message: `This room never had a revision ${params.revision}.` });
  return changed(outcome);
};

/** The design as it was at a revision. */
export const GET: RequestHandler = async ({ locals, params }) => {
  const room = await requireRoom(locals, params.room);
  const revision = Number(params.revision);
  const document = await documentAt(room, revision);
  if (!document)
    error(404, { message: `This room has revisions 0 to ${room.revision}; there is no ${params.revision}.` });
  return json({ revision, document });
};
