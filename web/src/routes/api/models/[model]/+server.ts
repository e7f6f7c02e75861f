import { error } from '@sveltejs/kit';
import { fileAnswer, requirePerson } from '$server/answers';
import { findStudioFile } from '$server/files';
import type { RequestHandler } from './$types';

/** The model of an object of the studio's. */
export const GET: RequestHandler = async ({ locals, params }) => {
  const file = await findStudioFile(requirePerson(locals), params.model, 'model');
  if (!file) error(404, { message: 'This model is not in your studio.' });
  return fileAnswer(file);
};
