import { error, json } from '@sveltejs/kit';
import {
  readJson as readJsonText,
  refusalText,
  sayReason,
  type LengthStyle,
  type Refusal,
  type SheetStyle,
} from 'goodreach';
import { limitedBody } from './limited';
import { findIssue } from './issues';
import type { Issue, Job, Room, StoredFile } from './models';
import { findJob, findRoom } from './rooms';
import { findSheetStyle } from './sheet-styles';
import type { SaveOutcome } from './saving';
import type { SignedIn } from './sessions';
import { countUpload, MOST_UPLOADS } from './sign-in-brake';

/** The largest JSON body read, bytes; the server's own limit stands above it so that the answer is ours. */
export const MOST_BODY = 6_000_000;

/** The signed-in person, or a 401. */
export function requirePerson(locals: App.Locals): SignedIn {
  if (!locals.person) error(401, { message: 'Sign in first.' });
  return locals.person;
}

const NO_ROOM = 'This room is not in your studio, or it was removed.';

/** A template of the studio, where one is asked for by its id; a 404 where there is none. */
export async function requireSheetStyle(locals: App.Locals, id: string | null): Promise<SheetStyle | null> {
  if (!id) return null;
  const style = await findSheetStyle(requirePerson(locals), id);
  if (!style) error(404, { message: 'This template is not in your studio. Choose another.' });
  return style;
}

/** A job of the studio of the signed-in person, or a 404. */
export async function requireJob(locals: App.Locals, id: string): Promise<Job> {
  const job = await findJob(requirePerson(locals), id);
  if (!job) error(404, { message: 'This job is not in your studio, or it was removed.' });
  return job;
}

/** A room of the studio of the signed-in person, or a 404. */
export async function requireRoom(locals: App.Locals, id: string): Promise<Room> {
  const room = await findRoom(requirePerson(locals), id);
  if (!room) error(404, { message: NO_ROOM });
  return room;
}

/** An issue of a room of the studio of the signed-in person, or a 404. */
export async function requireIssue(
  locals: App.Locals,
  id: string,
  number: string,
): Promise<{ room: Room; issue: Issue }> {
  const room = await requireRoom(locals, id);
  const issue = await findIssue(room, number);
  if (!issue) error(404, { message: `This room has no issue ${number}.` });
  return { room, issue };
}

/** The revision of a room that an address asks for by `?revision=`, the newest where it asks for none; a 404 for one that never was. */
export function revisionAsked(url: URL, { revision: last }: Pick<Room, 'revision'>): number {
  const asked = url.searchParams.get('revision');
  const revision = asked === null ? last : Number(asked);
  if (asked === '' || !Number.isInteger(revision) || revision < 0 || revision > last)
    error(404, { message: `This room has revisions 0 to ${last}; there is no ${asked}.` });
  return revision;
}

/** The body as JSON, each key once in its object; a 400 says why it can't be read, a 413 that it is too large. */
export async function readJson(request: Request): Promise<unknown> {
  const text = decoded(await limitedBody(request, MOST_BODY, tooLarge));
  if (text === null) error(400, { message: 'The body is not UTF-8. Send application/json in UTF-8.' });
  const read = readJsonText(text);
  if (!read.ok) {
    const reason = read.refusal.code === 'design-not-json' ? ` (${sayReason(read.refusal.data.reason)})` : '';
    error(400, { message: `The body is not sound JSON${reason}. Send application/json.` });
  }
  return read.value;
}

/** What some bytes say in UTF-8; null where they are none, rather than something else put for it. */
function decoded(bytes: Uint8Array): string | null {
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return null;
  }
}

/** A refusal as an answer: 422 with its code, data and sentence, and what else is to be said of it. */
export function refused(refusal: Refusal, more: { style?: LengthStyle; edit?: string } = {}): Response {
  const { style, ...rest } = more;
  return json(
    { code: refusal.code, data: refusal.data, message: refusalText(refusal, style), ...rest },
    { status: 422 },
  );
}

/** What became of an edit that the server made: the revision it led to, or why there is none. */
export function changed(outcome: SaveOutcome): Response {
  switch (outcome.kind) {
    case 'saved':
      return json({ revision: outcome.revision });
    case 'refused':
      return refused(outcome.refusal);
    case 'missing':
      return json({ message: NO_ROOM }, { status: 404 });
    case 'reused':
    case 'stale':
      return json({ message: 'Others are changing this room at this moment. Try again.' }, { status: 409 });
  }
}

/** Faults of a body as an answer: 400 with each path and message. */
export function faulty(faults: { path: string; message: string }[]): Response {
  const message = faults
    .map((fault) => (fault.path ? `${fault.path}: ${fault.message}` : fault.message))
    .join(' ');
  return json({ code: 'body', data: { faults }, message }, { status: 400 });
}

/** A stored file: it never changes, and nothing in it is run, an SVG is sealed off. */
export function fileAnswer({ bytes, type }: Pick<StoredFile, 'bytes' | 'type'>): Response {
  return new Response(bytes as Uint8Array<ArrayBuffer>, {
    headers: {
      'content-type': type,
      'content-security-policy': "default-src 'none'; style-src 'unsafe-inline'; sandbox",
      'x-content-type-options': 'nosniff',
      'cache-control': 'private, max-age=31536000, immutable',
    },
  });
}

/** Counts a file that a person sends; a 429 where those are too many within an hour. */
export async function brakeUpload({ personId }: SignedIn): Promise<void> {
  const seconds = await countUpload(personId);
  if (seconds > 0)
    error(429, {
      message: `You have sent ${MOST_UPLOADS} files within an hour. Wait ${Math.ceil(seconds / 60)} minutes.`,
    });
}

/** A file name made of words a person typed. */
export function fileName(words: string, ending: string): string {
  const plain = words
    .normalize('NFKD')
    .replace(/[^\w\s-]/g, '')
    .trim()
    .replace(/\s+/g, '-')
    .toLowerCase();
  return `${plain || 'room'}.${ending}`;
}

function tooLarge(bytes: number): string {
  return `The file is ${(bytes / 1e6).toFixed(1)} MB; a design has at most ${MOST_BODY / 1e6} MB. Choose a design file.`;
}
