import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { keepFinish, listFinishes, MOST_FINISHES } from './finishes';
import { StudioFinish } from './models';
import type { SignedIn } from './sessions';
import { importTiles } from './tile-table';
import { addStudio, freshDatabase } from './testing/fresh-database';

let drop: () => Promise<void>;
let ours: SignedIn;
let theirs: SignedIn;
const png = new Uint8Array([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, 7]);
const faults = async (csv: string, person = ours) => {
  const report = await importTiles(person, csv);
  return report.ok ? [] : report.faults.map(({ row, column, reason }) => ({ row, column, reason }));
};

beforeAll(async () => {
  drop = await freshDatabase();
  ours = await addStudio('Ours');
  theirs = await addStudio('Theirs');
});
afterAll(() => drop());

describe('a table of tiles', () => {
  it('is kept for its own studio, or only looked at; codes are given where there are none', async () => {
    const csv = 'name,along,across,code,price\nTidepool,200,100,,31.5\nSpume,23,23,PT90,\n';
    const looked = await importTiles(ours, csv, true);
    expect(looked).toMatchObject({ ok: true, renewed: 0, tiles: [{ name: 'Tidepool' }, { code: 'PT90' }] });
    expect(await listFinishes(ours)).toEqual([]);
    const report = await importTiles(ours, csv);
    if (!report.ok) throw new Error(JSON.stringify(report));
    expect(await listFinishes(ours)).toEqual(report.tiles.toSorted((a, b) => a.name.localeCompare(b.name)));
    expect(report.tiles[0]).toMatchObject({
      code: expect.stringMatching(/^PT\d+$/) as string,
      price: { amount: 31.5 },
    });
    expect(await listFinishes(theirs)).toEqual([]);
  });

  it('renews what has its name, with its id and its picture, and nothing else', async () => {
    const [spume] = (await listFinishes(ours)).filter(({ name }) => name === 'Spume');
    const { id, kind: _, ...said } = spume!;
    const pictured = await keepFinish(ours, { ...said, long: 500, high: 400 }, png, id);
    if (pictured.kind !== 'kept') throw new Error(pictured.kind);
    const report = await importTiles(ours, 'name,along,across,colour\nspume,48,48,#000000\nJasper,90,90,\n');
    expect(report).toMatchObject({ ok: true, renewed: 1 });
    const all = await listFinishes(ours);
    expect(all.map(({ name }) => name)).toEqual(['Jasper', 'Tidepool', 'spume']);
    expect(all[2]).toMatchObject({
      ...{ id, code: 'PT90', picture: pictured.finish.picture, long: 500, high: 400, colour: said.colour },
      tile: { long: 48, high: 48 },
    });
  });

  it('is refused, and nothing is kept, where a name or a code is taken', async () => {
    const before = await listFinishes(ours);
    expect(await faults('name,along,across\nNew,10,10\nJetty,10,10')).toEqual([
      { row: 3, column: 'name', reason: 'name-of-program' },
    ]);
    expect(await faults('name,along,across,code\nNew,10,10,PT90')).toEqual([
      { row: 2, column: 'code', reason: { because: 'code-of-finish', name: 'spume' } },
    ]);
    // A code that its own tile gives up in the same table is free.
    expect(
      await importTiles(ours, 'name,along,across,code\nNew,10,10,PT90\nspume,48,48,PT91', true),
    ).toMatchObject({
      ok: true,
    });
    expect(await listFinishes(ours)).toEqual(before);
  });

  it('takes a studio to no more finishes than it may keep', async () => {
    const many = Array.from({ length: MOST_FINISHES - 3 }, (_, at) => ({
      ...{ studioId: ours.studioId, name: `n${at}` },
      data: { kind: 'finish', id: `n${at}`, name: `n${at}`, code: `X${at}` } as never,
    }));
    await StudioFinish.bulkCreate(many);
    expect(await faults('name,along,across\nNew,10,10')).toEqual([
      { row: 1, column: '', reason: { because: 'too-many-rows', found: 501, most: MOST_FINISHES } },
    ]);
    expect(await importTiles(ours, 'name,along,across\njasper,10,10', true)).toMatchObject({ ok: true });
  });
});
