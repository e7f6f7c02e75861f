import {
  applyPatch,
  executePatch,
  invertPatch,
  roomOf,
  type Design,
  type KnownEdit,
  type LengthUnit,
  type Patch,
  type Refusal,
} from 'goodreach';
import { recordFaults } from 'goodreach/server';
import { Op, type Transaction } from 'sequelize';
import type { SaveBody } from './bodies';
import { database } from './database';
import { tellRoom } from './live';
import { Edit, Job, Person, Room } from './models';
import type { SignedIn } from './sessions';

/** How a save ended: accepted at a revision, in conflict with edits since, refused, or for a room that is not there. */
export type SaveOutcome =
  | { kind: 'saved'; revision: number }
  | { kind: 'stale'; revision: number; since: KnownEdit[] }
  | { kind: 'refused'; refusal: Refusal; edit: string }
  | { kind: 'missing' };

/** How many edits are handed to a page for undo after a reload. */
const REMEMBERED_EDITS = 500;

export async function findRoom({ studioId }: SignedIn, id: string): Promise<Room | null> {
  await database();
  return isUuid(id) ? Room.findOne({ where: { id, studioId } }) : null;
}

export async function findJob({ studioId }: SignedIn, id: string): Promise<Job | null> {
  await database();
  return isUuid(id) ? Job.findOne({ where: { id, studioId } }) : null;
}

/** The jobs of the studio with their rooms: of each room the option that is chosen, and how many it has. */
export async function listJobs({
  studioId,
}: SignedIn): Promise<{ job: Job; rooms: { room: Room; options: number }[] }[]> {
  await database();
  const jobs = await Job.findAll({
    where: { studioId },
    order: [
      ['createdAt', 'ASC'],
      ['name', 'ASC'],
    ],
  });
  const rooms = await Room.findAll({ where: { studioId }, order: [['createdAt', 'ASC']] });
  const first = ({ id, optionOf }: Room) => optionOf ?? id;
  const listed = rooms
    .filter(({ chosen }) => chosen)
    .map((room) => ({ room, options: rooms.filter((one) => first(one) === first(room)).length }))
    .sort((a, b) => createdOf(a.room) - createdOf(b.room));
  return jobs.map((job) => ({ job, rooms: listed.filter(({ room }) => room.jobId === job.id) }));

  /** An option stands where the room it was made from stood. */
  function createdOf(room: Room): number {
    return (rooms.find(({ id }) => id === first(room)) ?? room).createdAt.getTime();
  }
}

export async function createJob(
  { studioId }: SignedIn,
  name: string,
  unit: LengthUnit,
  step: number,
): Promise<Job> {
  await database();
  return Job.create({ studioId, name: name.trim(), unit, step });
}

/** Adds a room to a job of the studio; the document must have been checked. */
export async function createRoom({ studioId }: SignedIn, job: Job, document: Design): Promise<Room> {
  await database();
  return Room.create({ studioId, jobId: job.id, document });
}

/**
 * Appends edits to a room in one transaction. Edits already known by their id are acknowledged again; with them the base must be
 * the room's revision, else others' edits are told. Every record is validated, and the room must stay one after each edit.
 */
export async function saveEdits(person: SignedIn, roomId: string, body: SaveBody): Promise<SaveOutcome> {
  const sequelize = await database();
  if (!isUuid(roomId)) return { kind: 'missing' };
  return sequelize.transaction(async (transaction): Promise<SaveOutcome> => {
    const where = { id: roomId, studioId: person.studioId };
    const room = await Room.findOne({ where, transaction, lock: transaction.LOCK.UPDATE });
    if (!room) return { kind: 'missing' };
    const known = await knownIds(roomId, body, transaction);
    const fresh = body.edits.filter(({ id }) => !known.has(id));
    if (body.baseRevision + known.size !== room.revision) {
      return {
        kind: 'stale',
        revision: room.revision,
        since: await editsSince(roomId, body.baseRevision, transaction),
      };
    }
    if (fresh.length === 0) return { kind: 'saved', revision: room.revision };
    const accepted = acceptAll(room.document, fresh);
    if (!accepted.ok) return { kind: 'refused', refusal: accepted.refusal, edit: accepted.edit };
    const rows = fresh.map(({ id, action, step, command, args, patch }, index) => ({
      roomId,
      id,
      revision: room.revision + index + 1,
      personId: person.personId,
      action,
      step: step ?? id,
      command: command ?? null,
      args: (args ?? null) as object | null,
      patch: patch as unknown as Patch,
    }));
    await Edit.bulkCreate(rows, { transaction });
    const revision = room.revision + fresh.length;
    await room.update({ document: accepted.document, revision }, { transaction });
    await tellRoom({ of: 'saved', room: roomId, revision }, transaction);
    return { kind: 'saved', revision };
  });
}

