import { error, json } from '@sveltejs/kit';
import { requirePerson, requireRoom } from '$server/answers';
import { addOption, listOptions } from '$server/options';
import type { RequestHandler } from './$types';

/** The options of a room. */
export const GET: RequestHandler = async ({ locals, params }) => {
  const person = requirePerson(locals);
  const room = await requireRoom(locals, params.room);
  return json(await listOptions(person, room));
};

/** A new option: a copy of this one as it is saved. */
export const POST: RequestHandler = async ({ locals, params }) => {
  const person = requirePerson(locals);
  await requireRoom(locals, params.room);
  const added = await addOption(person, params.room);
  if (!added) error(409, { message: 'A room has at most 26 options. Remove one that is not needed.' });
  return json(added, { status: 201 });
};
