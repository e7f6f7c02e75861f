import { error, json } from '@sveltejs/kit';
import { requirePerson } from '$server/answers';
import { MOST_FILE_BYTES, storeFile } from '$server/files';
import type { RequestHandler } from './$types';

/** Stores a picture to lay under a room: the body is the file, its name is in `x-file-name`, percent-encoded. */
export const POST: RequestHandler = async ({ locals, params, request }) => {
  const person = requirePerson(locals);
  const declared = Number(request.headers.get('content-length') ?? 0);
  if (declared > MOST_FILE_BYTES) error(413, { message: tooLarge(declared) });
  const bytes = new Uint8Array(await request.arrayBuffer());
  if (bytes.length > MOST_FILE_BYTES) error(413, { message: tooLarge(bytes.length) });
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
    return decodeURIComponent(request.headers.get('x-file-name') ?? '').slice(0, 120) || 'picture';
  } catch {
    return 'picture';
  }
}

function tooLarge(bytes: number): string {
  return `The file is ${(bytes / 1e6).toFixed(1)} MB; an underlay has at most ${MOST_FILE_BYTES / 1e6} MB. Make the picture smaller.`;
}
