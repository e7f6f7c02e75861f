import { error } from '@sveltejs/kit';
import { requirePerson } from '$server/answers';
import { forgetSheetStyle } from '$server/sheet-styles';
import type { RequestHandler } from './$types';

/** Forgets a template of the studio. */
export const DELETE: RequestHandler = async ({ locals, params }) => {
  if (!(await forgetSheetStyle(requirePerson(locals), params.style)))
    error(404, { message: 'This template is not in your studio.' });
  return new Response(null, { status: 204 });
};
