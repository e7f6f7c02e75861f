import { demoJobs } from 'goodreach/server';
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { roomOf } from 'goodreach';
import { bringBackRevision, renameRoom } from './changes';
import { copyJob, copyName, copyRoom, MOST_COPIED } from './copies';
import { database } from './database';
import { documentOf } from './documents';
import { findFile } from './files';
import { pastEdits } from './history';
import { JOBS_LISTED, listJobs, ROOMS_LISTED, ROOMS_OF_ONE } from './listing';
import { Job, Room, StoredFile } from './models';
import { addOption } from './options';
import { KEPT_DAYS, listRemoved, purgeRemoved, remove, takeBack } from './removed';
import { createJob, createRoom, findJob, findRoom } from './rooms';
import { saveEdits } from './saving';
import { addStudio, freshDatabase } from './testing/fresh-database';

type Studio = Awaited<ReturnType<typeof addStudio>>;
let drop: () => Promise<void>;
let ours: Studio;
let job: Job;
let room: Room;
const start = demoJobs()[0]!.rooms.find((one) => roomOf(one).name === 'Galley with bay')!;
const all = { page: 1, find: '', job: null };

beforeAll(async () => {
  drop = await freshDatabase();
});
afterAll(() => drop());
beforeEach(async () => {
  ours = await addStudio(`Studio ${randomUUID()}`);
  job = await createJob(ours, 'Harbour house', 'mm', 1);
  room = await createRoom(ours, job, start);
});

const rename = (name: string) => {
  const before = roomOf(start);
  const patch = [{ id: before.id, before, after: { ...before, name } }];
  return { baseRevision: 0, edits: [{ id: randomUUID(), action: 'do' as const, patch }] };
};
const names = async (asked: Partial<typeof all> = {}) =>
  (await listJobs(ours, { ...all, ...asked })).jobs.map(({ name, rooms }) => [
    name,
    rooms.map((one) => one.name),
  ]);

describe('what is removed', () => {
  it('is not there, takes no edits, and is there again when it is taken back', async () => {
    const option = (await addOption(ours, room.id))!;
    expect(await remove(ours, 'room', option.id)).toBe(true);
    for (const id of [room.id, option.id]) expect(await findRoom(ours, id)).toBeNull();
    expect(await saveEdits(ours, room.id, rename('Late'))).toEqual({ kind: 'missing' });
    expect(await names()).toEqual([['Harbour house', []]]);
    expect(await remove(ours, 'room', room.id)).toBe(false);
    expect(await listRemoved(ours)).toMatchObject([{ of: 'room', name: 'Galley with bay', job: job.name }]);
    expect(await takeBack(ours, 'room', room.id)).toBe(true);
    expect(await takeBack(ours, 'room', room.id)).toBe(false);
    expect((await findRoom(ours, option.id))?.option).toBe('B');
    expect(await saveEdits(ours, room.id, rename('Back'))).toEqual({ kind: 'saved', revision: 1 });
  });

  it('is a job with the rooms it has, and none that went before it', async () => {
    const other = await createRoom(ours, job, start);
    await remove(ours, 'room', other.id);
    expect(await remove(ours, 'job', job.id)).toBe(true);
    expect([await findJob(ours, job.id), await findRoom(ours, room.id)]).toEqual([null, null]);
    expect((await listRemoved(ours)).map(({ of, name }) => [of, name])).toEqual([['job', job.name]]);
    // A room whose job is removed can't be taken back by itself.
    expect(await takeBack(ours, 'room', other.id)).toBe(false);
    expect(await takeBack(ours, 'job', job.id)).toBe(true);
    expect([await findRoom(ours, room.id), await findRoom(ours, other.id)]).toMatchObject([{}, null]);
    expect(await takeBack(ours, 'room', other.id)).toBe(true);
  });

  it('is another studio’s business', async () => {
    const theirs = await addStudio(`Theirs ${randomUUID()}`);
    expect([await remove(theirs, 'room', room.id), await remove(theirs, 'job', job.id)]).toEqual([
      false,
      false,
    ]);
    await remove(ours, 'job', job.id);
    expect([await takeBack(theirs, 'room', room.id), await takeBack(theirs, 'job', job.id)]).toEqual([
      false,
      false,
    ]);
    expect(await listRemoved(theirs)).toEqual([]);
    for (const id of ['', 'x', "' or true --"]) expect(await remove(ours, 'room', id)).toBe(false);
  });

  it.each([
    [-1, true],
    [1, false],
  ])('goes for good after its days: %s minutes past them', async (minutes, isThere) => {
    const option = (await addOption(ours, room.id))!;
    await remove(ours, 'job', job.id);
    await (
      await database()
    ).query(
      `update rooms set removed_at = now() - interval '${KEPT_DAYS} days' - interval '${minutes} minutes' where removed_at is not null;
       update jobs set removed_at = now() - interval '${KEPT_DAYS} days' - interval '${minutes} minutes' where removed_at is not null`,
    );
    expect((await listRemoved(ours)).length).toBe(isThere ? 1 : 0);
    await purgeRemoved();
    expect([
      await Job.count({ where: { id: job.id } }),
      await Room.count({ where: { id: [room.id, option.id] } }),
    ]).toEqual(isThere ? [1, 2] : [0, 0]);
  });
});

