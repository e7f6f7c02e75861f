import { error } from '@sveltejs/kit';
import { fileAnswer, requirePerson } from '$server/answers';
import { findFile } from '$server/files';
import type { RequestHandler } from './$types';

/** A picture laid under a room. */
export const GET: RequestHandler = async ({ locals, params }) => {
  const file = await findFile(requirePerson(locals), params.room, params.file);
  if (!file) error(404, { message: 'This file is not in your studio.' });
  return fileAnswer(file);
};
