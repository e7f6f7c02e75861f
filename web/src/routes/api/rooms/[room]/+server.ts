import { error, json } from '@sveltejs/kit';
import { changed, faulty, readJson, requirePerson, requireRoom } from '$server/answers';
import { checkBody, NameBody, OptionBody } from '$server/bodies';
import { renameRoom } from '$server/changes';
import { documentOf } from '$server/documents';
import { chooseOption, removeOption } from '$server/options';
import type { RequestHandler } from './$types';

/** The room as it is saved, with its revision. */
export const GET: RequestHandler = async ({ locals, params }) => {
  const room = await requireRoom(locals, params.room);
  return json({ revision: room.revision, document: await documentOf(room) });
};

/** Gives the room another name, or chooses this option for it. */
export const PATCH: RequestHandler = async ({ locals, params, request }) => {
  const person = requirePerson(locals);
  const raw = await readJson(request);
  if (typeof raw === 'object' && raw !== null && 'name' in raw) {
    const named = checkBody(NameBody, raw);
    if (!named.ok) return faulty(named.faults);
    return changed(await renameRoom(person, params.room, named.value.name));
  }
  const body = checkBody(OptionBody, raw);
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
