import {
  canonical,
  executePatch,
  roomOf,
  type Design,
  type KnownEdit,
  type Patch,
  type Refusal,
} from 'goodreach';
import { recordFaults } from 'goodreach/server';
import { QueryTypes, UniqueConstraintError } from 'sequelize';
import type { EditBody, SaveBody } from './bodies';
import { database } from './database';
import { documentAt, keepDocument, KEPT_EVERY, knowHead, knownHead, type Head } from './documents';
import { editsSince } from './history';
import { CHANNEL, type Told } from './live';
import { Edit } from './models';
import { isUuid } from './rooms';
import type { SignedIn } from './sessions';

/** How a save ended: accepted at a revision, in conflict with edits since, refused, or for a room that is not there. */
export type SaveOutcome =
  | { kind: 'saved'; revision: number }
  | { kind: 'stale'; revision: number; since: KnownEdit[] }
  | { kind: 'refused'; refusal: Refusal; edit: string }
  /** An edit goes by the id of another that is saved. */
  | { kind: 'reused'; edit: string }
  | { kind: 'missing' };

/** So often at most it is looked what stands and tried anew: where others save in between, the second look finds the save stale. */
const MOST_TRIES = 5;

/**
 * Appends edits to a room, all or none. Edits already known by their id are acknowledged again; with them the base must be the
 * room's revision, else others' edits are told. Every record is validated, and the room must stay one after each edit.
 */
export async function saveEdits(person: SignedIn, roomId: string, sent: SaveBody): Promise<SaveOutcome> {
  await database();
  const body = withIdsAsKept(sent);
  if (!isUuid(roomId)) return { kind: 'missing' };
  // Mostly this process knows the room as the page does: then a save is a single statement, and what stands is looked up only where that finds it changed.
  const known = knownHead(roomId);
  if (known?.revision === body.baseRevision) {
    const outcome = await append(person, roomId, known, body.edits);
    if (outcome?.kind === 'saved') return outcome;
  }
  for (let tries = 0; tries < MOST_TRIES; tries++) {
    const room = await standing(person, roomId, body);
    if (!room) return { kind: 'missing' };
    const { revision } = room;
    const fresh = body.edits.filter(({ id }) => !room.known.includes(id));
    if (body.baseRevision + room.known.length !== revision) {
      const since = await editsSince(roomId, body.baseRevision);
      return { kind: 'stale', revision: since.at(-1)?.revision ?? revision, since };
    }
    const reused = await otherBy(roomId, body, room.known);
    if (reused !== undefined) return { kind: 'reused', edit: reused };
    if (fresh.length === 0) return { kind: 'saved', revision };
    const document = (await documentAt({ id: roomId, revision }, revision))!;
    const outcome = await append(person, roomId, { revision, document }, fresh);
    if (outcome) return outcome;
  }
  throw new Error(`Room ${roomId} went on ${MOST_TRIES} times while a save was tried.`);
}

/** A save with its edits by their ids as the database writes them. */
function withIdsAsKept({ edits, baseRevision }: SaveBody): SaveBody {
  const kept = ({ id, step, ...edit }: EditBody): EditBody => ({
    ...edit,
    id: id.toLowerCase(),
    ...(step && { step: step.toLowerCase() }),
  });
  return { baseRevision, edits: edits.map(kept) };
}

/** The revision a room is at, and which edits of a save it knows already: both at one moment; undefined where it is not the studio's. */
async function standing(
  { studioId }: SignedIn,
  roomId: string,
  body: SaveBody,
): Promise<{ revision: number; known: string[] } | undefined> {
  const sequelize = await database();
  const [room] = await sequelize.query<{ revision: number; known: string[] }>(STANDING, {
    bind: [roomId, studioId, body.edits.map(({ id }) => id)],
    type: QueryTypes.SELECT,
  });
  return room;
}

const STANDING = `
  select revision, array(select id::text from edits where room_id = $1 and id = any($3::uuid[])) as known
  from rooms where id = $1 and studio_id = $2 and removed_at is null`;

