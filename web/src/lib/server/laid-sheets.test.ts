import { materialCases, nest, usualSawing, type LaidSheets } from 'goodreach';
import { demoJobs } from 'goodreach/server';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { keepLaidSheets, laidSheets } from './laid-sheets';
import type { Room } from './models';
import { createJob, createRoom } from './rooms';
import { KeptSheets } from './shop-models';
import { addStudio, freshDatabase } from './testing/fresh-database';

let drop: () => Promise<void>;
let ours: Awaited<ReturnType<typeof addStudio>>;
let rooms: Room[];
const start = demoJobs()[0]!.rooms[0]!;
const asked = materialCases(start, usualSawing).map((one) => one.case);
const sheets: LaidSheets = {
  ...{ cutOn: 'saw', matched: 'none', of: 1, asked, kept: {}, clamps: {} },
  nests: asked.flatMap((one) => {
    const found = nest(one, { searches: false });
    return found.ok ? [found.value] : [];
  }),
};
beforeAll(async () => {
  drop = await freshDatabase();
  ours = await addStudio('Ours');
  const job = await createJob(ours, 'A job', 'mm', 1);
  rooms = [await createRoom(ours, job, start), await createRoom(ours, job, start)];
});
afterAll(() => drop());

it('are kept with their room, word for word as they were', async () => {
  const [room, other] = rooms as [Room, Room];
  expect(await laidSheets(room)).toBeNull();
  const kept = await keepLaidSheets(ours, room, { sheets, revision: 0 });
  expect(kept).toMatchObject({ kind: 'kept', sheets: { revision: 1, keptBy: ours.personName } });
  const known = (await laidSheets(room))!;
  expect(JSON.stringify(known.book)).toBe(JSON.stringify(sheets));
  expect(Date.now() - Date.parse(known.keptAt)).toBeLessThan(60_000);
  expect(await laidSheets(other)).toBeNull();
  // They go with it.
  await keepLaidSheets(ours, other, { sheets, revision: 0 });
  await other.destroy();
  expect(await KeptSheets.count()).toBe(1);
});

it('are not written over by who has not seen the last: of several at once one is kept', async () => {
  const [room] = rooms as [Room];
  await KeptSheets.destroy({ where: {} });
  const all = (revision: number) =>
    Promise.all(
      [1, 2, 3, 4].map((of) => keepLaidSheets(ours, room, { sheets: { ...sheets, of }, revision })),
    );
  expect((await all(0)).map(({ kind }) => kind).sort()).toEqual(['kept', 'stale', 'stale', 'stale']);
  expect((await all(1)).map(({ kind }) => kind).sort()).toEqual(['kept', 'stale', 'stale', 'stale']);
  const known = (await laidSheets(room))!;
  expect(known.revision).toBe(2);
  expect(await keepLaidSheets(ours, room, { sheets, revision: 1 })).toEqual({ kind: 'stale', sheets: known });
  expect((await keepLaidSheets(ours, room, { sheets, revision: 3 })).kind).toBe('stale');
});
