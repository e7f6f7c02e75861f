import { error, json } from '@sveltejs/kit';
import { requirePerson } from '$server/answers';
import { limitedBody } from '$server/limited';
import { MOST_FILE_BYTES, storeFile } from '$server/files';
import type { RequestHandler } from './$types';

/** Stores a picture to lay under a room: the body is the file, its name is in `x-file-name`, percent-encoded. */
export const POST: RequestHandler = async ({ locals, params, request }) => {
  const person = requirePerson(locals);
  const bytes = await limitedBody(request, MOST_FILE_BYTES, tooLarge);
  const outcome = await storeFile(person, params.room, nameOf(request), bytes);
  switch (outcome.kind) {
    case 'stored':
      return json({ id: outcome.id }, { status: 201 });
    case 'unknown':
      error(422, {
        message: 'The file is no picture that can be laid under. Choose a PNG, JPEG or SVG file.',
      });
    case 'missing':
      error(404, { message: 'This room is not in your studio.' });
  }
};

function nameOf(request: Request): string {
  try {
    return (
      decodeURIComponent(request.headers.get('x-file-name') ?? '')
        .replace(/\p{Cc}|\p{Cs}/gu, '')
        .slice(0, 120) || 'picture'
    );
  } catch {
    return 'picture';
  }
}

function tooLarge(bytes: number): string {
  return `The file is ${(bytes / 1e6).toFixed(1)} MB; an underlay has at most ${MOST_FILE_BYTES / 1e6} MB. Make the picture smaller.`;
}
