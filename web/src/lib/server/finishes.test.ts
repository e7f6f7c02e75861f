import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { checkBody, FinishBody } from './bodies';
import { findFile, findStudioFile } from './files';
import { forgetFinish, keepFinish, listFinishes, MOST_FINISHES, MOST_PICTURE_BYTES } from './finishes';
import { StoredFile, StudioFinish } from './models';
import type { SignedIn } from './sessions';
import { addStudio, freshDatabase } from './testing/fresh-database';

let drop: () => Promise<void>;
let ours: SignedIn;
let theirs: SignedIn;
const png = new Uint8Array([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, 7]);
const oak = {
  ...{ name: 'Tidewrack', code: 'T90', of: 'timber', colour: '#807060', rough: 0.6, grain: true },
  ...{ long: 900, high: 1200, supplier: 'The mill', price: { amount: 84.5, per: 'm2' } },
};
const keep = async (...args: Parameters<typeof keepFinish>) => {
  const kept = await keepFinish(...args);
  if (kept.kind !== 'kept') throw new Error(JSON.stringify(kept));
  return kept.finish;
};

beforeAll(async () => {
  drop = await freshDatabase();
  ours = await addStudio('Ours');
  theirs = await addStudio('Theirs');
});
afterAll(() => drop());

describe('finishes of a studio', () => {
  it('are kept with their picture, changed, and seen by their own studio only', async () => {
    const kept = await keep(ours, oak, png);
    expect(kept).toMatchObject({ ...oak, kind: 'finish' });
    expect(await listFinishes(ours)).toEqual([kept]);
    expect(await listFinishes(theirs)).toEqual([]);
    const file = await findStudioFile(ours, kept.picture!);
    expect(new Uint8Array(file!.bytes)).toEqual(png);
    expect(await findStudioFile(theirs, kept.picture!)).toBeNull();
    expect(await findStudioFile(ours, 'no id')).toBeNull();

    // Without another picture it keeps its own; a picture is never taken from what was said of it.
    const changed = await keep(ours, { ...oak, name: ' Spume ', picture: 'made-up' }, undefined, kept.id);
    expect(changed).toMatchObject({ id: kept.id, name: 'Spume', picture: kept.picture });
    expect((await keep(ours, oak, new Uint8Array([...png, 8]), kept.id)).picture).not.toBe(kept.picture);
    expect((await keep(ours, oak, null, kept.id)).picture).toBeUndefined();
    // Rooms that were given it show it on.
    expect(await findStudioFile(ours, kept.picture!)).not.toBeNull();
    expect(await keepFinish(theirs, oak, undefined, kept.id)).toEqual({ kind: 'missing' });
    expect(await forgetFinish(theirs, kept.id)).toBe(false);
    expect(await forgetFinish(ours, 'no id')).toBe(false);
    expect(await forgetFinish(ours, kept.id)).toBe(true);
    expect(await listFinishes(ours)).toEqual([]);
  });

  it('have names and codes of their own, beside those of the program and of each other', async () => {
    const first = await keep(ours, oak, undefined);
    const taken = async (change: object, path: string) =>
      expect(
        await keepFinish(ours, { ...oak, name: 'Other', code: 'T91', ...change }, undefined),
      ).toMatchObject({
        ...{ kind: 'faulty', faults: [{ path }] },
      });
    await taken({ name: 'TIDEWRACK ' }, 'finish.name');
    await taken({ name: 'drift oak' }, 'finish.name');
    await taken({ code: 'T90' }, 'finish.code');
    await taken({ code: 'T1' }, 'finish.code');
    // Its own it keeps; another studio has codes of its own.
    await keep(ours, { ...oak, rough: 0.5 }, undefined, first.id);
    await keep(theirs, oak, undefined);
    // Two at once: one of them is told.
    const twins = await Promise.all(
      [1, 2].map(() => keepFinish(ours, { ...oak, name: 'Twin', code: 'T92' }, undefined)),
    );
    expect(twins.map(({ kind }) => kind).sort()).toEqual(['faulty', 'kept']);
  });

  it.each([
    ['a name', { name: ' ' }],
    ['a code', { code: 't1' }],
    ['a colour', { colour: 'red' }],
    ['a material', { of: 'wool' }],
    ['a size of its picture', { long: 4 }],
    ['no more than it may say', { other: 1 }],
  ])('say %s that can be kept', async (_, change) => {
    const [before, files] = [await StudioFinish.count(), await StoredFile.count()];
    const said = { ...oak, name: 'Faulty', code: 'T93', ...change };
    expect(await keepFinish(ours, said, png)).toMatchObject({ kind: 'faulty', faults: [{}] });
    expect([await StudioFinish.count(), await StoredFile.count()]).toEqual([before, files]);
  });

  it('have a picture that is one, and no larger than it may be', async () => {
    const svg = new TextEncoder().encode('<svg xmlns="http://www.w3.org/2000/svg"/>');
    const sized = (bytes: number) => new Uint8Array(bytes).map((_, at) => png[at] ?? 0);
    const said = { ...oak, name: 'Pictured', code: 'T94' };
    for (const bytes of [svg, sized(MOST_PICTURE_BYTES + 1)])
      expect(await keepFinish(ours, said, bytes)).toMatchObject({ faults: [{ path: 'picture' }] });
    await keep(ours, said, sized(MOST_PICTURE_BYTES));
    process.env['STUDIO_FILE_BYTES'] = '10';
    const full = await keepFinish(ours, { ...oak, name: 'Full', code: 'T95' }, png);
    delete process.env['STUDIO_FILE_BYTES'];
    expect(full).toMatchObject({ faults: [{ path: 'picture' }] });
    // It is of no room.
    const [row] = await StudioFinish.findAll({ where: { name: 'Pictured' } });
    expect(await findFile(ours, row!.id, row!.data.picture!)).toBeNull();
  });

  it('are so many at most', async () => {
    const { studioId } = theirs;
    const count = await StudioFinish.count({ where: { studioId } });
    await StudioFinish.bulkCreate(
      Array.from({ length: MOST_FINISHES - 1 - count }, (_, at) => ({
        ...{ studioId, name: `N${at}`, data: { name: `N${at}`, code: `C${at}` } as never },
      })),
    );
    await keep(theirs, { ...oak, name: 'Last', code: 'T96' }, undefined);
    expect(await keepFinish(theirs, { ...oak, name: 'More', code: 'T97' }, undefined)).toMatchObject({
      ...{ kind: 'faulty', faults: [{ path: 'finish' }] },
    });
  });

  it('are asked for with a finish, and a picture in base64, none, or nothing of it', () => {
    for (const body of [{ finish: {} }, { finish: {}, picture: null }, { finish: {}, picture: 'aGk=' }])
      expect(checkBody(FinishBody, body).ok).toBe(true);
    for (const body of [{}, { finish: 1 }, { finish: {}, picture: 'no!' }, { finish: {}, picture: 5 }])
      expect(checkBody(FinishBody, body).ok).toBe(false);
  });
});
