import { demoJobs } from 'goodreach/server';
import pg from 'pg';
import { QueryTypes } from 'sequelize';
import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import { GET as getModel } from '../../../routes/api/rooms/[room]/room.glb/+server';
import { GET as getPlan } from '../../../routes/api/rooms/[room]/plan.json/+server';
import { GET as getSheet } from '../../../routes/api/rooms/[room]/sheet.pdf/+server';
import { database } from '../database';
import type { Room } from '../models';
import { createJob, createRoom } from '../rooms';
import { addStudio, freshDatabase } from '../testing/fresh-database';
import { ask, type Asked } from './ask';
import { make, type Made } from './kinds';
import { tidy, Worker, type Maker } from './worker';

type Studio = Awaited<ReturnType<typeof addStudio>>;
let drop: () => Promise<void>;
let ours: Studio;
let room: Room;
const quiet = { info: () => {}, error: vi.fn() };
let workers: Worker[] = [];

beforeAll(async () => {
  drop = await freshDatabase();
  ours = await addStudio('Ours');
});
afterAll(() => drop());
beforeEach(async () => {
  room = await createRoom(ours, await createJob(ours, 'A job', 'mm', 1), demoJobs()[0]!.rooms[0]!);
  quiet.error.mockClear();
});
afterEach(() => {
  for (const worker of workers) worker.end();
  workers = [];
});

function work(maker: Maker): Worker {
  const worker = new Worker(maker, quiet);
  workers.push(worker);
  void worker.run();
  return worker;
}
const text = (asked: Asked) => (asked.kind === 'made' ? asked.bytes.toString() : asked.kind);
const saying = (words: string): Made => ({
  ok: true,
  type: 'text/plain',
  bytes: new TextEncoder().encode(words),
});
const rows = async <T extends object>(sql: string) =>
  (await database()).query<T>(sql, { type: QueryTypes.SELECT });
const change = async (sql: string) => void (await (await database()).query(sql));

describe('tasks', () => {
  it('are made once, however many ask at once and afterwards, and anew for the next revision', async () => {
    const maker = vi.fn<Maker>(async (_, document) =>
      saying(Object.keys(document.records).length.toString()),
    );
    work(maker);
    const asked = await Promise.all(Array.from({ length: 8 }, () => ask(room, 'model', {})));
    expect(new Set(asked.map(text))).toEqual(
      new Set([Object.keys(demoJobs()[0]!.rooms[0]!.records).length.toString()]),
    );
    await ask(room, 'model', {});
    expect(maker).toHaveBeenCalledTimes(1);
    await ask(room, 'plan', {});
    expect(maker).toHaveBeenCalledTimes(2);
  });

  it('draw a plan for a list without its chains, or with them to be compared', async () => {
    const drawn = async (input: { chains?: true }) => {
      const made = await make('plan', demoJobs()[0]!.rooms[0]!, input);
      return JSON.parse(made.ok ? new TextDecoder().decode(made.bytes) : '{}') as {
        plan: string;
        area: string;
      };
    };
    const [listed, compared] = [await drawn({}), await drawn({ chains: true })];
    expect(compared.area).toBe(listed.area);
    const texts = ({ plan }: { plan: string }) =>
      [...plan.matchAll(/<text[^>]*>([^<]*)</g)].map(([, said]) => said);
    expect(texts(listed).filter((said) => /^\d{3,}$/.test(said!))).toEqual([]);
    expect(texts(compared).filter((said) => /^\d{3,}$/.test(said!)).length).toBeGreaterThan(10);
  });

  it('that nobody makes in time go on, and are there when they are asked for again', async () => {
    expect(await ask(room, 'model', {}, { patience: 50 })).toEqual({ kind: 'slow' });
    work(async () => saying('late'));
    expect(text(await ask(room, 'model', {}))).toBe('late');
  });

  it('are taken by urgency, then by age', async () => {
    const later: [Room, boolean][] = [];
    for (const urgent of [false, true, false, true])
      later.push([
        await createRoom(ours, await createJob(ours, 'J', 'mm', 1), demoJobs()[0]!.rooms[0]!),
        urgent,
      ]);
    for (const [one, urgent] of later) await ask(one, 'model', {}, { urgent, patience: 0 });
    const made: string[] = [];
    const { resolve, promise } = deferred();
    work(async () => {
      const [running] = await rows<{ room: string }>(
        `select room_id as room from tasks where attempts = 1 and state = 'waiting'`,
      );
      made.push(running!.room);
      if (made.length === 4) resolve(null);
      return saying('');
    });
    await promise;
    expect(made).toEqual([1, 3, 0, 2].map((at) => later[at]![0].id));
  });

  it('of a worker whose connection ends are taken by another at once', async () => {
    let begun = 0;
    const never = new Promise<Made>(() => {});
    work(() => {
      begun += 1;
      return never;
    });
    const asked = ask(room, 'model', {});
    await vi.waitFor(() => expect(begun).toBe(1), 60_000);
    work(async () => saying('by the other'));
    // As long as the first lives, nobody else is at it.
    await new Promise((resolve) => setTimeout(resolve, 300));
    expect((await rows(`select from tasks where state = 'waiting' and attempts = 1`)).length).toBe(1);
    const other = new pg.Client({ connectionString: process.env['DATABASE_URL'] });
    await other.connect();
    await other.query(
      `select pg_terminate_backend(pid) from pg_stat_activity where application_name = 'goodreach worker' and
       pid in (select pid from pg_locks where locktype = 'advisory')`,
    );
    await other.end();
    expect(text(await asked)).toBe('by the other');
  });

  it('that take down three workers are given up, and can be asked for again', async () => {
    expect(await ask(room, 'model', {}, { patience: 0 })).toEqual({ kind: 'slow' });
    await change(`update tasks set attempts = 3 where room_id = '${room.id}'`);
    work(async () => saying('made'));
    expect(await ask(room, 'model', {})).toEqual({ kind: 'failed' });
    expect(await ask(room, 'model', {})).toEqual({ kind: 'failed' });
    await change(`update tasks set done_at = now() - interval '11 seconds' where room_id = '${room.id}'`);
    expect(text(await ask(room, 'model', {}))).toBe('made');
  });

  it('that fail say so, and the log says why', async () => {
    work(async () => {
      throw new Error('broken');
    });
    expect(await ask(room, 'model', {})).toEqual({ kind: 'failed' });
    expect(String(quiet.error.mock.calls[0]![0].err)).toContain('broken');
  });

  it('of one studio are not more than it has use for; others’ go on', async () => {
    const theirs = await addStudio(`Theirs${Date.now()}`);
    const other = await createRoom(theirs, await createJob(theirs, 'J', 'mm', 1), demoJobs()[0]!.rooms[0]!);
    await change(`insert into tasks (key, room_id, revision, kind, input, urgent)
      select 'many ' || n, '${room.id}', 0, 'model', '{}', true from generate_series(1, 60) n`);
    expect(await ask(room, 'plan', {}, { patience: 0 })).toEqual({ kind: 'crowded' });
    expect(await ask(room, 'model', {}, { patience: 0, urgent: false })).toEqual({ kind: 'slow' });
    expect(await ask(other, 'plan', {}, { patience: 0 })).toEqual({ kind: 'slow' });
    await change(`delete from tasks where key = 'many 60'`);
    expect(await ask(room, 'plan', {}, { patience: 0 })).toEqual({ kind: 'slow' });
    await change(`delete from tasks`);
  });

  it('are tidied up: files after an hour, plans once there is a newer one', async () => {
    await change('delete from tasks');
    const add = (key: string, kind: string, revision: number, state: string, ago: string) =>
      change(`insert into tasks (key, room_id, revision, kind, input, urgent, state, done_at)
        values ('${key}', '${room.id}', ${revision}, '${kind}', '{}', false, '${state}', now() - interval '${ago}')`);
    await add('old file', 'sheet', 1, 'done', '61 minutes');
    await add('file', 'sheet', 1, 'done', '59 minutes');
    await add('waiting', 'sheet', 1, 'waiting', '2 hours');
    await add('old plan', 'plan', 1, 'done', '2 hours');
    await add('plan', 'plan', 2, 'done', '2 hours');
    await tidy();
    const left = await rows<{ key: string }>('select key from tasks order by key');
    expect(left.map(({ key }) => key)).toEqual(['file', 'plan', 'waiting']);
    await change('delete from tasks');
  });
});

