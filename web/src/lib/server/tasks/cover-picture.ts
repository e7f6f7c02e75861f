import { roomOf, type Design, type PaperPicture } from 'goodreach';
import { QueryTypes } from 'sequelize';
import { database } from '../database';
import { isUuid } from '../rooms';

/** A larger picture is not put on a cover, bytes. */
const MOST_COVER = 4_000_000;

/** The picture on the cover of a room's set, a JPEG, which is put into a PDF as it is: one stored with the room, or with an option of it. Null where it has none, or that is no longer there. */
export async function coverPicture(roomId: string, document: Design): Promise<PaperPicture | null> {
  const { coverFile } = roomOf(document);
  if (!coverFile || !isUuid(coverFile)) return null;
  const [row] = await (
    await database()
  ).query<{ bytes: Buffer }>(COVER, {
    bind: [roomId, coverFile, MOST_COVER],
    type: QueryTypes.SELECT,
  });
  return row ? { type: 'image/jpeg', data: row.bytes.toString('base64') } : null;
}

const COVER = `
  select files.bytes from files
  join rooms own on own.id = $1 and own.studio_id = files.studio_id
  join rooms origin on origin.id = files.room_id
  where files.id = $2 and files.type = 'image/jpeg' and octet_length(files.bytes) <= $3
    and coalesce(origin.option_of, origin.id) = coalesce(own.option_of, own.id)`;