describe('a copy', () => {
  it('of a room is a room of its own, with what is laid under it', async () => {
    const { studioId } = ours;
    const bytes = Buffer.from([1, 2, 3]);
    const file = await StoredFile.create({ studioId, roomId: room.id, name: 'a', type: 'image/png', bytes });
    const underlay = {
      ...{ kind: 'underlay' as const, id: 'under', file: file.id, name: 'Plan', x: 0, y: 0, turn: 0 },
      ...{ pixelsWide: 10, pixelsHigh: 10, mmPerPixel: 5, fade: 0.5, locked: false },
    };
    const patch = [{ id: 'under', before: null, after: underlay }];
    const edits = [{ id: randomUUID(), action: 'do' as const, patch }];
    expect(await saveEdits(ours, room.id, { baseRevision: 0, edits })).toMatchObject({ kind: 'saved' });
    const copy = (await copyRoom(ours, (await findRoom(ours, room.id))!))!;
    expect([copy.name, copy.revision, copy.jobId]).toEqual(['Galley with bay (copy)', 0, job.id]);
    const copied = (await documentOf(copy)).records['under'];
    if (copied?.kind !== 'underlay') throw new Error('The underlay is not there.');
    // The room it was copied from may go for good.
    await Room.destroy({ where: { id: room.id } });
    expect((await findFile(ours, copy.id, copied.file))?.bytes).toEqual(bytes);
  });

  it('of a room is as it was at a revision, or none for one that never was', async () => {
    await saveEdits(ours, room.id, rename('Renamed'));
    const now = (await findRoom(ours, room.id))!;
    expect((await copyRoom(ours, now))?.name).toBe('Renamed (copy)');
    const before = (await copyRoom(ours, now, 0))!;
    expect(before.name).toBe('Renamed (copy)');
    const room0 = { ...roomOf(start), name: 'Renamed (copy)' };
    expect((await documentOf(before)).records).toEqual({ ...start.records, [room0.id]: room0 });
    expect(await copyRoom(ours, now, 2)).toBeNull();
  });

  it('of a job has its rooms, of each the option that is chosen', async () => {
    await addOption(ours, room.id);
    await createRoom(ours, job, start);
    const copy = (await copyJob(ours, job))!;
    expect([copy.name, copy.unit, copy.step]).toEqual(['Harbour house (copy)', 'mm', 1]);
    const { jobs } = await listJobs(ours, { ...all, job: copy.id });
    expect(jobs[0]!.rooms.map(({ option, options }) => [option, options])).toEqual([
      ['A', 1],
      ['A', 1],
    ]);
  });

  it('of a job is made up to a hundred rooms', async () => {
    const { studioId } = ours;
    const more = (count: number) =>
      Room.bulkCreate(Array.from({ length: count }, () => ({ studioId, jobId: job.id, name: 'Room' })));
    const added = await more(MOST_COPIED);
    expect(await copyJob(ours, job)).toBeNull();
    await Room.destroy({ where: { id: added.map(({ id }) => id) } });
    expect(await copyJob(ours, job)).toMatchObject({ name: 'Harbour house (copy)' });
  });

  it.each([
    ['x'.repeat(73), `${'x'.repeat(73)} (copy)`],
    ['x'.repeat(74), `${'x'.repeat(73)} (copy)`],
    // A letter of two parts stays whole.
    [`${'x'.repeat(71)}🛁`, `${'x'.repeat(71)}🛁 (copy)`],
    [`${'x'.repeat(72)}🛁`, `${'x'.repeat(72)} (copy)`],
  ])('has a name that is none too long: %s', (name, copy) => {
    expect(copyName(name)).toBe(copy);
    expect(copy.length).toBeLessThanOrEqual(80);
  });
});

