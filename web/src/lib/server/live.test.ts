import { roomOf } from 'goodreach';
import { demoJobs } from 'goodreach/server';
import { randomUUID } from 'node:crypto';
import pg from 'pg';
import { afterAll, beforeAll, expect, it, vi } from 'vitest';
import { choose, join, tellRoom, type Told } from './live';
import { addStudio, freshDatabase } from './testing/fresh-database';
import type { SaveBody } from './bodies';
import { createJob, createRoom } from './rooms';
import { saveEdits } from './saving';

let drop: () => Promise<void>;
beforeAll(async () => {
  drop = await freshDatabase();
  await addStudio('Ours');
});
afterAll(() => drop());

/** Waits until something holds, however busy the machine is. */
const seen = (holds: () => void) => vi.waitFor(holds, 60_000);

async function come(room: string, name: string) {
  const heard: Told[] = [];
  const person = { id: randomUUID(), name };
  const tab = randomUUID();
  const { leave } = await join({
    room,
    tab,
    person,
    chosen: [],
    send: (told) => heard.push(told),
    end: () => {},
  });
  return { heard, leave, person, tab, of: (of: Told['of']) => heard.filter((told) => told.of === of) };
}

it('tells those in a room who is there, what they choose, and when they go, and those elsewhere nothing', async () => {
  const room = randomUUID();
  const ann = await come(room, 'Ann');
  const elsewhere = await come(randomUUID(), 'Zoe');
  const bob = await come(room, 'Bob');
  await seen(() =>
    expect(new Set(bob.of('here').map((told) => told.of === 'here' && told.person.name))).toEqual(
      new Set(['Ann', 'Bob']),
    ),
  );
  await choose(room, { tab: ann.tab, person: ann.person, chosen: ['item-1'] });
  await seen(() => expect(bob.of('here').at(-1)).toMatchObject({ tab: ann.tab, chosen: ['item-1'] }));
  // Who comes later hears what was chosen before.
  const cid = await come(room, 'Cid');
  await seen(() =>
    expect(cid.of('here')).toContainEqual(expect.objectContaining({ tab: ann.tab, chosen: ['item-1'] })),
  );
  ann.leave();
  await seen(() => expect(bob.of('gone')).toEqual([{ of: 'gone', room, tab: ann.tab }]));
  expect(elsewhere.heard.filter(({ room: told }) => told === room)).toEqual([]);
});

it('tells what is saved, and nothing of what is not', async () => {
  const me = await addStudio('Live');
  const room = await createRoom(me, await createJob(me, 'A job', 'mm', 1), demoJobs()[0]!.rooms[0]!);
  const ann = await come(room.id, 'Ann');
  const save = (baseRevision: number, name: string, before = roomOf(demoJobs()[0]!.rooms[0]!)) => {
    const patch = [{ id: 'room', before, after: { ...before, name } }];
    const edits = [{ id: randomUUID(), action: 'do', patch }] as unknown as SaveBody['edits'];
    return saveEdits(me, room.id, { baseRevision, edits });
  };
  expect(await save(0, 'One')).toMatchObject({ kind: 'saved' });
  expect(await save(0, 'Two')).toMatchObject({ kind: 'stale' });
  expect(await save(1, 'Three')).toMatchObject({ kind: 'refused' });
  await tellRoom({ of: 'saved', room: room.id, revision: 7 });
  await seen(() =>
    expect(ann.of('saved').map((told) => 'revision' in told && told.revision)).toEqual([1, 7]),
  );
});

it('hears again after its connection was lost, and asks those who are there to look', async () => {
  const room = randomUUID();
  const ann = await come(room, 'Ann');
  const other = new pg.Client({ connectionString: process.env['DATABASE_URL'] });
  await other.connect();
  await other.query(`select pg_terminate_backend(pid) from pg_stat_activity where query like 'listen %'`);
  await seen(() => expect(ann.of('lost').length).toBe(1));
  await tellRoom({ of: 'saved', room, revision: 7 });
  await seen(() => expect(ann.of('saved').at(-1)).toMatchObject({ revision: 7 }));
  await other.end();
});

it('goes on trying to listen as long as anyone is here', async () => {
  const room = randomUUID();
  const ann = await come(room, 'Ann');
  const right = process.env['DATABASE_URL']!;
  const other = new pg.Client({ connectionString: right });
  await other.connect();
  // The first tries find no database there.
  process.env['DATABASE_URL'] = right.replace(/:\d+\//, ':9/');
  await other.query(`select pg_terminate_backend(pid) from pg_stat_activity where query like 'listen %'`);
  await new Promise((resolve) => setTimeout(resolve, 2_500));
  expect(ann.of('lost')).toEqual([]);
  process.env['DATABASE_URL'] = right;
  await seen(() => expect(ann.of('lost').length).toBe(1));
  ann.leave();
  await other.end();
});

it('tells what is chosen only as far as it goes into one message', async () => {
  const room = randomUUID();
  const ann = await come(room, 'Ann');
  const chosen = Array.from({ length: 50 }, (_, index) => `${index}`.padEnd(64, 'x'));
  await choose(room, { tab: ann.tab, person: ann.person, chosen });
  await seen(() => expect(ann.of('here').at(-1)).toMatchObject({ chosen: [] }));
});
