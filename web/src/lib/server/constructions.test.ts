import { execute, makeRoom, must, outlineFaces, recordsOf, setConstruction } from 'goodreach';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { checkBody, ConstructionsBody } from './bodies';
import { keepJobConstructions, keepStudioConstructions, studioConstructions } from './constructions';
import { copyJob } from './copies';
import { documentOf } from './documents';
import { createJob, createRoom, findJob } from './rooms';
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
    ...{ name: 'Kitchen', unit: 'mm', step: 1, ceilingHeight: 2400 },
    faces: outlineFaces({ id: 'rectangle', turns: 0, mirrored: false }, [4000, 3000], 'mm'),
  }),
);
const taken = async (studio: Studio, job: Awaited<ReturnType<typeof createJob>>, design = start) =>
  recordsOf(await documentOf(await createRoom(studio, job, design)), 'construction').map(
    ({ range, ways }) => `${range} ${JSON.stringify(ways)}`,
  );

describe('how cabinets are built', () => {
  it('is taken by new rooms: what the job says of a range before the studio, and of no other studio', async () => {
    await keepStudioConstructions(ours, [
      { range: 'fathom', ways: { board: 19 } },
      { range: 'saltbox', ways: { fronts: 'inset' } },
    ]);
    const job = await createJob(ours, 'Own', 'mm', 1);
    expect(await taken(ours, job)).toEqual(['fathom {"board":19}', 'saltbox {"fronts":"inset"}']);
    await keepJobConstructions(job, [{ range: 'fathom', ways: { shelf: 25 } }]);
    expect(await taken(ours, job)).toEqual(['fathom {"shelf":25}', 'saltbox {"fronts":"inset"}']);
    expect(await taken(theirs, await createJob(theirs, 'Theirs', 'mm', 1))).toEqual([]);
    expect(await studioConstructions(theirs)).toEqual([]);
    const copy = (await copyJob(ours, job))!;
    expect((await findJob(ours, copy.id))!.constructions).toEqual([{ range: 'fathom', ways: { shelf: 25 } }]);
  });

  it('stays as a room says itself; of a range named twice the last holds', async () => {
    const job = await createJob(ours, 'Itself', 'mm', 1);
    const own = must(execute(setConstruction, start, { range: 'fathom', ways: { board: 22 } })).design;
    expect(await taken(ours, job, own)).toEqual(['fathom {"board":22}', 'saltbox {"fronts":"inset"}']);
    const twice = [
      { range: 'fathom', ways: { board: 16 } },
      { range: 'fathom', ways: { board: 17 } },
    ];
    expect(await keepStudioConstructions(ours, twice)).toEqual([twice[1]]);
    expect(await keepStudioConstructions(ours, [])).toEqual([]);
  });

  it.each([
    [{}],
    [{ constructions: {} }],
    [{ constructions: [null] }],
    [{ constructions: [{ range: 'fathom' }] }],
    [{ constructions: [{ range: '../x', ways: {} }] }],
    [{ constructions: [{ range: 'fathom', ways: { board: 8.9 } }] }],
    [{ constructions: [{ range: 'fathom', ways: { board: 40.1 } }] }],
    [{ constructions: [{ range: 'fathom', ways: { kick: 'both' } }] }],
    [{ constructions: [{ range: 'fathom', ways: { nothing: 1 } }] }],
    [{ constructions: [{ range: 'fathom', ways: { drawerHeights: [] } }] }],
    [{ constructions: Array.from({ length: 201 }, () => ({ range: 'fathom', ways: {} })) }],
  ])('is refused as %j', (body) => {
    expect(checkBody(ConstructionsBody, body).ok).toBe(false);
  });

  it('is taken from 9 to 40 mm of boards', () => {
    for (const board of [9, 40])
      expect(checkBody(ConstructionsBody, { constructions: [{ range: 'fathom', ways: { board } }] }).ok).toBe(
        true,
      );
  });
});
