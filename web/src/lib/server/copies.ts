import { applyPatch, roomOf, type Design } from 'goodreach';
import { randomUUID } from 'node:crypto';
import { QueryTypes, type Transaction } from 'sequelize';
import { database } from './database';
import { addRoom, documentAt } from './documents';
import { Job, Room } from './models';
import type { SignedIn } from './sessions';

/** Names are no longer than this. */
const MOST_NAME = 80;

/** A copy of a room beside it in its job, of its own and with nothing of its past, as it is or was at a revision; null for one that never was. */
export async function copyRoom(person: SignedIn, room: Room, revision = room.revision): Promise<Room | null> {
  const document = await documentAt(room, revision);
  if (!document) return null;
  const sequelize = await database();
  return sequelize.transaction((transaction) =>
    addCopy(person, { room, document: named(document, copyName(room.name)), jobId: room.jobId }, transaction),
  );
}

/** A job with more rooms than this is not copied at once. */
export const MOST_COPIED = 100;

/** A copy of a job with its rooms, of each the option that is chosen; null where those are too many. */
export async function copyJob(person: SignedIn, job: Job): Promise<Job | null> {
  const { studioId } = person;
  const { id, name, unit, step, limits, constructions } = job;
  const sequelize = await database();
  const order = [['createdAt', 'ASC']] as [string, string][];
  const rooms = await Room.findAll({ where: { jobId: id, studioId, chosen: true, removedAt: null }, order });
  if (rooms.length > MOST_COPIED) return null;
  return sequelize.transaction(async (transaction) => {
    const own = { unit, step, limits, constructions };
    const copy = await Job.create({ studioId, name: copyName(name), ...own }, { transaction });
    for (const room of rooms) {
      const document = (await documentAt(room, room.revision))!;
      await addCopy(person, { room, document, jobId: copy.id }, transaction);
    }
    return copy;
  });
}

interface Copied {
  room: Room;
  document: Design;
  jobId: string;
}

/** What is laid under a room, and the picture on its cover, is copied with it: the one it was copied from may go. */
async function addCopy(
  { studioId }: SignedIn,
  { room, document, jobId }: Copied,
  transaction: Transaction,
): Promise<Room> {
  const files = new Map<string, string>();
  const copied = (file: string): string => {
    const known = files.get(file) ?? randomUUID();
    files.set(file, known);
    return known;
  };
  const records = Object.values(document.records).map((record) => {
    if (record.kind === 'underlay') return { ...record, file: copied(record.file) };
    if (record.kind === 'room' && record.coverFile) return { ...record, coverFile: copied(record.coverFile) };
    return record;
  });
  const copy = { ...document, records: Object.fromEntries(records.map((record) => [record.id, record])) };
  const added = await addRoom({ studioId, jobId }, copy, transaction);
  const sequelize = await database();
  for (const [from, to] of files)
    await sequelize.query(COPY_FILE, {
      bind: [from, to, added.id, studioId, room.optionOf ?? room.id],
      type: QueryTypes.INSERT,
      transaction,
    });
  return added;
}

const COPY_FILE = `
  insert into files (id, studio_id, room_id, name, type, bytes, created_at)
  select $2, studio_id, $3, name, type, bytes, now() from files
  where id::text = $1 and studio_id = $4
    and room_id in (select id from rooms where coalesce(option_of, id) = $5)`;

/** The name of a copy, no longer than a name may be; no letter of two parts is cut in half. */
export function copyName(name: string): string {
  const ending = ' (copy)';
  let kept = '';
  for (const letter of name) {
    if (kept.length + letter.length + ending.length > MOST_NAME) break;
    kept += letter;
  }
  return kept + ending;
}

function named(document: Design, name: string): Design {
  const room = roomOf(document);
  const done = applyPatch(document, [{ id: room.id, before: room, after: { ...room, name } }]);
  if (!done.ok) throw new Error('A room can be named.');
  return done.value;
}
