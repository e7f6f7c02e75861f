import {
  bringBack,
  execute,
  setRoom,
  type CommandId,
  type Design,
  type Executed,
  type Result,
} from 'goodreach';
import { randomUUID } from 'node:crypto';
import { documentAt, documentOf } from './documents';
import { findRoom } from './rooms';
import { saveEdits, type SaveOutcome } from './saving';
import type { SignedIn } from './sessions';

/** So often an edit is made anew where others save in between. */
const MOST_TRIES = 5;

/** What is done to a room outside its page, as the edit that its history keeps. */
interface Change {
  command: CommandId;
  args: object;
  done: Result<Executed>;
}

/** Gives a room another name; whoever is at work in it hears of it like of any edit. */
export function renameRoom(person: SignedIn, roomId: string, name: string): Promise<SaveOutcome> {
  return change(person, roomId, (document) => {
    const args = { name: name.trim() };
    return { command: 'set-room', args, done: execute(setRoom, document, args) };
  });
}

/** Makes a room what it was at one of its revisions, by one more edit. */
export async function bringBackRevision(
  person: SignedIn,
  roomId: string,
  revision: number,
): Promise<SaveOutcome | { kind: 'never' }> {
  const room = await findRoom(person, roomId);
  if (!room) return { kind: 'missing' };
  const design = await documentAt(room, revision);
  if (!design) return { kind: 'never' };
  return change(person, roomId, (document) => {
    const done = execute(bringBack, document, { revision, design });
    return { command: 'bring-back', args: { revision }, done };
  });
}

async function change(
  person: SignedIn,
  roomId: string,
  make: (document: Design) => Change,
): Promise<SaveOutcome> {
  for (let tries = 1; ; tries++) {
    const room = await findRoom(person, roomId);
    if (!room) return { kind: 'missing' };
    const { command, args, done } = make(await documentOf(room));
    const id = randomUUID();
    if (!done.ok) return { kind: 'refused', refusal: done.refusal, edit: id };
    const patch = [...done.value.patch];
    if (patch.length === 0) return { kind: 'saved', revision: room.revision };
    const edit = { ...{ id, action: 'do' as const, command, args }, patch };
    const outcome = await saveEdits(person, roomId, { baseRevision: room.revision, edits: [edit] });
    if (outcome.kind !== 'stale' || tries === MOST_TRIES) return outcome;
  }
}
