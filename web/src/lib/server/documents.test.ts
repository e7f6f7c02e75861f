import { randomUUID } from 'node:crypto';
import { applyPatch, canonical, must, roomOf, setRoom, type Design, type Patch } from 'goodreach';
import { demoJobs } from 'goodreach/server';
import { afterAll, beforeAll, expect, it } from 'vitest';
import type { SaveBody } from './bodies';
import { documentAt, documentOf, documentsKept, forgetHeads, knownHead } from './documents';
import { Edit, KeptDocument, Room } from './models';
import { createJob, createRoom, findRoom } from './rooms';
import { saveEdits } from './saving';
import { addStudio, freshDatabase } from './testing/fresh-database';

type Studio = Awaited<ReturnType<typeof addStudio>>;
let drop: () => Promise<void>;
let ours: Studio;
const start = demoJobs()[0]!.rooms[0]!;

beforeAll(async () => {
  drop = await freshDatabase();
  ours = await addStudio('Ours');
});
afterAll(() => drop());

const newRoom = async () => createRoom(ours, await createJob(ours, 'A job', 'mm', 1), start);
const again = async ({ id }: Room) => (await findRoom(ours, id))!;
const renamed = (design: Design, name: string): Patch => must(setRoom.run(design, { name }));
const after = (design: Design, patch: Patch): Design => must(applyPatch(design, patch));

function body(baseRevision: number, patches: Patch[]): SaveBody {
  const edits = patches.map((patch) => ({ id: randomUUID(), action: 'do', patch }));
  return { baseRevision, edits } as unknown as SaveBody;
}

/** The states a room was in after each of so many edits, saved some at a time. */
async function goOn(room: Room, count: number, atOnce: number): Promise<Design[]> {
  const states = [start];
  while (states.length <= count) {
    const base = states.length - 1;
    const patches: Patch[] = [];
    while (patches.length < atOnce && states.length <= count) {
      const patch = renamed(states.at(-1)!, `Name ${states.length}`);
      patches.push(patch);
      states.push(after(states.at(-1)!, patch));
    }
    expect(await saveEdits(ours, room.id, body(base, patches))).toMatchObject({ kind: 'saved' });
  }
  return states;
}

/** An edit that another server process has saved. */
async function savedElsewhere(room: Room, design: Design, revision: number, name: string): Promise<void> {
  const { personId } = ours;
  const made = { id: randomUUID(), action: 'do', command: 'set-room' } as const;
  await Edit.create({ ...made, roomId: room.id, revision, personId, patch: renamed(design, name) });
  await Room.update({ revision, name }, { where: { id: room.id } });
}

it('keeps a room whole at every hundredth revision, and makes the others of these and the edits', async () => {
  const room = await newRoom();
  const states = await goOn(room, 205, 7);
  await documentsKept();
  const kept = await KeptDocument.findAll({ where: { roomId: room.id }, order: ['revision'] });
  // Seven edits a save: the revisions that reach or pass 100 and 200.
  expect(kept.map(({ revision }) => revision)).toEqual([0, 105, 203]);
  const saved = await again(room);
  expect(saved.name).toBe('Name 205');
  for (const revision of [0, 1, 99, 100, 104, 105, 106, 202, 203, 204, 205]) {
    forgetHeads();
    expect(canonical(await documentAt(saved, revision))).toBe(canonical(states[revision]));
    await documentOf(saved);
    expect(canonical(await documentAt(saved, revision))).toBe(canonical(states[revision]));
  }
  for (const never of [-1, 206, 1.5, NaN]) expect(await documentAt(saved, never)).toBeNull();
});

it('takes edits back where nothing older is kept', async () => {
  const room = await newRoom();
  const states = await goOn(room, 6, 6);
  await KeptDocument.create({ roomId: room.id, revision: 4, document: states[4]! });
  await KeptDocument.destroy({ where: { roomId: room.id, revision: 0 } });
  forgetHeads();
  for (let revision = 0; revision <= 6; revision++)
    expect(roomOf((await documentAt(await again(room), revision))!).name).toBe(
      roomOf(states[revision]!).name,
    );
});

it('goes on from what this process knows to what another has saved', async () => {
  const room = await newRoom();
  const states = await goOn(room, 2, 1);
  await savedElsewhere(room, states[2]!, 3, 'Elsewhere');
  expect(knownHead(room.id)!.revision).toBe(2);
  const saved = await again(room);
  expect(roomOf(await documentOf(saved)).name).toBe('Elsewhere');
  expect(knownHead(room.id)!.revision).toBe(3);
  // What is older is never taken for the newest.
  await documentAt({ id: room.id, revision: 2 }, 2);
  expect(knownHead(room.id)!.revision).toBe(3);
});

it('tells a save what another process has saved, also where this one still takes the base for the newest', async () => {
  const room = await newRoom();
  const states = await goOn(room, 2, 1);
  await savedElsewhere(room, states[2]!, 3, 'Elsewhere');
  for (const mine of [renamed(states[2]!, 'Mine'), renamed(states[1]!, 'Not from here')])
    expect(await saveEdits(ours, room.id, body(2, [mine]))).toMatchObject({
      kind: 'stale',
      revision: 3,
      since: [{ revision: 3, command: 'set-room' }],
    });
  const now = after(states[2]!, renamed(states[2]!, 'Elsewhere'));
  expect(await saveEdits(ours, room.id, body(3, [renamed(now, 'Mine')]))).toMatchObject({ revision: 4 });
});

it('acknowledges what it has saved before, also where nothing is known of the room any more', async () => {
  const room = await newRoom();
  const save = body(0, [renamed(start, 'One')]);
  await saveEdits(ours, room.id, save);
  expect(await saveEdits(ours, room.id, { ...save, baseRevision: 1 })).toMatchObject({ kind: 'stale' });
  forgetHeads();
  expect(await saveEdits(ours, room.id, save)).toEqual({ kind: 'saved', revision: 1 });
  expect(await Edit.count({ where: { roomId: room.id } })).toBe(1);
});
