import { roomOf } from 'goodreach';
import { writeDesignJson } from 'goodreach/server';
import { fileName, requireRoom, revisionAsked } from '$server/answers';
import { documentAt } from '$server/documents';
import type { RequestHandler } from './$types';

/** The design as a file; `?revision=` asks for what it was. */
export const GET: RequestHandler = async ({ locals, params, url }) => {
  const room = await requireRoom(locals, params.room);
  const document = (await documentAt(room, revisionAsked(url, room)))!;
  const name = fileName(roomOf(document).name, 'json');
  return new Response(writeDesignJson(document), {
    headers: { 'content-type': 'application/json', 'content-disposition': `attachment; filename="${name}"` },
  });
};
