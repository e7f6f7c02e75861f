import { error } from '@sveltejs/kit';
import { requirePerson } from '$server/answers';
import { forgetOpeningKind } from '$server/opening-kinds';
import type { RequestHandler } from './$types';

/** Forgets a kind of opening. */
export const DELETE: RequestHandler = async ({ locals, params }) => {
  if (!(await forgetOpeningKind(requirePerson(locals), params.kind)))
    error(404, { message: 'This kind of opening is not in your studio.' });
  return new Response(null, { status: 204 });
};
