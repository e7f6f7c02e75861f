import { applyPatch, invertPatch, roomOf, type Design, type Patch } from 'goodreach';
import { LRUCache } from 'lru-cache';
import { Op, type Transaction } from 'sequelize';
import { Edit, KeptDocument, Room } from './models';

/** A room's document at a revision. */
export interface Head {
  revision: number;
  document: Design;
}

/** A document is kept whole every so many revisions; those between are made of it and the edits since. */
export const KEPT_EVERY = 100;
/** So many records of rooms' newest documents this process knows, those asked for last. */
const MOST_RECORDS = 100_000;

const heads = new LRUCache<string, Head>({
  maxSize: MOST_RECORDS,
  sizeCalculation: ({ document }) => Object.keys(document.records).length + 1,
});

/** The newest document of a room that this process knows; others may have gone on since. */
export function knownHead(roomId: string): Head | undefined {
  return heads.get(roomId);
}

/** Forgets what is known, as when another database is opened. */
export function forgetHeads(): void {
  heads.clear();
}

/** Remembers a document that is saved. */
export function knowHead(roomId: string, head: Head): void {
  const known = heads.peek(roomId);
  if (!known || known.revision < head.revision) heads.set(roomId, head);
}

const keeping = new Set<Promise<unknown>>();

/** Keeps a saved document whole, beside what is waited for: where that fails, the edits still make it, only from further back. */
export function keepDocument(roomId: string, head: Head): void {
  const kept = KeptDocument.create({ roomId, ...head }, { ignoreDuplicates: true })
    .catch(() => null)
    .finally(() => keeping.delete(kept));
  keeping.add(kept);
}

/** Waits until all that is being kept is. */
export async function documentsKept(): Promise<void> {
  await Promise.all(keeping);
}

/** Adds a room with its first document, which must have been checked. */
export async function addRoom(
  room: { studioId: string; jobId: string; optionOf?: string; option?: string; chosen?: boolean },
  document: Design,
  transaction: Transaction,
): Promise<Room> {
  const added = await Room.create({ ...room, name: roomOf(document).name }, { transaction });
  await KeptDocument.create({ roomId: added.id, revision: 0, document }, { transaction });
  return added;
}

/** The document of a room as it was read. */
export async function documentOf(room: Room): Promise<Design> {
  return (await documentAt(room, room.revision))!;
}

/** The document as it was at a revision: the nearest that is kept, with the edits up to there; null for a revision that never was. */
export async function documentAt(
  { id, revision: last }: Pick<Room, 'id' | 'revision'>,
  revision: number,
): Promise<Design | null> {
  if (!Number.isInteger(revision) || revision < 0 || revision > last) return null;
  const known = heads.get(id);
  const isNear = known && known.revision <= revision && revision - known.revision < KEPT_EVERY;
  const start = isNear ? known : await keptNear(id, revision);
  const patches = await patchesBetween(id, start.revision, revision);
  let { document } = start;
  for (const patch of patches) {
    const applied = applyPatch(document, patch);
    if (!applied.ok) throw new Error(`Revision ${revision} of room ${id} can't be read back.`);
    document = applied.value;
  }
  if (revision === last) knowHead(id, { revision, document });
  return document;
}

/** The last document kept at or before a revision; else the first after it. */
async function keptNear(roomId: string, revision: number): Promise<Head> {
  const before = await KeptDocument.findOne({
    where: { roomId, revision: { [Op.lte]: revision } },
    order: [['revision', 'DESC']],
  });
  return (
    before ?? KeptDocument.findOne({ where: { roomId }, order: [['revision', 'ASC']], rejectOnEmpty: true })
  );
}

/** The patches that lead from one revision to another, on or back. */
async function patchesBetween(roomId: string, from: number, to: number): Promise<Patch[]> {
  if (from === to) return [];
  const rows = await Edit.findAll({
    where: { roomId, revision: { [Op.gt]: Math.min(from, to), [Op.lte]: Math.max(from, to) } },
    order: [['revision', from < to ? 'ASC' : 'DESC']],
    attributes: ['patch'],
  });
  return rows.map(({ patch }) => (from < to ? patch : invertPatch(patch)));
}
