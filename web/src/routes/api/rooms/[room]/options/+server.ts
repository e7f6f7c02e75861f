import { error, json } from '@sveltejs/kit';
import { requirePerson } from '$server/answers';
import { addOption, listOptions } from '$server/options';
import { findRoom } from '$server/rooms';
import type { RequestHandler } from './$types';

/** The options of a room. */
export const GET: RequestHandler = async ({ locals, params }) => {
  const person = requirePerson(locals);
  const room = await findRoom(person, params.room);
  if (!room) error(404, { message: 'This room is not in your studio.' });
  return json(await listOptions(person, room));
};

/** A new option: a copy of this one as it is saved. */
export const POST: RequestHandler = async ({ locals, params }) => {
  const person = requirePerson(locals);
  if (!(await findRoom(person, params.room))) error(404, { message: 'This room is not in your studio.' });
  const added = await addOption(person, params.room);
  if (!added) error(409, { message: 'A room has at most 26 options. Remove one that is not needed.' });
  return json(added, { status: 201 });
};
