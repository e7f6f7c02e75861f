import { setParts, type SheetStyle } from 'goodreach';
import { demoStyle } from 'goodreach/server';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { DELETE } from '../../routes/api/sheet-styles/[style]/+server';
import { GET, POST } from '../../routes/api/sheet-styles/+server';
import { database } from './database';
import { KeptSheetStyle } from './models';
import { findSheetStyle, keepSheetStyle, listSheetStyles, MOST_SHEET_STYLES } from './sheet-styles';
import { addStudio, freshDatabase } from './testing/fresh-database';

type Studio = Awaited<ReturnType<typeof addStudio>>;
let drop: () => Promise<void>;
let ours: Studio;
let theirs: Studio;
const style: SheetStyle = {
  ...{ name: 'Ours', parts: [...setParts], page: 'A3', scale: '20', lines: 'usual', without: [] },
};

beforeAll(async () => {
  drop = await freshDatabase();
  await database();
  ours = await addStudio('Ours');
  theirs = await addStudio('Theirs');
});
afterAll(() => drop());
beforeEach(() => KeptSheetStyle.destroy({ where: {} }));

/** What a body is answered with. */
async function posted(body: unknown): Promise<{ status: number; faults: string[] }> {
  const request = new Request('http://localhost/', { method: 'POST', body: JSON.stringify(body) });
  try {
    const answer = await POST({ locals: { person: ours }, request } as never);
    const said = (await answer.json()) as { data?: { faults: { path: string }[] } };
    return { status: answer.status, faults: (said.data?.faults ?? []).map(({ path }) => path) };
  } catch (thrown) {
    return { status: (thrown as { status: number }).status, faults: [] };
  }
}

describe('templates of sheets', () => {
  it('are kept under their name, of which each studio has one, and listed by it', async () => {
    expect(await posted({ ...style, name: ' Working ' })).toEqual({ status: 201, faults: [] });
    expect(await posted(demoStyle())).toEqual({ status: 201, faults: [] });
    expect(await posted({ ...style, name: 'Working', lines: 'strong' })).toEqual({ status: 201, faults: [] });
    const listed = await listSheetStyles(ours);
    expect(listed.map((one) => [one.style.name, one.style.lines])).toEqual([
      ['Tidewrack set', 'usual'],
      ['Working', 'strong'],
    ]);
    expect(await listSheetStyles(theirs)).toEqual([]);
    expect(await findSheetStyle(ours, listed[1]!.id)).toMatchObject({ name: 'Working' });
    expect(await findSheetStyle(theirs, listed[1]!.id)).toBeNull();
    expect(await findSheetStyle(ours, 'no id')).toBeNull();
    const answer = await GET({ locals: { person: ours } } as never);
    expect(await answer.json()).toHaveLength(2);
  });

  it('are refused where they are no templates, with what is wrong', async () => {
    const wrong = async (change: object) => (await posted({ ...style, ...change })).faults;
    expect(await wrong({ parts: ['plan', 'plan'] })).toEqual(['parts']);
    expect(await wrong({ parts: ['attic'] })).toEqual(['parts']);
    expect(await wrong({ page: 'A9' })).toEqual(['page']);
    expect(await wrong({ lines: 'thick' })).toEqual(['lines']);
    expect(await wrong({ name: '' })).toEqual(['name']);
    expect(await wrong({ notes: 'x'.repeat(1_501) })).toEqual(['notes']);
    expect(await wrong({ notes: '\n'.repeat(29) + 'x' })).toEqual([]);
    expect(await wrong({ notes: '\n'.repeat(30) + 'x' })).toEqual(['notes']);
    expect(await wrong({ address: 'x'.repeat(121) })).toEqual(['address']);
    expect(await wrong({ more: 1 })).toEqual(['more']);
    const logo = (type: string, data: string) => wrong({ logo: { type, data } });
    expect(await logo('image/png', demoStyle().logo!.data)).toEqual([]);
    const wide = (dots: number) => {
      const bytes = Buffer.from(demoStyle().logo!.data, 'base64');
      bytes.writeUInt32BE(dots, 16);
      return bytes.toString('base64');
    };
    expect(await logo('image/png', wide(4_000))).toEqual([]);
    expect(await logo('image/png', wide(4_001))).toEqual(['logo']);
    expect(await logo('image/jpeg', demoStyle().logo!.data)).toEqual(['logo']);
    expect(await logo('image/png', btoa('no picture'))).toEqual(['logo']);
    expect(await logo('image/svg+xml', btoa('<svg/>'))).toEqual(['logo.type']);
    expect(await logo('image/png', 'not base64!')).toEqual(['logo.data']);
  });

  it('are so many at most; those there are can still be changed', async () => {
    for (let count = 0; count < MOST_SHEET_STYLES; count++)
      expect((await keepSheetStyle(ours, { ...style, name: `${count}` })).kind).toBe('kept');
    expect((await keepSheetStyle(ours, style)).kind).toBe('full');
    expect((await posted(style)).status).toBe(409);
    expect((await keepSheetStyle(ours, { ...style, name: '3', lines: 'fine' })).kind).toBe('kept');
    expect((await keepSheetStyle(theirs, style)).kind).toBe('kept');
  });

  it('of one name kept twice at the same moment are one', async () => {
    const kept = await Promise.all(Array.from({ length: 6 }, () => keepSheetStyle(ours, style)));
    expect(kept.every(({ kind }) => kind === 'kept' || kind === 'taken')).toBe(true);
    expect(await listSheetStyles(ours)).toHaveLength(1);
  });

  it('are forgotten by their studio only', async () => {
    const kept = await keepSheetStyle(ours, style);
    const id = kept.kind === 'kept' ? kept.style.id : '';
    const forget = (person: Studio) => DELETE({ locals: { person }, params: { style: id } } as never);
    await expect(forget(theirs)).rejects.toMatchObject({ status: 404 });
    expect((await forget(ours)).status).toBe(204);
    await expect(forget(ours)).rejects.toMatchObject({ status: 404 });
  });
});
