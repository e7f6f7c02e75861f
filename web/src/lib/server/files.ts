import { randomUUID } from 'node:crypto';
import { Op, QueryTypes } from 'sequelize';
import { database, setting } from './database';
import { joined } from './limited';
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

/** A file goes to the database in parts of so many bytes, so that no more of it is held here. */
const PART_BYTES = 1_000_000;

/** Stores a picture for a room of the studio, as it comes. What it is, its bytes say, not its name. */
export async function storeFile(
  person: SignedIn,
  roomId: string,
  name: string,
  pieces: Iterable<Uint8Array> | AsyncIterable<Uint8Array>,
): Promise<StoreOutcome> {
  const room = await findRoom(person, roomId);
  if (!room) return { kind: 'missing' };
  const sequelize = await database();
  const upload = randomUUID();
  let type: string | null = null;
  let count = 0;
  try {
    for await (const part of partsOf(pieces)) {
      if (count === 0) type = pictureType(part);
      if (!type) return { kind: 'unknown' };
      const bind = [upload, count, Buffer.from(part.buffer, part.byteOffset, part.byteLength)];
      await sequelize.query(KEEP_PART, { bind, type: QueryTypes.SELECT });
      count += 1;
    }
    if (!type) return { kind: 'unknown' };
    const most = setting('STUDIO_FILE_BYTES', MOST_STUDIO_BYTES);
    const [stored] = await sequelize.query<{ id: string }>(STORE, {
      bind: [person.studioId, room.id, name, type, upload, most],
      type: QueryTypes.SELECT,
    });
    return stored ? { kind: 'stored', id: stored.id } : { kind: 'full', most };
  } catch (error) {
    // Whoever sends it may have gone; where the database has, its tidying takes the parts.
    await sequelize.query(DROP_PARTS, { bind: [upload], type: QueryTypes.SELECT }).catch(() => {});
    throw error;
  }
}

/** What comes in pieces of any size, in parts of one size, the last one shorter. */
async function* partsOf(
  pieces: Iterable<Uint8Array> | AsyncIterable<Uint8Array>,
): AsyncGenerator<Uint8Array> {
  let held: Uint8Array[] = [];
  let bytes = 0;
  for await (const piece of pieces) {
    for (let at = 0; at < piece.byteLength;) {
      const taken = piece.subarray(at, at + PART_BYTES - bytes);
      held.push(taken);
      [at, bytes] = [at + taken.byteLength, bytes + taken.byteLength];
      if (bytes < PART_BYTES) continue;
      yield joined(held);
      [held, bytes] = [[], 0];
    }
  }
  if (bytes > 0) yield joined(held);
}

/** The type objects from outside are stored as. */
export const MODEL = 'model/gltf-binary';

/** Stores a file of the studio's that is of no room, whole: a picture, PNG or JPEG, unless it is known to be of another type. */
export async function storeStudioFile(
  { studioId }: SignedIn,
  name: string,
  bytes: Uint8Array,
  known?: typeof MODEL,
): Promise<Exclude<StoreOutcome, { kind: 'missing' }>> {
  const type = known ?? pictureType(bytes);
  if (type !== MODEL && type !== 'image/png' && type !== 'image/jpeg') return { kind: 'unknown' };
  const most = setting('STUDIO_FILE_BYTES', MOST_STUDIO_BYTES);
  const bind = [studioId, name, type, Buffer.from(bytes), most];
  const [stored] = await (
    await database()
  ).query<{ id: string }>(STORE_OF_STUDIO, { bind, type: QueryTypes.SELECT });
  return stored ? { kind: 'stored', id: stored.id } : { kind: 'full', most };
}

/** Takes away the parts of files that never came to their end. */
export async function dropLostParts(): Promise<void> {
  await (await database()).query(DROP_LOST, { type: QueryTypes.SELECT });
}

const KEEP_PART = 'insert into file_parts (upload, part, bytes) values ($1, $2, $3)';
const DROP_PARTS = 'delete from file_parts where upload = $1';
const DROP_LOST = `delete from file_parts where sent_at < now() - interval '1 hour'`;

const STORE = `
  with parts as (
    delete from file_parts where upload = $5 returning part, bytes
  ), whole as (
    select string_agg(bytes, '' order by part) as bytes from parts
  )
  insert into files (id, studio_id, room_id, name, type, bytes, created_at)
  select gen_random_uuid(), $1, $2, $3, $4, whole.bytes, now() from whole
  where (select coalesce(sum(octet_length(bytes)), 0) from files where studio_id = $1) + octet_length(whole.bytes)
    <= $6::bigint
  returning id`;

const STORE_OF_STUDIO = `
  insert into files (id, studio_id, room_id, name, type, bytes, created_at)
  select gen_random_uuid(), $1, null, $2, $3, $4::bytea, now()
  where (select coalesce(sum(octet_length(bytes)), 0) from files where studio_id = $1) + octet_length($4::bytea)
    <= $5::bigint
  returning id`;

/** A file of the studio's that is of no room: a picture, or a model. */
export async function findStudioFile(
  { studioId }: SignedIn,
  id: string,
  of: 'model' | 'picture' = 'picture',
): Promise<StoredFile | null> {
  await database();
  if (!isUuid(id)) return null;
  const type = of === 'model' ? MODEL : { [Op.ne]: MODEL };
  return StoredFile.findOne({ where: { id, studioId, roomId: null, type } });
}

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
  if (!room || !file?.roomId) return null;
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
