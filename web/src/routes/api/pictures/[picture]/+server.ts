import { error } from '@sveltejs/kit';
import { fileAnswer, requirePerson } from '$server/answers';
import { findStudioFile } from '$server/files';
import type { RequestHandler } from './$types';

/** A picture of the studio's, as of a finish. */
export const GET: RequestHandler = async ({ locals, params }) => {
  const file = await findStudioFile(requirePerson(locals), params.picture);
  if (!file) error(404, { message: 'This picture is not in your studio.' });
  return fileAnswer(file);
};
