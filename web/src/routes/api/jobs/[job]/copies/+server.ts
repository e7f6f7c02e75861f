import { json } from '@sveltejs/kit';
import { requireJob, requirePerson } from '$server/answers';
import { copyJob } from '$server/copies';
import type { RequestHandler } from './$types';

/** A job of its own with copies of the rooms of this one. */
export const POST: RequestHandler = async ({ locals, params }) => {
  const job = await requireJob(locals, params.job);
  const copy = await copyJob(requirePerson(locals), job);
  return json({ id: copy.id, name: copy.name }, { status: 201 });
};
