import { randomUUID } from 'node:crypto';
import {
  applyPatch,
  canonical,
  invertPatch,
  makeRoom,
  outlineFaces,
  must,
  putOpening,
  usualOpening,
  setItem,
  roomOf,
  setRoom,
  type Design,
  type Patch,
} from 'goodreach';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { EditBody, SaveBody } from './bodies';
import { documentAt, documentOf } from './documents';
import { editsSince, lastEdits } from './history';
import { Edit, Room } from './models';
import { listJobs } from './listing';
import { createJob, createRoom, findJob, findRoom } from './rooms';
import { saveEdits } from './saving';
import { addStudio, freshDatabase } from './testing/fresh-database';

type Studio = Awaited<ReturnType<typeof addStudio>>;
let drop: () => Promise<void>;
let ours: Studio;
let theirs: Studio;

beforeAll(async () => {
  drop = await freshDatabase();
  ours = await addStudio('Ours');
  theirs = await addStudio('Theirs');
});
afterAll(() => drop());

const start = must(
  makeRoom({
    name: 'Kitchen',
    unit: 'mm',
    step: 1,
    ceilingHeight: 2400,
    faces: outlineFaces({ id: 'rectangle', turns: 0, mirrored: false }, [4000, 3000], 'mm'),
  }),
);

async function newRoom(studio: Studio): Promise<Room> {
  return createRoom(studio, await createJob(studio, 'A job', 'mm', 1), start);
}

function body(baseRevision: number, ...patches: Patch[]): SaveBody {
  return {
    baseRevision,
    edits: patches.map((patch) => ({
      id: randomUUID(),
      action: 'do',
      command: 'set-room',
      patch: patch as never,
    })),
  };
}

const rename = (design: Design, name: string) => must(setRoom.run(design, { name }));
const after = (design: Design, ...patches: Patch[]) =>
  patches.reduce((now, patch) => must(applyPatch(now, patch)), design);

