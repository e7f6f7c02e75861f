import { error } from '@sveltejs/kit';
import { requirePerson } from '$server/answers';
import { findFile } from '$server/files';
import type { RequestHandler } from './$types';

/** A picture laid under a room. It never changes, and nothing in it is run: an SVG is sealed off. */
export const GET: RequestHandler = async ({ locals, params }) => {
  const file = await findFile(requirePerson(locals), params.room, params.file);
  if (!file) error(404, { message: 'This file is not in your studio.' });
  return new Response(file.bytes as Uint8Array<ArrayBuffer>, {
    headers: {
      'content-type': file.type,
      'content-security-policy': "default-src 'none'; style-src 'unsafe-inline'; sandbox",
      'x-content-type-options': 'nosniff',
      'cache-control': 'private, max-age=31536000, immutable',
    },
  });
};
