import { randomUUID } from 'node:crypto';
import { must, roomOf, setRoom } from 'goodreach';
import { demoJobs } from 'goodreach/server';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { checkBody, OptionBody } from './bodies';
import { storeFile, findFile } from './files';
import { Room } from './models';
import { addOption, chooseOption, listOptions, removeOption } from './options';
import { listJobs } from './listing';
import { createJob, createRoom, findRoom } from './rooms';
import { documentOf } from './documents';
import { saveEdits } from './saving';
import type { SignedIn } from './sessions';
import { addStudio, freshDatabase } from './testing/fresh-database';

let drop: () => Promise<void>;
let ours: SignedIn;
let theirs: SignedIn;
let room: Room;
const start = demoJobs()[0]!.rooms[0]!;

beforeAll(async () => {
  drop = await freshDatabase();
  ours = await addStudio('Ours');
  theirs = await addStudio('Theirs');
});
afterAll(() => drop());
beforeEach(async () => {
  room = await createRoom(ours, await createJob(ours, 'Cottage', 'mm', 1), start);
});

const letters = async (of: Room) =>
  (await listOptions(ours, of)).map(({ option, chosen }) => (chosen ? `${option} chosen` : option));

describe('options of a room', () => {
  it('are copies beside it that go their own ways', async () => {
    expect(await letters(room)).toEqual(['A chosen']);
    const b = (await addOption(ours, room.id))!;
    const c = (await addOption(ours, b.id))!;
    expect(await letters(room)).toEqual(['A chosen', 'B', 'C']);
    const patch = must(setRoom.run(start, { name: 'Tried' }));
    const edit = { id: randomUUID(), action: 'do' as const, command: 'set-room', patch: [...patch] };
    expect(await saveEdits(ours, b.id, { baseRevision: 0, edits: [edit] })).toMatchObject({ kind: 'saved' });
    const names = await Promise.all(
      [room.id, b.id, c.id].map(async (id) => roomOf(await documentOf((await findRoom(ours, id))!)).name),
    );
    expect(names).toEqual(['Galley with bay', 'Tried', 'Galley with bay']);
  });

  it('have one that is chosen, which stands for the room in its job', async () => {
    const b = (await addOption(ours, room.id))!;
    const listed = async () => {
      const { jobs } = await listJobs(ours, { page: 1, find: '', job: room.jobId });
      return jobs[0]!.rooms
        .filter(({ id }) => id === room.id || id === b.id)
        .map(({ option, options }) => [option, options]);
    };
    expect(await listed()).toEqual([['A', 2]]);
    expect(await chooseOption(ours, b.id)).toBe(true);
    expect(await letters(room)).toEqual(['A', 'B chosen']);
    expect(await listed()).toEqual([['B', 2]]);
  });

  it('are removed unless chosen, also the one the others were made from, whose underlays stay', async () => {
    const png = Uint8Array.of(0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, 1);
    const file = await storeFile(ours, room.id, 'plan.png', [png]);
    if (file.kind !== 'stored') throw new Error('not stored');
    const b = (await addOption(ours, room.id))!;
    const c = (await addOption(ours, room.id))!;
    expect((await findFile(ours, b.id, file.id))?.name).toBe('plan.png');
    expect(await removeOption(ours, room.id)).toBeNull();
    await chooseOption(ours, b.id);
    expect(await removeOption(ours, room.id)).toBe(b.id);
    const left = (await findRoom(ours, c.id))!;
    expect(await letters(left)).toEqual(['B chosen', 'C']);
    expect((await findFile(ours, c.id, file.id))?.name).toBe('plan.png');
    expect((await addOption(ours, c.id))!.option).toBe('A');
    const other = await createRoom(ours, await createJob(ours, 'Other', 'mm', 1), start);
    expect(await findFile(ours, other.id, file.id)).toBeNull();
  });

  it('are nobody else’s to add, choose, remove or see', async () => {
    const b = (await addOption(ours, room.id))!;
    expect(await addOption(theirs, room.id)).toBeNull();
    expect(await chooseOption(theirs, b.id)).toBe(false);
    expect(await removeOption(theirs, b.id)).toBeNull();
    expect(await chooseOption(ours, 'no id')).toBe(false);
    expect(await letters(room)).toEqual(['A chosen', 'B']);
    expect(checkBody(OptionBody, { chosen: true }).ok).toBe(true);
    expect(checkBody(OptionBody, { chosen: false }).ok).toBe(false);
  });

  it('end at Z', async () => {
    for (let i = 1; i < 26; i++) expect(await addOption(ours, room.id)).not.toBeNull();
    expect(await addOption(ours, room.id)).toBeNull();
    expect(await Room.count({ where: { optionOf: room.id } })).toBe(25);
  });
});
