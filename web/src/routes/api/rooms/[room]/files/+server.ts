import { error, json } from '@sveltejs/kit';
import { brakeUpload, requirePerson, requireRoom } from '$server/answers';
import { limitedPieces } from '$server/limited';
import { MOST_FILE_BYTES, storeFile } from '$server/files';
import type { RequestHandler } from './$types';

/** So many pictures are taken at once, of all and of one studio: who sends slowly keeps nobody else from sending. */
const MOST_AT_ONCE = 40;
const MOST_OF_STUDIO = 4;
/** The studio of each picture that is being sent. */
const sending: string[] = [];

/** Stores a picture to lay under a room: the body is the file, its name is in `x-file-name`, percent-encoded. */
export const POST: RequestHandler = async ({ locals, params, request }) => {
  const person = requirePerson(locals);
  // What can't be kept is not read: whose room it is, how often, and how many are read at once is looked at first.
  await requireRoom(locals, params.room);
  await brakeUpload(person);
  const { studioId } = person;
  if (sending.filter((one) => one === studioId).length >= MOST_OF_STUDIO)
    error(429, {
      message: `Your studio is sending ${MOST_OF_STUDIO} pictures already. Wait until one of them is there.`,
    });
  if (sending.length >= MOST_AT_ONCE)
    error(503, { message: 'Too many pictures are sent at once. Try again in a moment.' });
  sending.push(studioId);
  const outcome = await storeFile(
    person,
    params.room,
    nameOf(request),
    limitedPieces(request, MOST_FILE_BYTES, tooLarge),
  ).finally(() => sending.splice(sending.indexOf(studioId), 1));
  switch (outcome.kind) {
    case 'stored':
      return json({ id: outcome.id }, { status: 201 });
    case 'unknown':
      error(422, {
        message: 'The file is no picture that can be laid under. Choose a PNG, JPEG or SVG file.',
      });
    case 'missing':
      error(404, { message: 'This room is not in your studio, or it was removed.' });
    case 'full':
      error(413, {
        message: `The pictures of your studio would take more than the ${(outcome.most / 1e9).toFixed(1)} GB there are. Remove rooms that are not needed, or ask whoever runs the server for more.`,
      });
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
