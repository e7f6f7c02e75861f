import { error, json } from '@sveltejs/kit';
import { faulty, readJson, requirePerson, requireRoom } from '$server/answers';
import { checkBody, OptionBody } from '$server/bodies';
import { documentOf } from '$server/documents';
import { chooseOption, removeOption } from '$server/options';
import type { RequestHandler } from './$types';

/** The room as it is saved, with its revision. */
export const GET: RequestHandler = async ({ locals, params }) => {
  const room = await requireRoom(locals, params.room);
  return json({ revision: room.revision, document: await documentOf(room) });
};

/** Chooses this option for its room. */
export const PATCH: RequestHandler = async ({ locals, params, request }) => {
  const person = requirePerson(locals);
  const body = checkBody(OptionBody, await readJson(request));
  if (!body.ok) return faulty(body.faults);
  if (!(await chooseOption(person, params.room))) error(404, { message: 'This room is not in your studio.' });
  return json({ chosen: true });
};

/** Removes this option; the chosen one stays until another is chosen. */
export const DELETE: RequestHandler = async ({ locals, params }) => {
  const person = requirePerson(locals);
  await requireRoom(locals, params.room);
  const left = await removeOption(person, params.room);
  if (!left) error(409, { message: 'This is the chosen option. Choose another before removing it.' });
  return json({ id: left });
};