describe('an edit from outside a room’s page', () => {
  it('gives it another name, and is in its history', async () => {
    expect(await renameRoom(ours, room.id, '  Long galley ')).toEqual({ kind: 'saved', revision: 1 });
    // The same name again is no edit.
    expect(await renameRoom(ours, room.id, 'Long galley')).toEqual({ kind: 'saved', revision: 1 });
    const found = (await findRoom(ours, room.id))!;
    expect([found.name, roomOf(await documentOf(found)).name]).toEqual(['Long galley', 'Long galley']);
    const { edits, more } = await pastEdits(room, 10);
    expect(edits).toMatchObject([
      { revision: 1, action: 'do', command: 'set-room', args: { name: 'Long galley' }, person: 'Designer' },
    ]);
    expect(more).toBe(false);
    expect((await pastEdits(room, 1)).edits).toEqual([]);
    expect(await renameRoom(ours, randomUUID(), 'Nobody’s')).toEqual({ kind: 'missing' });
  });

  it('waits its turn where others edit at once', async () => {
    const done = await Promise.all(['One', 'Two', 'Three'].map((name) => renameRoom(ours, room.id, name)));
    expect(done.map(({ kind }) => kind)).toEqual(['saved', 'saved', 'saved']);
    expect((await findRoom(ours, room.id))!.revision).toBe(3);
  });

  it('brings a revision back as one more', async () => {
    await saveEdits(ours, room.id, rename('Later'));
    expect(await bringBackRevision(ours, room.id, 0)).toEqual({ kind: 'saved', revision: 2 });
    const found = (await findRoom(ours, room.id))!;
    expect(await documentOf(found)).toEqual(start);
    expect((await pastEdits(room, 10)).edits[0]).toMatchObject({
      command: 'bring-back',
      args: { revision: 0 },
    });
    for (const revision of [-1, 3, 0.5, NaN])
      expect(await bringBackRevision(ours, room.id, revision)).toEqual({ kind: 'never' });
  });
});

describe('lists', () => {
  it('show the first rooms of the jobs last worked in, page by page, and all rooms of one job', async () => {
    const { studioId } = ours;
    const made = (minute: number) => new Date(Date.now() - (1_000 - minute) * 60_000);
    await Job.bulkCreate(
      Array.from({ length: JOBS_LISTED }, (_, at) => ({
        ...{ studioId, name: `Job ${at}`, unit: 'mm' as const, step: 1, createdAt: made(at) },
      })),
    );
    await Room.bulkCreate(
      Array.from({ length: ROOMS_OF_ONE }, (_, at) => ({
        ...{ studioId, jobId: job.id, name: `Room ${at}`, createdAt: made(at), updatedAt: made(at) },
      })),
      { silent: true } as object,
    );
    const first = await listJobs(ours, all);
    expect([first.jobs.length, first.more]).toEqual([JOBS_LISTED, true]);
    // What was worked in last comes first, then what was made last.
    expect(first.jobs.slice(0, 3).map(({ name }) => name)).toEqual(['Harbour house', 'Job 11', 'Job 10']);
    expect([first.jobs[0]!.rooms.length, first.jobs[0]!.total]).toEqual([ROOMS_LISTED, ROOMS_OF_ONE + 1]);
    const second = await listJobs(ours, { ...all, page: 2 });
    expect([second.jobs.map(({ name }) => name), second.more]).toEqual([['Job 0'], false]);
    const one = await listJobs(ours, { ...all, job: job.id });
    expect([one.jobs[0]!.rooms.length, one.more]).toEqual([ROOMS_OF_ONE, true]);
    const rest = await listJobs(ours, { ...all, job: job.id, page: 2 });
    expect([rest.jobs[0]!.rooms.map(({ name }) => name), rest.more]).toEqual([['Galley with bay'], false]);
    expect(await listJobs(ours, { ...all, job: 'none' })).toEqual({ jobs: [], more: false });
  });

  it('find jobs and rooms by a part of their names, and take what is typed as it is', async () => {
    await createJob(ours, '100 % oak_', 'mm', 1);
    expect(await names({ find: 'harbour' })).toEqual([['Harbour house', ['Galley with bay']]]);
    expect(await names({ find: ' BAY ' })).toEqual([['Harbour house', ['Galley with bay']]]);
    expect(await names({ find: '% oak' })).toEqual([['100 % oak_', []]]);
    expect(await names({ find: '_' })).toEqual([['100 % oak_', []]]);
    expect(await names({ find: '\\' })).toEqual([]);
  });
});
