import { readFileSync } from 'node:fs';
import { canonical, must, recordOf, removeThings, roomOf, setRoom, type Design, type Patch } from 'goodreach';
import { acceptDesign } from 'goodreach/server';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { load as loadRoom } from '../../routes/rooms/[room]/+page.server';
import { load as loadStudio } from '../../routes/studio/+page.server';
import { GET as getDesign } from '../../routes/api/rooms/[room]/design.json/+server';
import { GET as getEdits } from '../../routes/api/rooms/[room]/edits/+server';
import { GET as getRevision } from '../../routes/api/rooms/[room]/revisions/[revision]/+server';
import { GET as getModel } from '../../routes/api/rooms/[room]/room.glb/+server';
import { GET as getSheet } from '../../routes/api/rooms/[room]/sheet.pdf/+server';
import { DesignSession } from '../session/design-session.svelte';
import { historyOf, type LocalEdit } from '../session/edits';
import { Person, Room, Studio } from './models';
import { documentAt, documentOf } from './documents';
import { lastEdits } from './history';
import { saveEdits } from './saving';
import type { SignedIn } from './sessions';
import { workHere } from './tasks/roles';
import type { Worker } from './tasks/worker';
import { freshDatabase } from './testing/fresh-database';

/** A studio as the program stored it before an edit named its command, with six edits of one room: never written anew. */
const stored = readFileSync(new URL('./testing/rooms-of-schema-1.sql', import.meta.url), 'utf8');
let drop: () => Promise<void>;
let me: SignedIn;
let rooms: Room[];
let worker: Worker;
const named = (name: string) => rooms.find((room) => room.name === name)!;

beforeAll(async () => {
  drop = await freshDatabase(stored);
  const [person, studio] = [(await Person.findOne())!, (await Studio.findOne())!];
  const { id: personId, name: personName } = person;
  me = { personId, personName, studioId: studio.id, studioName: studio.name };
  rooms = await Room.findAll();
  worker = workHere({ info: () => {}, error: () => {} });
});
afterAll(async () => {
  worker.end();
  await drop();
});

/** Asks a route or page as the browser does. */
// eslint-disable-next-line @typescript-eslint/no-explicit-any -- each has a type of its own, of which this gives what they read
const ask = (of: (event: any) => unknown, params: Record<string, string> = {}, query = '') =>
  of({ locals: { person: me }, params, url: new URL(`http://localhost/${query}`) }) as Promise<unknown>;

describe('rooms stored by an earlier program', () => {
  it('are designs, and are shown on the studio’s page', async () => {
    expect(rooms).toHaveLength(5);
    for (const room of rooms) expect(acceptDesign(await documentOf(room)).ok).toBe(true);
    const { jobs } = (await ask(loadStudio)) as { jobs: { rooms: { name: string; plan: string }[] }[] };
    expect(jobs.flatMap((job) => job.rooms.map(({ name }) => name)).sort()).toEqual(
      ['Galley with bay', 'Hall bath', 'Kitchen', 'Laundry', 'Wet room'].sort(),
    );
  });

  it('are read by every route and by their page, at every revision', async () => {
    for (const room of rooms) {
      const { id, revision } = room;
      const page = (await ask(loadRoom, { room: id })) as { document: Design; edits: unknown[] };
      expect(canonical(page.document)).toBe(canonical(await documentOf(room)));
      expect(page.edits).toHaveLength(revision);
      for (const get of [getDesign, getModel, getSheet])
        expect(((await ask(get, { room: id })) as Response).status).toBe(200);
      for (const show of ['ceiling', 'elevations'])
        expect(((await ask(getSheet, { room: id }, `?show=${show}`)) as Response).status).toBe(200);
    }
    const { id } = named('Kitchen');
    const since = (await ((await ask(getEdits, { room: id }, '?since=2')) as Response).json()) as {
      edits: unknown[];
    };
    expect(since.edits).toHaveLength(4);
    const numbers = [];
    for (let revision = 0; revision <= 6; revision++) {
      const at = (await ask(getRevision, { room: id, revision: String(revision) })) as Response;
      const { document } = (await at.json()) as { document: Design };
      numbers.push([roomOf(document).number ?? null, recordOf(document, 'item', 'filler-3')!.up]);
    }
    const [low, high] = [1371.6, 1397];
    expect(numbers).toEqual([[null, low], ['OR-14', low], ...Array(5).fill(['OR-14', high])]);
  });

  it('have their history: it goes back step by step, each said in its old words, and on from there', async () => {
    const room = named('Kitchen');
    const edits = await lastEdits(room);
    const made: LocalEdit[] = [];
    const session = new DesignSession(await documentOf(room), historyOf(edits, me.personId), (edit) =>
      made.push(edit),
    );
    expect([session.redoLabel, session.undoLabel]).toEqual(['Remove', 'Edit items']);
    session.redo();
    expect(recordOf(session.committed, 'item', 'filler-1')).toBeUndefined();
    session.undo();
    session.undo();
    session.undo();
    expect([session.canUndo, canonical(session.committed)]).toEqual([
      false,
      canonical((await documentAt(room, 0))!),
    ]);
    session.redo();
    session.run(setRoom, { number: 'OR-15' });
    session.run(removeThings, ['filler-2']);
    const saved = await saveEdits(me, room.id, { baseRevision: room.revision, edits: made.map(asSent) });
    expect(saved).toEqual({ kind: 'saved', revision: 6 + made.length });
    const after = await documentOf((await Room.findByPk(room.id))!);
    expect(canonical(after)).toBe(canonical(session.committed));
    expect(roomOf(must(acceptDesign(after))).number).toBe('OR-15');
  });
});

const asSent = ({ patch, ...edit }: LocalEdit) => ({ ...edit, patch: patch as Patch }) as never;
