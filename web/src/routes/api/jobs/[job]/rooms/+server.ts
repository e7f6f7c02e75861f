import { json } from '@sveltejs/kit';
import { acceptDesign } from 'goodreach/server';
import { faulty, readJson, refused, requireJob, requirePerson } from '$server/answers';
import { createRoom } from '$server/rooms';
import type { RequestHandler } from './$types';

/** A new room in a job, from a design sent as `{ "design": … }`: one just measured, or a file. */
export const POST: RequestHandler = async ({ locals, params, request }) => {
  const person = requirePerson(locals);
  const job = await requireJob(locals, params.job);
  const raw = await readJson(request);
  if (typeof raw !== 'object' || raw === null || !('design' in raw))
    return faulty([{ path: 'design', message: 'Send the design of the room as { "design": … }.' }]);
  const design = acceptDesign(raw.design);
  if (!design.ok) return refused(design.refusal);
  return json({ id: (await createRoom(person, job, design.value)).id }, { status: 201 });
};
