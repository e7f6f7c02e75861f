import { roomOf } from 'goodreach';
import { writeGltf } from 'goodreach/server';
import { fileName, requireRoom } from '$server/answers';
import { documentOf } from '$server/documents';
import type { RequestHandler } from './$types';

/** The saved room in three dimensions, as a binary glTF file. */
export const GET: RequestHandler = async ({ locals, params }) => {
  const room = await requireRoom(locals, params.room);
  const document = await documentOf(room);
  const file = await writeGltf(document);
  const name = fileName(`${roomOf(document).name} r${room.revision}`, 'glb');
  return new Response(file as Uint8Array<ArrayBuffer>, {
    headers: {
      'content-type': 'model/gltf-binary',
      'content-disposition': `attachment; filename="${name}"`,
      'cache-control': 'no-store',
    },
  });
};