describe('saving', () => {
  it('appends edits, moves the revision on, and every revision can be read back', async () => {
    const room = await newRoom(ours);
    const one = rename(start, 'One');
    const two = must(
      setItem.run(after(start, one), {
        id: 'i',
        range: 'fathom',
        code: 'F600',
        placement: { on: 'face', face: 'face-a', from: 'left', distance: 0, off: 0 },
      }),
    );
    expect(await saveEdits(ours, room.id, body(0, one, two))).toEqual({ kind: 'saved', revision: 2 });
    const three = invertPatch(two);
    expect(await saveEdits(ours, room.id, body(2, three))).toEqual({ kind: 'saved', revision: 3 });
    const saved = (await findRoom(ours, room.id))!;
    const states = [start, after(start, one), after(start, one, two), after(start, one)];
    for (const [revision, state] of states.entries()) {
      expect(canonical(await documentAt(saved, revision))).toBe(canonical(state));
    }
    expect(await documentAt(saved, 4)).toBeNull();
    expect(await documentAt(saved, -1)).toBeNull();
    expect((await editsSince(room.id, 1)).map(({ revision }) => revision)).toEqual([2, 3]);
    // A room read before an edit came in goes with the edits before it.
    await saveEdits(ours, room.id, body(3, rename(after(start, one), 'Late')));
    expect((await lastEdits(saved)).map(({ revision }) => revision)).toEqual([1, 2, 3]);
    expect(canonical(await documentAt(saved, 1))).toBe(canonical(after(start, one)));
    expect(
      (await Edit.findAll({ where: { roomId: room.id } })).every(
        ({ personId, madeAt }) => personId === ours.personId && madeAt instanceof Date,
      ),
    ).toBe(true);
  });

  it('tells who made an edit, by which command, and which it takes back', async () => {
    const room = await newRoom(ours);
    const [first, second] = [randomUUID(), randomUUID()];
    const patch = rename(start, 'Galley');
    const args = { name: 'Galley' };
    const edits = [
      { id: first, action: 'do' as const, command: 'set-room', args, patch: patch as never },
      {
        id: second,
        action: 'undo' as const,
        step: first,
        command: 'set-room',
        args,
        patch: invertPatch(patch) as never,
      },
    ];
    expect(await saveEdits(ours, room.id, { baseRevision: 0, edits })).toMatchObject({ revision: 2 });
    const person = { id: ours.personId, name: 'Designer' };
    expect(await editsSince(room.id, 0)).toMatchObject([
      { id: first, action: 'do', step: first, command: 'set-room', args, label: null, person },
      { id: second, action: 'undo', step: first, person },
    ]);
  });

  it('tells others’ edits also where one’s own are known already', async () => {
    const room = await newRoom(ours);
    const mine = body(0, rename(start, 'Mine'));
    await saveEdits(ours, room.id, mine);
    const now = after(start, mine.edits[0]!.patch as never);
    await saveEdits(ours, room.id, body(1, rename(now, 'Theirs')));
    // The answer to mine was lost, and it is sent again.
    expect(await saveEdits(ours, room.id, mine)).toMatchObject({
      kind: 'stale',
      revision: 2,
      since: [{}, {}],
    });
  });

  it('says which of several edits is refused, and takes none of them', async () => {
    const room = await newRoom(ours);
    const good = rename(start, 'Good');
    const sent = body(0, good, rename(start, 'Not from here'));
    expect(await saveEdits(ours, room.id, sent)).toMatchObject({ kind: 'refused', edit: sent.edits[1]!.id });
    expect((await findRoom(ours, room.id))!.revision).toBe(0);
  });

  it('of many records lets others have their turn in between, and tells a hundred of their faults', async () => {
    const room = await newRoom(ours);
    const record = roomOf(start);
    const many = Array.from({ length: 9_000 }, (_, index) => {
      const id = `item-${index}`;
      return { id, before: null, after: { ...record, id } };
    });
    let turns = 0;
    let isOver = false;
    const others = () => {
      turns += 1;
      if (!isOver) setImmediate(others);
    };
    setImmediate(others);
    // A room has one record of its kind: it is refused, once every record has been looked at.
    expect(await saveEdits(ours, room.id, body(0, many))).toMatchObject({ kind: 'refused' });
    isOver = true;
    expect(turns).toBeGreaterThan(8);

    const faulty = body(
      0,
      many.slice(0, 150).map((one) => ({ ...one, after: { ...one.after, ceilingHeight: -1 } })),
    );
    const outcome = await saveEdits(ours, room.id, faulty);
    expect(outcome).toMatchObject({ kind: 'refused', refusal: { code: 'design-faulty' } });
    expect(outcome.kind === 'refused' && outcome.refusal.data).toMatchObject({
      faults: { length: 100, 0: { path: 'records.item-0.ceilingHeight' } },
    });
  });

  it('answers a stale base with the edits since, and changes nothing', async () => {
    const room = await newRoom(ours);
    await saveEdits(ours, room.id, body(0, rename(start, 'One')));
    const outcome = await saveEdits(ours, room.id, body(0, rename(start, 'Two')));
    expect(outcome).toMatchObject({
      kind: 'stale',
      revision: 1,
      since: [{ revision: 1, command: 'set-room', label: null, person: { name: 'Designer' } }],
    });
    const kept = (await findRoom(ours, room.id))!;
    expect([kept.name, roomOf(await documentOf(kept)).name]).toEqual(['One', 'One']);
  });

  it('acknowledges an edit again whose reply was lost', async () => {
    const room = await newRoom(ours);
    const save = body(0, rename(start, 'One'));
    await saveEdits(ours, room.id, save);
    expect(await saveEdits(ours, room.id, save)).toEqual({ kind: 'saved', revision: 1 });
    const next = must(setRoom.run(after(start, rename(start, 'One')), { ceilingHeight: 2500 }));
    const more = body(0, next);
    expect(
      await saveEdits(ours, room.id, { baseRevision: 0, edits: [...save.edits, ...more.edits] }),
    ).toEqual({ kind: 'saved', revision: 2 });
    expect(await Edit.count({ where: { roomId: room.id } })).toBe(2);
  });

  it('knows an edit by its id however that is written', async () => {
    const room = await newRoom(ours);
    const first = body(0, rename(start, 'One'));
    const [edit] = first.edits as [EditBody];
    const step = randomUUID();
    const written = (id: string, of: string): SaveBody => ({ ...first, edits: [{ ...edit, id, step: of }] });
    const capitals = written(edit.id.toUpperCase(), step.toUpperCase());
    for (const again of [capitals, written(edit.id, step), capitals])
      expect(await saveEdits(ours, room.id, again)).toEqual({ kind: 'saved', revision: 1 });
    expect(await editsSince(room.id, 0)).toMatchObject([{ id: edit.id, step }]);
    const other = { ...capitals, edits: [{ ...capitals.edits[0]!, patch: rename(start, 'Two') as never }] };
    expect(await saveEdits(ours, room.id, other)).toEqual({ kind: 'reused', edit: edit.id });
  });

  it('refuses another edit under the id of one that is saved', async () => {
    const room = await newRoom(ours);
    const save = body(0, rename(start, 'One'));
    await saveEdits(ours, room.id, save);
    const { id } = save.edits[0]!;
    const other = body(0, rename(start, 'Other'));
    other.edits[0]!.id = id;
    expect(await saveEdits(ours, room.id, other)).toEqual({ kind: 'reused', edit: id });
    const undone = { ...save, edits: [{ ...save.edits[0]!, action: 'undo' as const }] };
    expect(await saveEdits(ours, room.id, undone)).toEqual({ kind: 'reused', edit: id });
    expect(await saveEdits(ours, room.id, save)).toEqual({ kind: 'saved', revision: 1 });
  });

  it('lets only one of two saves at once through', async () => {
    const room = await newRoom(ours);
    const outcomes = await Promise.all(
      ['One', 'Two', 'Three'].map((name) => saveEdits(ours, room.id, body(0, rename(start, name)))),
    );
    expect(outcomes.map(({ kind }) => kind).sort()).toEqual(['saved', 'stale', 'stale']);
    expect((await findRoom(ours, room.id))!.revision).toBe(1);
  });

  const door = usualOpening('d', 'face-a', 'door', 0, 'mm');
  const put = (record: object): Patch => [{ id: 'd', before: null, after: record as never }];
  it.each([
    ['a door wider than its wall', put({ ...door, width: 4200 }), 'beyond-face'],
    ['a record with an unknown key', put({ ...door, colour: 'red' }), 'design-faulty'],
    ['a record under another id', [{ id: 'e', before: null, after: door }] as Patch, 'design-faulty'],
    ['a number that is none', put({ ...door, width: 'wide' }), 'design-faulty'],
    ['a face that is not there', put({ ...door, face: 'face-z' }), 'reference-broken'],
    ['a change of what was never so', [{ id: 'room', before: null, after: null }] as Patch, 'patch-stale'],
    [
      'a room without its room record',
      [{ id: 'room', before: { ...start.records['room']!, name: 'Before' }, after: null }] as Patch,
      'record-count',
    ],
  ])('refuses %s and keeps the room as it was', async (_, patch, code) => {
    const room = await newRoom(ours);
    const outcome = await saveEdits(ours, room.id, body(0, rename(start, 'Before'), patch));
    expect(outcome).toMatchObject({ kind: 'refused', refusal: { code } });
    const kept = (await findRoom(ours, room.id))!;
    expect([kept.revision, canonical(await documentOf(kept))]).toEqual([0, canonical(start)]);
    expect(await Edit.count({ where: { roomId: room.id } })).toBe(0);
  });

  it('accepts what the commands make', async () => {
    const room = await newRoom(ours);
    expect(await saveEdits(ours, room.id, body(0, must(putOpening.run(start, door))))).toMatchObject({
      kind: 'saved',
    });
  });
});

describe('studios', () => {
  it('never see or change each other’s jobs and rooms', async () => {
    const room = await newRoom(theirs);
    expect(await findRoom(ours, room.id)).toBeNull();
    expect(await findJob(ours, room.jobId)).toBeNull();
    expect(await saveEdits(ours, room.id, body(0, rename(start, 'Mine now')))).toEqual({ kind: 'missing' });
    for (const job of [null, room.jobId]) {
      const { jobs } = await listJobs(ours, { page: 1, find: '', job });
      expect(jobs.flatMap(({ rooms }) => rooms).some(({ id }) => id === room.id)).toBe(false);
    }
    expect((await findRoom(theirs, room.id))!.revision).toBe(0);
  });

  it('get nothing for an id that is no id', async () => {
    for (const id of ['', '1', "' or 1=1 --", '00000000-0000-0000-0000-000000000000']) {
      expect(await findRoom(ours, id)).toBeNull();
      expect(await saveEdits(ours, id, body(0, rename(start, 'x')))).toEqual({ kind: 'missing' });
    }
  });
});
