import { error, json } from '@sveltejs/kit';
import { requireJob, requirePerson } from '$server/answers';
import { copyJob, MOST_COPIED } from '$server/copies';
import type { RequestHandler } from './$types';

/** A job of its own with copies of the rooms of this one. */
export const POST: RequestHandler = async ({ locals, params }) => {
  const job = await requireJob(locals, params.job);
  const copy = await copyJob(requirePerson(locals), job);
  if (!copy)
    error(409, {
      message: `This job has more than ${MOST_COPIED} rooms, too many to duplicate at once. Duplicate the rooms that are needed.`,
    });
  return json({ id: copy.id, name: copy.name }, { status: 201 });
};
