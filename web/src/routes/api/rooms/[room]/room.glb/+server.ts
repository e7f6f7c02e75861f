import { error } from '@sveltejs/kit';
import { roomOf } from 'goodreach';
import { writeGltf } from 'goodreach/server';
import { fileName, requirePerson } from '$server/answers';
import { findRoom } from '$server/rooms';
import type { RequestHandler } from './$types';

/** The saved room in three dimensions, as a binary glTF file. */
export const GET: RequestHandler = async ({ locals, params }) => {
  const room = await findRoom(requirePerson(locals), params.room);
  if (!room) error(404, { message: 'This room is not in your studio.' });
  const file = await writeGltf(room.document);
  const name = fileName(`${roomOf(room.document).name} r${room.revision}`, 'glb');
  return new Response(file as Uint8Array<ArrayBuffer>, {
    headers: {
      'content-type': 'model/gltf-binary',
      'content-disposition': `attachment; filename="${name}"`,
      'cache-control': 'no-store',
    },
  });
};
