import { error, json } from '@sveltejs/kit';
import { requirePerson } from '$server/answers';
import { remove, takeBack } from '$server/removed';
import type { RequestHandler } from './$types';

/** Removes the job, to be taken back for a while. */
export const POST: RequestHandler = async ({ locals, params }) => {
  if (!(await remove(requirePerson(locals), 'job', params.job)))
    error(404, { message: 'This job is not in your studio, or it was removed.' });
  return json({ removed: true });
};

/** Takes it back. */
export const DELETE: RequestHandler = async ({ locals, params }) => {
  if (!(await takeBack(requirePerson(locals), 'job', params.job)))
    error(404, { message: 'This job can’t be taken back: it is not among what was removed.' });
  return json({ removed: false });
};
