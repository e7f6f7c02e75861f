import pg from 'pg';
import { afterEach, beforeAll, afterAll, expect, it } from 'vitest';
import { demoJobs } from 'goodreach/server';
import { closeDatabase, database, openDatabase } from './database';
import { Room } from './models';
import { chooseOption } from './options';
import { createJob, createRoom, findRoom } from './rooms';
import { isUnavailable } from './unavailable';
import { addStudio, freshDatabase } from './testing/fresh-database';

let drop: () => Promise<void>;
beforeAll(async () => {
  process.env['DATABASE_LOCK_TIMEOUT'] = '300';
  process.env['DATABASE_STATEMENT_TIMEOUT'] = '800';
  process.env['DATABASE_POOL'] = '3';
  drop = await freshDatabase();
});
afterAll(async () => {
  await drop();
  for (const name of ['LOCK_TIMEOUT', 'STATEMENT_TIMEOUT', 'POOL']) delete process.env[`DATABASE_${name}`];
});

const failure = (work: Promise<unknown>) =>
  work.then(
    () => null,
    (error: unknown) => error,
  );

it('is what waits too long for a lock somebody holds, while everybody else is served', async () => {
  const me = await addStudio('Locked');
  const job = await createJob(me, 'A job', 'mm', 1);
  const [locked, other] = [
    await createRoom(me, job, demoJobs()[0]!.rooms[0]!),
    await createRoom(me, job, demoJobs()[0]!.rooms[0]!),
  ];
  const holder = new pg.Client({ connectionString: process.env['DATABASE_URL'] });
  await holder.connect();
  await holder.query('begin');
  await holder.query('select from rooms where id = $1 for update', [locked.id]);
  // As many as there are connections wait for it, and more.
  const waiting = Array.from({ length: 6 }, () => failure(chooseOption(me, locked.id)));
  const start = performance.now();
  expect(await chooseOption(me, other.id)).toBe(true);
  expect(performance.now() - start).toBeLessThan(1_500);
  for (const error of await Promise.all(waiting)) expect(isUnavailable(error)).toBe(true);
  await holder.query('rollback');
  await holder.end();
  expect(await chooseOption(me, locked.id)).toBe(true);
});

it('is what takes too long, and a transaction that is left open', async () => {
  const sequelize = await database();
  expect(isUnavailable(await failure(sequelize.query('select pg_sleep(3)')))).toBe(true);
  expect(isUnavailable(await failure(sequelize.query('select no_such_column')))).toBe(false);
});

it('is a database that is not there; asked again, it is opened again', async () => {
  const url = process.env['DATABASE_URL']!;
  await closeDatabase();
  const gone = new URL(url);
  gone.port = '1';
  process.env['DATABASE_URL'] = gone.href;
  for (let tries = 0; tries < 2; tries++) expect(isUnavailable(await failure(database()))).toBe(true);
  process.env['DATABASE_URL'] = url;
  const me = await addStudio('Back').catch(async () => {
    await database();
    return addStudio('Back');
  });
  expect(await findRoom(me, 'ffffffff-ffff-4fff-8fff-ffffffffffff')).toBeNull();
  expect(await Room.count()).toBe(2);
});

afterEach(() => delete process.env['DATABASE_ACQUIRE_TIMEOUT']);

it.each(['0', '-1', '1.5', 'ten'])('says which setting is wrong: %s', async (text) => {
  process.env['DATABASE_ACQUIRE_TIMEOUT'] = text;
  const error = await failure(openDatabase(process.env['DATABASE_URL']!));
  expect(String(error)).toContain(`DATABASE_ACQUIRE_TIMEOUT is "${text}"`);
  expect(isUnavailable(error)).toBe(false);
});

it.each([
  [{ code: 'ECONNREFUSED' }, true],
  [{ code: '08006' }, true],
  [{ code: '57P01' }, true],
  [{ code: '23505' }, false],
  [{ code: 'ENOENT' }, false],
  [{}, false],
])('is told by its code: %o', (fields, is) => {
  expect(isUnavailable(Object.assign(new Error('x'), fields))).toBe(is);
  expect(isUnavailable(fields)).toBe(false);
});