/** The first of the edits known by their id that is another than the one saved under it. */
async function otherBy(
  roomId: string,
  body: SaveBody,
  known: readonly string[],
): Promise<string | undefined> {
  if (known.length === 0) return undefined;
  const saved = await Edit.findAll({ where: { roomId, id: known }, attributes: ['id', 'action', 'patch'] });
  const said = ({ action, patch }: Pick<Edit, 'action'> & { patch: unknown }) => canonical({ action, patch });
  const savedAs = new Map(saved.map((edit) => [edit.id, said(edit)]));
  return body.edits.find((edit) => savedAs.has(edit.id) && savedAs.get(edit.id) !== said(edit))?.id;
}

/** Writes edits where the room is still at that revision, and tells those at work in it; null where it is not, or knows one of the edits. */
async function append(
  { personId, studioId }: SignedIn,
  roomId: string,
  head: Head,
  edits: readonly EditBody[],
): Promise<SaveOutcome | null> {
  const accepted = await acceptAll(head.document, edits);
  if (!accepted.ok) return { kind: 'refused', refusal: accepted.refusal, edit: accepted.edit };
  const { document } = accepted;
  const revision = head.revision + edits.length;
  const rows = edits.map(({ id, action, step, command, args, patch }, index) => ({
    ...{ id, action, step: step ?? id, command, args, patch },
    revision: head.revision + index + 1,
  }));
  const told: Told = { of: 'saved', room: roomId, revision };
  const values = [
    ...[roomId, studioId, personId, head.revision, revision, roomOf(document).name],
    ...[JSON.stringify(rows), CHANNEL, JSON.stringify(told)],
  ];
  try {
    const written = await (await database()).query(APPEND, { bind: values, type: QueryTypes.SELECT });
    if (written.length === 0) return null;
  } catch (error) {
    if (error instanceof UniqueConstraintError) return null;
    throw error;
  }
  knowHead(roomId, { revision, document });
  if (Math.floor(revision / KEPT_EVERY) > Math.floor(head.revision / KEPT_EVERY))
    keepDocument(roomId, { revision, document });
  return { kind: 'saved', revision };
}

const APPEND = `
  with room as (
    update rooms set revision = $5, name = $6, updated_at = now()
    where id = $1 and studio_id = $2 and revision = $4 and removed_at is null
    returning id
  ), made as (
    insert into edits (room_id, id, revision, person_id, action, step, command, args, patch)
    select room.id, one.id, one.revision, $3, one.action, one.step, one.command, one.args, one.patch
    from room, jsonb_to_recordset($7::jsonb) as one
      (id uuid, revision integer, action text, step uuid, command text, args jsonb, patch jsonb)
  )
  select pg_notify($8, $9) from room`;

/** So long at most is worked on one save before others have their turn, ms. */
const AT_ONCE = 10;

/** The turns of work that takes a while: others are answered in between. */
class Turns {
  #since = performance.now();

  /** Lets others have their turn where this one has had its own. */
  async share(): Promise<void> {
    if (performance.now() - this.#since < AT_ONCE) return;
    await new Promise(setImmediate);
    this.#since = performance.now();
  }
}

type Accepted = { ok: true; document: Design } | { ok: false; refusal: Refusal; edit: string };

/** The document after all edits, or the first refusal, and of which edit: nothing is written before every edit is known to be right. */
async function acceptAll(document: Design, edits: readonly EditBody[]): Promise<Accepted> {
  let current = document;
  const turns = new Turns();
  for (const { id, patch: changes } of edits) {
    const patch = changes as unknown as Patch;
    const faulty = await faultyRecord(patch, turns);
    if (faulty) return { ok: false, refusal: faulty, edit: id };
    const done = executePatch(current, patch);
    if (!done.ok) return { ok: false, refusal: done.refusal, edit: id };
    current = done.value.design;
    await turns.share();
  }
  return { ok: true, document: current };
}

/** So many faults at most are told of one edit. */
const MOST_FAULTS = 100;

async function faultyRecord(patch: Patch, turns: Turns): Promise<Refusal | null> {
  const faults: ReturnType<typeof recordFaults> = [];
  for (const { id, after } of patch) {
    if (after !== null) faults.push(...recordFaults(id, after, `records.${id}`));
    if (faults.length >= MOST_FAULTS) break;
    await turns.share();
  }
  return faults.length > 0 ? { code: 'design-faulty', data: { faults: faults.slice(0, MOST_FAULTS) } } : null;
}
