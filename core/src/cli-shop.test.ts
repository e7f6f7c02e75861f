import { mkdtemp, readFile, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { beforeAll, describe, expect, it } from 'vitest';
import { runCli as goodreach } from '../testing/run-cli';
import { galleyWithBay } from './demo/galley-with-bay';
import { writeDesignJson } from './exports/design-json';

let folder: string;
let file: string;
beforeAll(async () => {
  folder = await mkdtemp(join(tmpdir(), 'goodreach-'));
  file = join(folder, 'galley.json');
  await writeFile(file, writeDesignJson(galleyWithBay()));
});

describe('what the shop asks of the command line', () => {
  it('nests parts on sheets, case by case', async () => {
    const path = join(folder, 'nest.json');
    const one = {
      ...{ id: 'one', kerf: 4, trim: 10, seconds: 0.1, stock: [{ id: 's', l: 2800, w: 2070 }] },
      parts: [{ id: 'side', l: 720, w: 560, grain: true, qty: 9 }],
    };
    const small = { ...one, id: 'small', stock: [{ id: 's', l: 700, w: 700 }] };
    await writeFile(path, JSON.stringify([one, small]));
    const [first, second] = JSON.parse((await goodreach('nest', '--plain', path)).out);
    expect(first).toMatchObject({
      id: 'one',
      count: 1,
      sheetArea: 2800 * 2070,
      bound: { s: 1 },
      proven: true,
    });
    expect(first.sheets[0].parts).toHaveLength(9);
    expect(second).toMatchObject({ id: 'small', refused: { code: 'nest-too-large' } });
    await writeFile(path, JSON.stringify({ ...one, kerf: 'thin' }));
    expect((await goodreach('nest', '--plain', path)).error).toContain('case.kerf');
  });

  it('nests what a room takes of every sheet material, sawn as is said', async () => {
    const { nests } = JSON.parse(
      (await goodreach('nest', file, '--seconds', '0.1', '--kerf', '3', '--sheets', '2800x2070')).out,
    );
    expect(nests.length).toBeGreaterThan(2);
    for (const { material, sheets, bound } of nests) {
      expect(material.length).toBeGreaterThan(2);
      expect(Object.keys(bound)).toEqual(['2800x2070']);
      expect(new Set(sheets.map((sheet: { stock: string }) => sheet.stock))).toEqual(new Set(['2800x2070']));
    }
    expect((await goodreach('nest', file, '--sheets', 'large')).error).toContain('size of sheet');
    expect((await goodreach('nest', file, '--kerf', '')).error).toContain('kerf');
  });

  it('writes files for machines: of parts, of sheets for a router, or one table of every hole', async () => {
    const { files } = JSON.parse(
      (await goodreach('machine', file, '--of', 'parts', '--format', 'points')).out,
    );
    expect(files.map(({ name }: { name: string }) => name)).toEqual(['points.csv']);
    const [columns, first] = files[0].text.split('\n');
    expect(columns).toBe('piece,face,kind,x,y,z,length,width,depth');
    expect(first.split(',')).toHaveLength(9);
    const out = await mkdtemp(join(tmpdir(), 'goodreach-'));
    const sheets = ['machine', file, '--of', 'sheets', '--format', 'iso', '--seconds', '0'];
    const { written } = JSON.parse((await goodreach(...sheets, '--out', out)).out);
    expect(written.length).toBeGreaterThan(3);
    expect(await readFile(join(out, written[0]), 'utf8')).toContain('G21');
    expect((await goodreach(...sheets, '--kerf', '4')).error).toContain('cutter');
    expect((await goodreach('machine', file, '--of', 'all', '--format', 'iso')).error).toContain(
      'machine files',
    );
    expect((await goodreach('machine', file, '--of', 'sheets', '--format', 'points')).error).toContain('iso');
  });

  it('prints what a room costs, by prices of its own or made-up ones, or what is wrong with those', async () => {
    const { total, lines, groups } = JSON.parse((await goodreach('cost', file)).out);
    expect(lines.reduce((sum: number, { amount }: { amount: number }) => sum + amount, 0)).toBeCloseTo(
      total,
      6,
    );
    expect(groups[0]).toMatchObject({ group: 'boards' });
    const prices = join(folder, 'prices.csv');
    await writeFile(prices, 'code,unit,price\nfaced-board,m2,1\n');
    const own = JSON.parse((await goodreach('cost', file, '--prices', prices)).out);
    expect(own.lines.filter(({ group }: { group: string }) => group === 'boards').length).toBe(2);
    expect(own.asked.map(({ code }: { code: string }) => code)).toContain('edging');
    await writeFile(prices, 'code,unit,price\nfaced-board,acre,1\n');
    const wrong = await goodreach('cost', file, '--prices', prices);
    expect([wrong.status, JSON.parse(wrong.out).faults[0].row]).toEqual([1, 2]);
  });

  it('prints a template of every piece of every top', async () => {
    const { slab, templates } = JSON.parse((await goodreach('template', file)).out);
    expect(slab.length).toBeGreaterThan(slab.width);
    expect(templates.length).toBeGreaterThan(2);
    expect(templates[0]).toMatchObject({ top: 1, piece: 1, thickness: 30 });
    expect(templates[0].edges[0]).toHaveProperty('profile');
  });

  it('prints the parts of every cabinet, and lists for the shop', async () => {
    const { cabinets } = JSON.parse((await goodreach('parts', file)).out);
    expect(cabinets[0]).toMatchObject({ item: 1, code: 'F600-3', width: 600, depth: 560, height: 870 });
    expect(cabinets[0].parts[0]).toMatchObject({ name: 'Left side', length: 720, width: 560, qty: 1 });
    const list = await goodreach('schedule', file, '--of', 'cut', '--format', 'csv');
    expect(list.out.split('\n')[0]).toBe(
      'No.,Part,Pieces,Cut length,Cut width,Thick,Material,Edged,Length,Width,Code',
    );
    const all = JSON.parse((await goodreach('schedule', file, '--of', 'shop')).out);
    expect(all.schedules.map(({ id }: { id: string }) => id)).toEqual([
      ...['cut', 'edging', 'hardware', 'lengths', 'order', 'packing', 'cost'],
    ]);
  });
});
