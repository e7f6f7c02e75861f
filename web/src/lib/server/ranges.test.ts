import { applyPatch, findItem, itemsOf, must, setRoom } from 'goodreach';
import { demoJobs } from 'goodreach/server';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { checkBody, TableBody } from './bodies';
import { forgetRange, importRange, listRanges, rangeOfJob, readRange } from './ranges';
import { createJob, createRoom } from './rooms';
import type { SignedIn } from './sessions';
import { addStudio, freshDatabase } from './testing/fresh-database';

let drop: () => Promise<void>;
let ours: SignedIn;
let theirs: SignedIn;
const header = 'range,unit,construction,type,name,code,widths,heights,depths\n';
const table = `${header}Shed,mm,frameless,base-doors,Base,Q*,600; 700,850,560\n`;

beforeAll(async () => {
  drop = await freshDatabase();
  ours = await addStudio('Ours');
  theirs = await addStudio('Theirs');
});
afterAll(() => drop());

describe('the range of a job', () => {
  it('is that of its last room, while the studio has it', async () => {
    const job = await createJob(ours, 'Cottage', 'mm', 1);
    expect(await rangeOfJob(ours, job)).toBeNull();
    const start = demoJobs()[0]!.rooms[0]!;
    await createRoom(ours, job, start);
    expect(await rangeOfJob(ours, job)).toBe('fathom');
    const kept = await importRange(ours, table.replace('Shed', 'Boathouse'));
    if (!kept.ok) throw new Error('not kept');
    const other = must(applyPatch(start, must(setRoom.run(start, { range: kept.range.id }))));
    await createRoom(ours, job, other);
    expect(await rangeOfJob(ours, job)).toBe(kept.range.id);
    await forgetRange(ours, kept.range.id);
    expect(await rangeOfJob(ours, job)).toBeNull();
  });
});

describe('ranges of a studio', () => {
  it('are only read when they are tried, kept when they are sound, and renewed under their name', async () => {
    expect(await importRange(ours, table, true)).toMatchObject({ ok: true, items: 2 });
    expect(await listRanges(ours)).toEqual([]);
    const kept = await importRange(ours, table);
    if (!kept.ok) throw new Error('not kept');
    const again = await importRange(ours, table.replace('600; 700', '600; 700; 800'));
    expect(again).toMatchObject({ ok: true, range: { id: kept.range.id } });
    const [range, ...others] = await listRanges(ours);
    expect(others).toEqual([]);
    expect(itemsOf(range!).map(({ code }) => code)).toEqual(['Q600', 'Q700', 'Q800']);
    expect(must(findItem(range!.id, 'q800', [range!])).width).toBe(800);
  });

  it('with a fault keep nothing, and say where it is', async () => {
    const before = await listRanges(ours);
    const report = await importRange(ours, table.replace('Shed', 'Barn').replace('850', 'high'));
    expect(report).toMatchObject({ ok: false, faults: [{ row: 2, column: 'heights', value: 'high' }] });
    expect(await listRanges(ours)).toEqual(before);
  });

  it('are seen and forgotten by their own studio only; ours come with the program', async () => {
    const [range] = await listRanges(ours);
    expect(await listRanges(theirs)).toEqual([]);
    expect(await readRange(theirs, range!.id)).toBeNull();
    expect(await readRange(theirs, 'no id')).toBeNull();
    expect((await readRange(theirs, 'fathom'))?.name).toBe('Fathom');
    expect(await forgetRange(theirs, range!.id)).toBe(false);
    expect(await forgetRange(ours, range!.id)).toBe(true);
    expect(await readRange(ours, range!.id)).toBeNull();
  });

  it('are asked for with a table', () => {
    expect(checkBody(TableBody, { csv: table, tryOnly: true }).ok).toBe(true);
    for (const body of [
      {},
      { csv: '' },
      { csv: 5 },
      { csv: table, name: 'x' },
      { csv: table, tryOnly: 'yes' },
    ])
      expect(checkBody(TableBody, body).ok).toBe(false);
  });
});
