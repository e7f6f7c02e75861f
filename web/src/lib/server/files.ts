import { QueryTypes } from 'sequelize';
import { database, setting } from './database';
import { Room, StoredFile } from './models';
import { findRoom, isUuid } from './rooms';
import type { SignedIn } from './sessions';

/** The largest file stored, bytes. */
export const MOST_FILE_BYTES = 20_000_000;

/** The files of a studio take at most so many bytes together; STUDIO_FILE_BYTES sets another limit. */
const MOST_STUDIO_BYTES = 2_000_000_000;

/** How storing a file ended: stored under an id, not a picture that can be laid under, for a room that is not there, or too much for the studio, which may have so many bytes. */
export type StoreOutcome =
  { kind: 'stored'; id: string } | { kind: 'unknown' } | { kind: 'missing' } | { kind: 'full'; most: number };

/** Stores a picture for a room of the studio. What it is, its bytes say, not its name. */
export async function storeFile(
  person: SignedIn,
  roomId: string,
  name: string,
  bytes: Uint8Array,
): Promise<StoreOutcome> {
  const room = await findRoom(person, roomId);
  if (!room) return { kind: 'missing' };
  const type = pictureType(bytes);
  if (!type) return { kind: 'unknown' };
  const most = setting('STUDIO_FILE_BYTES', MOST_STUDIO_BYTES);
  const sequelize = await database();
  const [stored] = await sequelize.query<{ id: string }>(STORE, {
    bind: [person.studioId, room.id, name, type, Buffer.from(bytes), bytes.byteLength, most],
    type: QueryTypes.SELECT,
  });
  return stored ? { kind: 'stored', id: stored.id } : { kind: 'full', most };
}

const STORE = `
  insert into files (id, studio_id, room_id, name, type, bytes, created_at)
  select gen_random_uuid(), $1, $2, $3, $4, $5, now()
  where (select coalesce(sum(octet_length(bytes)), 0) from files where studio_id = $1) + $6::bigint <= $7::bigint
  returning id`;

/** A file laid under a room of the studio; options of a room show those of the one they were made from. */
export async function findFile(
  { studioId }: SignedIn,
  roomId: string,
  id: string,
): Promise<StoredFile | null> {
  await database();
  if (!isUuid(roomId) || !isUuid(id)) return null;
  const room = await Room.findOne({
    where: { id: roomId, studioId, removedAt: null },
    attributes: ['id', 'optionOf'],
  });
  const file = room && (await StoredFile.findOne({ where: { id, studioId } }));
  if (!room || !file) return null;
  const origin = await Room.findOne({ where: { id: file.roomId, studioId }, attributes: ['id', 'optionOf'] });
  return origin && (origin.optionOf ?? origin.id) === (room.optionOf ?? room.id) ? file : null;
}

/** The type of a picture by its first bytes: PNG, JPEG or SVG; null for anything else. */
export function pictureType(bytes: Uint8Array): string | null {
  const starts = (...signature: number[]) => signature.every((byte, index) => bytes[index] === byte);
  if (starts(0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a)) return 'image/png';
  if (starts(0xff, 0xd8, 0xff)) return 'image/jpeg';
  return isSvg(new TextDecoder().decode(bytes.subarray(0, 2_000))) ? 'image/svg+xml' : null;
}

/** What may stand before the first element of a document, each from how it begins to how it ends. */
const BEFORE = [
  ['<?', '?>'],
  ['<!--', '-->'],
  ['<!DOCTYPE', '>'],
] as const;

/** Whether the first element of a text is an `svg`. Walked once, however often something stands before it. */
function isSvg(text: string): boolean {
  let at = 0;
  for (;;) {
    while (/[\s\uFEFF]/.test(text[at] ?? '')) at += 1;
    const before = BEFORE.find(([begin]) => text.startsWith(begin, at));
    if (!before) return /^<svg[\s>/]/.test(text.slice(at, at + 5));
    const end = text.indexOf(before[1], at + before[0].length);
    if (end < 0) return false;
    at = end + before[1].length;
  }
}
