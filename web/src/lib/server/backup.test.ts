import { demoJobs } from 'goodreach/server';
import { execFile } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { mkdtemp, rm, stat } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { promisify } from 'node:util';
import { roomOf } from 'goodreach';
import pg from 'pg';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { closeDatabase, database } from './database';
import { documentAt } from './documents';
import { pastEdits } from './history';
import { Room, SessionRow, StoredFile } from './models';
import { createJob, createRoom } from './rooms';
import { saveEdits } from './saving';
import { signIn, startSession } from './sessions';
import { addStudio, freshDatabase } from './testing/fresh-database';

const run = promisify(execFile);
const script = (name: string) => fileURLToPath(new URL(`../../../../script/${name}`, import.meta.url));
let drop: () => Promise<void>;
let folder: string;
beforeAll(async () => {
  drop = await freshDatabase();
  folder = await mkdtemp(join(tmpdir(), 'goodreach-backup-'));
});
afterAll(async () => {
  await drop();
  await rm(folder, { recursive: true });
});

it('restores into an empty database the same documents, edits, people and files', async () => {
  const ours = await addStudio('Kept');
  const start = demoJobs()[0]!.rooms[0]!;
  const room = await createRoom(ours, await createJob(ours, 'A job', 'mm', 1), start);
  const before = roomOf(start);
  const patch = [{ id: before.id, before, after: { ...before, name: 'Kept room' } }];
  await saveEdits(ours, room.id, { baseRevision: 0, edits: [{ id: randomUUID(), action: 'do', patch }] });
  const bytes = Buffer.from(Array.from({ length: 1_000 }, (_, at) => at % 256));
  const { studioId } = ours;
  await StoredFile.create({ studioId, roomId: room.id, name: 'plan', type: 'image/png', bytes });
  await startSession(ours.personId);
  const at = async (revision: number) => documentAt({ id: room.id, revision: 1 }, revision);
  const kept = [await at(0), await at(1), (await pastEdits(room, 9)).edits];

  const file = join(folder, 'kept.backup');
  const from = process.env['DATABASE_URL']!;
  await run(script('backup'), [file]);
  expect((await stat(file)).mode & 0o077).toBe(0);
  // One that is there is not written over.
  await expect(run(script('backup'), [file])).rejects.toThrow('is there already');
  // What is not empty is left as it is.
  await expect(run(script('restore'), [file])).rejects.toThrow('The database is not empty');

  const url = new URL(from);
  url.pathname = `/restored_${randomUUID().slice(0, 8)}`;
  const name = url.pathname.slice(1);
  const server = new pg.Client({ connectionString: from });
  await server.connect();
  await server.query(`create database ${name}`);
  try {
    await run(script('restore'), [file], { env: { ...process.env, DATABASE_URL: url.href } });
    await closeDatabase();
    process.env['DATABASE_URL'] = url.href;
    await database();
    expect([await at(0), await at(1), (await pastEdits(room, 9)).edits]).toEqual(kept);
    expect((await Room.findByPk(room.id))!.name).toBe('Kept room');
    expect((await StoredFile.findOne({ where: { roomId: room.id } }))!.bytes).toEqual(bytes);
    const outcome = await signIn({ email: ours.email, address: '192.0.2.30' }, ours.password);
    expect(outcome).toMatchObject({ kind: 'signed-in' });
    // Who was signed in before is not any more.
    expect(await SessionRow.count()).toBe(1);
  } finally {
    await closeDatabase();
    process.env['DATABASE_URL'] = from;
    await server.query(`drop database ${name} with (force)`);
    await server.end();
  }
});
