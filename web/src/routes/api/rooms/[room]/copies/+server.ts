import { error, json } from '@sveltejs/kit';
import { faulty, readJson, requirePerson, requireRoom } from '$server/answers';
import { checkBody, CopyBody } from '$server/bodies';
import { copyRoom } from '$server/copies';
import type { RequestHandler } from './$types';

/** A room of its own beside this one: as this is, or as it was at a revision. */
export const POST: RequestHandler = async ({ locals, params, request }) => {
  const person = requirePerson(locals);
  const room = await requireRoom(locals, params.room);
  const body = checkBody(CopyBody, await readJson(request));
  if (!body.ok) return faulty(body.faults);
  const copy = await copyRoom(person, room, body.value.revision);
  if (!copy) error(404, { message: `This room has revisions 0 to ${room.revision}.` });
  return json({ id: copy.id, name: copy.name }, { status: 201 });
};
