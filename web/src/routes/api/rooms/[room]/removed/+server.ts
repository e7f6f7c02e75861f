import { error, json } from '@sveltejs/kit';
import { requirePerson } from '$server/answers';
import { remove, takeBack } from '$server/removed';
import type { RequestHandler } from './$types';

/** Removes the room, to be taken back for a while. */
export const POST: RequestHandler = async ({ locals, params }) => {
  if (!(await remove(requirePerson(locals), 'room', params.room)))
    error(404, { message: 'This room is not in your studio, or it was removed.' });
  return json({ removed: true });
};

/** Takes it back. */
export const DELETE: RequestHandler = async ({ locals, params }) => {
  if (!(await takeBack(requirePerson(locals), 'room', params.room)))
    error(404, {
      message:
        'This room can’t be taken back: it is not among what was removed, or its job is. Take that back first.',
    });
  return json({ removed: false });
};
