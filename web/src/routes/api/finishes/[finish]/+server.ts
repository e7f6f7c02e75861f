import { error } from '@sveltejs/kit';
import { requirePerson } from '$server/answers';
import { keptFinish } from '$server/finish-answers';
import { forgetFinish } from '$server/finishes';
import type { RequestHandler } from './$types';

/** Keeps a finish otherwise than it was; rooms keep it as it was until it is given again. */
export const PATCH: RequestHandler = ({ locals, params, request }) =>
  keptFinish(requirePerson(locals), request, params.finish);

/** Forgets a finish of the studio's own; rooms keep what they have of it. */
export const DELETE: RequestHandler = async ({ locals, params }) => {
  if (!(await forgetFinish(requirePerson(locals), params.finish)))
    error(404, { message: 'This finish is not in your studio.' });
  return new Response(null, { status: 204 });
};
