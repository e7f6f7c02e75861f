import { demoJobs, writeModel } from 'goodreach/server';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { findStudioFile } from './files';
import { StoredFile, StudioObject } from './models';
import { forgetObject, keepObject, listObjects, MOST_OBJECTS, type ObjectSaid } from './objects';
import { createJob, createRoom } from './rooms';
import { make } from './tasks/kinds';
import { modelFiles } from './tasks/model-files';
import type { SignedIn } from './sessions';
import { addStudio, freshDatabase } from './testing/fresh-database';

let drop: () => Promise<void>;
let ours: SignedIn;
let theirs: SignedIn;
let model: Uint8Array;

const stool: ObjectSaid = {
  name: 'Limpet stool',
  type: 'object',
  width: 400,
  depth: 380,
  height: 650,
  price: 120,
};

/** A slope of three triangles, so many mm large. */
const slope = (size: number) =>
  writeModel({
    parts: [
      {
        ...{ colour: '#445566', rough: 0.5, metal: 0 },
        positions: Float32Array.from([0, 0, 0, size, 0, 0, size, 0, size, 0, size, 0]),
        indices: Uint32Array.from([0, 1, 2, 0, 2, 3, 1, 2, 3]),
      },
    ],
  });

beforeAll(async () => {
  drop = await freshDatabase();
  ours = await addStudio('Ours');
  theirs = await addStudio('Theirs');
  model = await slope(400);
});
afterAll(() => drop());

const keep = async (said: Partial<ObjectSaid> = {}, bytes = model, who = ours) => {
  const kept = await keepObject(who, { ...stool, ...said }, bytes);
  if (kept.kind !== 'kept') throw new Error(kept.message);
  return kept.object;
};

const foreign = async () => (await keep({ name: 'Foreign' }, model, theirs)).families[0]!.model!;
const standing = (id: string) => ({
  ...{
    kind: 'item' as const,
    id,
    range: 'x',
    code: 'OB1',
    type: 'object',
    width: 400,
    depth: 380,
    height: 650,
  },
  ...{
    up: 0,
    hand: 'left' as const,
    placement: { on: 'floor' as const, x: 2000, y: -1500, turn: 0 },
    model: id,
  },
});

describe('objects of a studio', () => {
  it('are kept with their model, seen by their own studio only, and forgotten', async () => {
    const kept = await keep();
    expect(kept).toMatchObject({
      ...{ name: 'Limpet stool', unit: 'mm', construction: 'none' },
      families: [
        { type: 'object', code: 'OB1', widths: [400], depths: [380], heights: [650], price: { each: 120 } },
      ],
    });
    expect(await listObjects(ours)).toEqual([kept]);
    expect(await listObjects(theirs)).toEqual([]);
    const file = kept.families[0]!.model!;
    expect(new Uint8Array((await findStudioFile(ours, file, 'model'))!.bytes)).toEqual(model);
    expect(await findStudioFile(theirs, file, 'model')).toBeNull();
    // It is no picture, and a picture is no model.
    expect(await findStudioFile(ours, file)).toBeNull();

    const second = await keep({ name: 'Lamp', type: 'object-wall', up: 1400 });
    expect(second.families[0]).toMatchObject({ code: 'OB2', hangs: { bottom: 1400, top: 0 } });
    expect((await keep({}, model, theirs)).families[0]!.code).toBe('OB1');
    expect(await forgetObject(theirs, second.id)).toBe(false);
    expect(await forgetObject(ours, 'no id')).toBe(false);
    expect(await forgetObject(ours, second.id)).toBe(true);
    // Rooms that have it show it on.
    expect(await findStudioFile(ours, second.families[0]!.model!, 'model')).not.toBeNull();
  });

  it('have names of their own; of two kept at once one is told', async () => {
    expect(await keepObject(ours, { ...stool, name: ' limpet STOOL' }, model)).toMatchObject({
      kind: 'faulty',
    });
    const twins = await Promise.all([1, 2].map(() => keepObject(ours, { ...stool, name: 'Twin' }, model)));
    expect(twins.map(({ kind }) => kind).sort()).toEqual(['faulty', 'kept']);
  });

  it.each<[string, object]>([
    ['without a name', { name: ' ' }],
    ['with a name that is none', { name: 7 }],
    ['of another kind', { type: 'cooker' }],
    ['without a width', { width: undefined }],
    ['4001 wide', { width: 4001 }],
    ['with a size that is a text', { depth: '400' }],
    ['with a price below nothing', { price: -1 }],
    [
      'with an outline of two places',
      {
        outline: [
          { along: 0, out: 0 },
          { along: 1, out: 1 },
        ],
      },
    ],
  ])('are refused %s, and nothing is stored', async (_, change) => {
    const before = await StoredFile.count();
    const kept = await keepObject(ours, { ...stool, name: 'Other', ...change } as ObjectSaid, model);
    expect(kept).toMatchObject({ kind: 'faulty' });
    expect(await StoredFile.count()).toBe(before);
  });

  it('are refused with a model that is none of ours', async () => {
    for (const bytes of [
      new Uint8Array(0),
      new Uint8Array([0x67, 0x6c, 0x54, 0x46, 2]),
      await slope(6_100),
      new Uint8Array(2_000_001),
    ])
      expect(await keepObject(ours, { ...stool, name: 'Other' }, bytes)).toMatchObject({
        message: expect.stringContaining('can’t be read'),
      });
    await keep({ name: 'Large' }, await slope(4_000));
  });

  it('are written into the file of a room as they are, those of its own studio only', async () => {
    const room = await createRoom(ours, await createJob(ours, 'A job', 'mm', 1), demoJobs()[0]!.rooms[0]!);
    const [mine, other] = [(await keep({ name: 'Mine' })).families[0]!.model!, await foreign()];
    const design = {
      ...demoJobs()[0]!.rooms[0]!,
      records: {
        ...demoJobs()[0]!.rooms[0]!.records,
        ...Object.fromEntries([mine, other].map((model) => [model, standing(model)])),
      },
    };
    const models = await modelFiles(room.id, design);
    expect(Object.keys(models)).toEqual([mine]);
    const made = await make('model', design, { models });
    const text = made.ok ? Buffer.from(made.bytes).toString('latin1') : '';
    expect(text).toContain('object #445566 0.5 0');
    expect((await make('model', design, {})).ok).toBe(true);
  });

  it('are so many at most', async () => {
    const { studioId } = theirs;
    const rows = await StudioObject.count({ where: { studioId } });
    const data = (await listObjects(theirs))[0]!;
    await StudioObject.bulkCreate(
      Array.from({ length: MOST_OBJECTS - rows - 1 }, (_, index) => ({
        ...{ studioId, name: `Many ${index}` },
        data: { ...data, families: [{ ...data.families[0]!, code: `OB${index + 10}` }] },
      })),
    );
    await keep({ name: 'The last' }, model, theirs);
    expect(await keepObject(theirs, { ...stool, name: 'One more' }, model)).toMatchObject({
      message: expect.stringContaining(`${MOST_OBJECTS} objects at most`),
    });
  });
});
