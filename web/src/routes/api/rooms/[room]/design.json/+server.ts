import { roomOf } from 'goodreach';
import { writeDesignJson } from 'goodreach/server';
import { fileName, requireRoom } from '$server/answers';
import { documentOf } from '$server/documents';
import type { RequestHandler } from './$types';

/** The design as a file. */
export const GET: RequestHandler = async ({ locals, params }) => {
  const room = await requireRoom(locals, params.room);
  const document = await documentOf(room);
  const name = fileName(roomOf(document).name, 'json');
  return new Response(writeDesignJson(document), {
    headers: { 'content-type': 'application/json', 'content-disposition': `attachment; filename="${name}"` },
  });
};
