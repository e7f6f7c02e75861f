import { error } from '@sveltejs/kit';
import { requirePerson } from '$server/answers';
import { forgetObject } from '$server/objects';
import type { RequestHandler } from './$types';

/** Forgets an object of the studio's own; rooms keep what they have of it. */
export const DELETE: RequestHandler = async ({ locals, params }) => {
  if (!(await forgetObject(requirePerson(locals), params.object)))
    error(404, { message: 'This object is not in your studio.' });
  return new Response(null, { status: 204 });
};
