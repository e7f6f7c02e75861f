import { execute, makeRoom, must, outlineFaces, recordsOf, setLimit } from 'goodreach';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { checkBody, LimitsBody } from './bodies';
import { copyJob } from './copies';
import { documentOf } from './documents';
import { keepJobLimits, keepStudioLimits, studioLimits } from './limits';
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
const aisle = { rule: 'M-aisle', check: 'aisle', side: 'least', was: 1000 } as const;
const walk = { rule: 'M-walk', check: 'narrowest', side: 'least', was: 900 } as const;
const taken = async (studio: Studio, job: Awaited<ReturnType<typeof createJob>>, design = start) =>
  recordsOf(await documentOf(await createRoom(studio, job, design)), 'limit').map(
    ({ rule, now, by }) => `${rule} ${now} ${by}`,
  );

describe('limits that are kept', () => {
  it('are taken by new rooms: those of the job before the studio’s, and of no other studio', async () => {
    await keepStudioLimits(ours, [
      { ...aisle, now: 1100 },
      { ...walk, now: 950 },
    ]);
    const job = await createJob(ours, 'Own', 'mm', 1);
    expect(await taken(ours, job)).toEqual(['M-aisle 1100 studio', 'M-walk 950 studio']);
    await keepJobLimits(job, [{ ...aisle, now: 1050 }]);
    expect(await taken(ours, job)).toEqual(['M-aisle 1050 job', 'M-walk 950 studio']);
    expect(await taken(theirs, await createJob(theirs, 'Theirs', 'mm', 1))).toEqual([]);
    expect(await studioLimits(theirs)).toEqual([]);
    const copy = (await copyJob(ours, job))!;
    expect((await findJob(ours, copy.id))!.limits).toEqual([{ ...aisle, now: 1050 }]);
  });

  it('leave what a room says itself', async () => {
    const job = await createJob(ours, 'Itself', 'mm', 1);
    const own = must(execute(setLimit, start, { id: 'limit-1', at: aisle, now: 1200 })).design;
    expect(await taken(ours, job, own)).toEqual(['M-aisle 1200 room', 'M-walk 950 studio']);
  });

  it('are only those that rules have, of one named twice the last', async () => {
    const kept = await keepStudioLimits(ours, [
      { ...aisle, now: 1 },
      { ...aisle, was: 999, now: 2 },
      { ...aisle, rule: '__proto__', now: 3 },
      { ...aisle, now: 4 },
    ]);
    expect(kept).toEqual([{ ...aisle, now: 4 }]);
    expect(await keepStudioLimits(ours, [])).toEqual([]);
  });

  it.each([
    [{}],
    [{ limits: {} }],
    [{ limits: [null] }],
    [{ limits: [{ ...aisle, now: -1 }] }],
    [{ limits: [{ ...aisle, now: '900' }] }],
    [{ limits: [{ ...aisle, side: 'about', now: 900 }] }],
    [{ limits: [{ ...aisle, now: 900, more: true }] }],
    [{ limits: Array.from({ length: 501 }, () => ({ ...aisle, now: 900 })) }],
  ])('are refused as %j', (body) => {
    expect(checkBody(LimitsBody, body).ok).toBe(false);
  });
});