type Accepted = { ok: true; document: Design } | { ok: false; refusal: Refusal; edit: string };

/** The document after all edits, or the first refusal, and of which edit: nothing is written before every edit is known to be right. */
function acceptAll(document: Design, edits: SaveBody['edits']): Accepted {
  let current = document;
  for (const { id, patch: changes } of edits) {
    const patch = changes as unknown as Patch;
    const faulty = faultyRecord(patch);
    if (faulty) return { ok: false, refusal: faulty, edit: id };
    const done = executePatch(current, patch);
    if (!done.ok) return { ok: false, refusal: done.refusal, edit: id };
    current = done.value.design;
  }
  return { ok: true, document: current };
}

/** The edits after a revision, oldest first. */
export async function editsSince(
  roomId: string,
  revision: number,
  transaction?: Transaction,
): Promise<KnownEdit[]> {
  const rows = await Edit.findAll({
    where: { roomId, revision: { [Op.gt]: revision } },
    order: [['revision', 'ASC']],
    ...(transaction ? { transaction } : {}),
  });
  const ids = [...new Set(rows.map(({ personId }) => personId))];
  const people = await Person.findAll({
    where: { id: ids },
    attributes: ['id', 'name'],
    ...(transaction ? { transaction } : {}),
  });
  const names = new Map(people.map(({ id, name }) => [id, name]));
  return rows.map(({ id, revision: made, action, step, command, args, label, patch, personId }) => ({
    ...{ id, revision: made, action, step, command, args, label, patch },
    person: { id: personId, name: names.get(personId) ?? '' },
  }));
}

/** The last edits of a room, oldest first, for undo after a reload. */
export function lastEdits(room: Room): Promise<KnownEdit[]> {
  return editsOf(room, Math.max(0, room.revision - REMEMBERED_EDITS));
}

/** The edits that made a room, as it was read, from a revision on: not those that came in since. */
async function editsOf(room: Room, revision: number): Promise<KnownEdit[]> {
  return (await editsSince(room.id, revision)).filter((edit) => edit.revision <= room.revision);
}

/** The document as it was at a revision: the edits since taken back one by one; null for a revision that never was. */
export async function documentAt(room: Room, revision: number): Promise<Design | null> {
  if (!Number.isInteger(revision) || revision < 0 || revision > room.revision) return null;
  let document = room.document;
  for (const { patch } of (await editsOf(room, revision)).reverse()) {
    const applied = applyPatch(document, invertPatch(patch));
    if (!applied.ok) throw new Error(`Revision ${revision} of room ${room.id} can't be read back.`);
    document = applied.value;
  }
  return document;
}

/** What a list of rooms shows of one. */
export function roomName(room: Room): string {
  return roomOf(room.document).name;
}

function faultyRecord(patch: Patch): Refusal | null {
  const faults = patch.flatMap(({ id, after }) =>
    after === null ? [] : recordFaults(id, after, `records.${id}`),
  );
  return faults.length > 0 ? { code: 'design-faulty', data: { faults } } : null;
}

async function knownIds(roomId: string, body: SaveBody, transaction: Transaction): Promise<Set<string>> {
  const rows = await Edit.findAll({
    where: { roomId, id: body.edits.map(({ id }) => id) },
    attributes: ['id'],
    transaction,
  });
  return new Set(rows.map(({ id }) => id));
}

export function isUuid(text: string): boolean {
  return /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i.test(text);
}
