import { error } from '@sveltejs/kit';
import { roomOf } from 'goodreach';
import { writeDesignJson } from 'goodreach/server';
import { fileName, requirePerson } from '$server/answers';
import { findRoom } from '$server/rooms';
import type { RequestHandler } from './$types';

/** The design as a file. */
export const GET: RequestHandler = async ({ locals, params }) => {
  const room = await findRoom(requirePerson(locals), params.room);
  if (!room) error(404, { message: 'This room is not in your studio.' });
  const name = fileName(roomOf(room.document).name, 'json');
  return new Response(writeDesignJson(room.document), {
    headers: { 'content-type': 'application/json', 'content-disposition': `attachment; filename="${name}"` },
  });
};
