import { error } from '@sveltejs/kit';
import { requirePerson } from '$server/answers';
import { findStudioFile } from '$server/files';
import type { RequestHandler } from './$types';

/** A picture of the studio's, as of a finish. It never changes. */
export const GET: RequestHandler = async ({ locals, params }) => {
  const file = await findStudioFile(requirePerson(locals), params.picture);
  if (!file) error(404, { message: 'This picture is not in your studio.' });
  return new Response(file.bytes as Uint8Array<ArrayBuffer>, {
    headers: {
      'content-type': file.type,
      'content-security-policy': "default-src 'none'; sandbox",
      'x-content-type-options': 'nosniff',
      'cache-control': 'private, max-age=31536000, immutable',
    },
  });
};
