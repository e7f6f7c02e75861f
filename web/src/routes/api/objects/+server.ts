import { json } from '@sveltejs/kit';
import { brakeUpload, faulty, readJson, requirePerson } from '$server/answers';
import { checkBody, ObjectBody } from '$server/bodies';
import { keepObject, listObjects, type ObjectSaid } from '$server/objects';
import type { RequestHandler } from './$types';

/** The objects of the studio's own. */
export const GET: RequestHandler = async ({ locals }) => json(await listObjects(requirePerson(locals)));

/** Keeps another object: 201 with it, 422 with what is wrong. */
export const POST: RequestHandler = async ({ locals, request }) => {
  const person = requirePerson(locals);
  const body = checkBody(ObjectBody, await readJson(request));
  if (!body.ok) return faulty(body.faults);
  await brakeUpload(person);
  const { object, model } = body.value;
  const kept = await keepObject(person, object as ObjectSaid, Buffer.from(model, 'base64'));
  if (kept.kind === 'kept') return json(kept.object, { status: 201 });
  return json({ code: 'object', data: {}, message: kept.message }, { status: 422 });
};