describe('the routes', () => {
  // eslint-disable-next-line @typescript-eslint/no-explicit-any -- each has a type of its own
  const get = (of: (event: any) => unknown, query = '', id = room.id) =>
    of({
      locals: { person: ours },
      params: { room: id },
      url: new URL(`http://localhost/${query}`),
    }) as Promise<Response>;

  it('give what was made, as what it is', async () => {
    work(make);
    const pdf = await get(getSheet, '?scale=50');
    expect([pdf.status, pdf.headers.get('content-type')]).toEqual([200, 'application/pdf']);
    expect(pdf.headers.get('content-disposition')).toMatch(/^inline; filename="a-job-.*-r0\.pdf"$/);
    expect(
      Buffer.from(await pdf.arrayBuffer())
        .subarray(0, 5)
        .toString(),
    ).toBe('%PDF-');
    const model = await get(getModel);
    expect(
      Buffer.from(await model.arrayBuffer())
        .subarray(0, 4)
        .toString(),
    ).toBe('glTF');
    const plan = await get(getPlan, '?revision=0');
    expect(plan.headers.get('cache-control')).toContain('immutable');
    const { plan: svg, area } = (await plan.json()) as { plan: string; area: string };
    expect([svg.startsWith('<svg'), area]).toEqual([true, expect.stringMatching(/m²|sq ft/)]);
    expect((await get(getPlan)).headers.get('cache-control')).toContain('no-store');
  });

  it('say why a drawing can’t be made', async () => {
    work(make);
    const answer = await get(getSheet, '?page=A4&scale=10');
    expect([answer.status, (await answer.json()) as object]).toMatchObject([
      422,
      { message: expect.any(String) },
    ]);
  });

  it('say when it takes longer, and when a studio asks for too much', async () => {
    await change(`insert into tasks (key, room_id, revision, kind, input, urgent)
      select 'many ' || n, '${room.id}', 0, 'model', '{}', true from generate_series(1, 60) n`);
    const crowded = await get(getModel);
    expect([crowded.status, crowded.headers.get('retry-after')]).toEqual([429, '10']);
    await change('delete from tasks');
  });
});

function deferred() {
  let resolve: (value: unknown) => void = () => {};
  const promise = new Promise((done) => (resolve = done));
  return { resolve, promise };
}
