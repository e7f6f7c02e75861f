import { error, json } from '@sveltejs/kit';
import { makeRoom } from 'goodreach';
import { acceptDesign } from 'goodreach/server';
import { faulty, readJson, refused, requirePerson } from '$server/answers';
import { checkBody, NewRoomBody } from '$server/bodies';
import { createRoom, findJob } from '$server/rooms';
import type { RequestHandler } from './$types';

/** A new room in a job: made from four lengths, or from a design file sent as `{ "design": … }`. */
export const POST: RequestHandler = async ({ locals, params, request }) => {
  const person = requirePerson(locals);
  const job = await findJob(person, params.job);
  if (!job) error(404, { message: 'This job is not in your studio.' });
  const raw = await readJson(request);
  const made = isImport(raw) ? acceptDesign(raw.design) : null;
  if (made) {
    if (!made.ok) return refused(made.refusal);
    return json({ id: (await createRoom(person, job, made.value)).id }, { status: 201 });
  }
  const body = checkBody(NewRoomBody, raw);
  if (!body.ok) return faulty(body.faults);
  const { name, unit, step, ceilingHeight, lengths } = body.value;
  const room = makeRoom({ name, unit, step, ceilingHeight, lengths });
  if (!room.ok) return refused(room.refusal, { unit, step });
  return json({ id: (await createRoom(person, job, room.value)).id }, { status: 201 });
};

function isImport(raw: unknown): raw is { design: unknown } {
  return typeof raw === 'object' && raw !== null && 'design' in raw;
}
