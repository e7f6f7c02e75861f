import { execFile } from 'node:child_process';
import { mkdtemp, readFile, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { promisify } from 'node:util';
import { beforeAll, describe, expect, it } from 'vitest';
import { runCli, type Ran } from '../testing/run-cli';
import { RoomBuilder } from './demo/build-room';
import { recordsOf } from './document/design';
import { galleyWithBay } from './demo/galley-with-bay';
import { WEIGHT, type Primitive } from './drawing/primitives';
import { writeDesignJson } from './exports/design-json';

const run = promisify(execFile);
const command = fileURLToPath(new URL('../bin/goodreach.mjs', import.meta.url));
let folder: string;
let file: string;

beforeAll(async () => {
  folder = await mkdtemp(join(tmpdir(), 'goodreach-'));
  file = join(folder, 'galley.json');
  await writeFile(file, writeDesignJson(galleyWithBay()));
});

/** The command in this process. `GALLEY` is the demo galley's file. */
const goodreach = (...words: string[]): Promise<Ran> =>
  runCli(...words.map((word) => (word === 'GALLEY' ? file : word)));

/** The command as a person runs it, from another folder. */
async function installed(...words: string[]): Promise<Ran> {
  try {
    const { stdout, stderr } = await run(process.execPath, [command, ...words], { cwd: folder });
    return { status: 0, out: stdout, error: stderr };
  } catch (failure) {
    const { code, stdout, stderr } = failure as { code: number; stdout: string; stderr: string };
    return { status: code, out: stdout, error: stderr };
  }
}

describe('goodreach', () => {
  it('runs from any folder, and ends with a status', async () => {
    expect(JSON.parse((await installed('validate', 'galley.json')).out)).toMatchObject({ ok: true });
    const missing = await installed('room', 'attic.json');
    expect([missing.status, missing.out, JSON.parse(missing.error).error.code]).toEqual([1, '', 'file']);
  });

  it('validates, and prints the room, findings and chains as JSON', async () => {
    expect(JSON.parse((await goodreach('validate', file)).out)).toMatchObject({ ok: true });
    const room = JSON.parse((await goodreach('room', file)).out);
    expect(room.corners).toHaveLength(12);
    expect(room.faces[11]).toMatchObject({ face: 'L', corner: expect.closeTo(91.3, 6) });
    expect(JSON.parse((await goodreach('check', file)).out).counts).toMatchObject({ blocked: 2 });
    const asked = JSON.parse((await goodreach('check', file, '--pack', 'accessible, metric')).out);
    expect(asked.packs.map(({ id }: { id: string }) => id)).toEqual(['accessible', 'metric']);
    const door = asked.findings.find(({ rule }: { rule: string }) => rule === 'A-door');
    expect(door).toMatchObject({
      ...{ key: expect.stringMatching(/^A-door opening-/), verdict: expect.any(String), lacking: [] },
      checks: [{ name: 'clear opening', level: 'code', required: 812.8, limit: 'least' }],
    });
    const { chains } = JSON.parse((await goodreach('dims', file)).out);
    expect(
      chains.find((chain: { face: string; row: string }) => chain.face === 'K' && chain.row === 'overall')
        .overall.text,
    ).toBe('4115');
  });

  it('prints what is open, and proposals by an order of criteria with every value', async () => {
    const { open } = JSON.parse((await goodreach('open', file)).out);
    expect(open).toHaveLength(3);
    expect(open.find(({ face }: { face: string }) => face === 'K')).toMatchObject({
      band: 'tall',
      length: expect.closeTo(50, 5),
      leftOpenOnPurpose: true,
      filler: { meets: ['built', 'side'], visible: expect.closeTo(50, 5), cut: expect.closeTo(60, 5) },
    });
    const services = JSON.parse((await goodreach('services', file)).out);
    const lights = services.surveyed.map(({ type }: { type: string }) => type);
    expect(lights).toEqual(Array(5).fill('light'));
    expect(services.roughIns.find(({ type }: { type: string }) => type === 'gas')).toMatchObject({
      face: 'C',
      along: 510,
    });
    const words = [
      'propose',
      file,
      '--face',
      'k',
      '--order',
      'items,price',
      '--most',
      '3',
      '--centre',
      '1500',
    ];
    const { order, proposals } = JSON.parse((await goodreach(...words)).out);
    expect(order).toEqual(['items', 'price']);
    const values = proposals.map((one: { values: Record<string, number> }) => one.values);
    for (const one of values)
      expect(Object.keys(one).sort()).toEqual([
        'alignment',
        'filler',
        'items',
        'price',
        'symmetry',
        'widths',
      ]);
    for (let i = 1; i < values.length; i++)
      expect(values[i].items > values[i - 1].items || values[i].price >= values[i - 1].price).toBe(true);
    const wrong = await goodreach('propose', file, '--face', 'A', '--order', 'beauty');
    expect([wrong.status, JSON.parse(wrong.error).error.message]).toEqual([
      1,
      expect.stringContaining('beauty'),
    ]);
  });

  it('fills bare runs, one or a list, and refuses what is not sound', async () => {
    const one = {
      ...{ id: 'r', length: 1800, widths: [400, 600], items: [], inner: null, order: ['items'] },
      ends: [
        { min: 0, max: 0 },
        { min: 0, max: 0 },
      ],
    };
    const plain = async (text: string) => {
      const path = join(folder, 'cases.json');
      await writeFile(path, text);
      return goodreach('propose', '--plain', path);
    };
    const answer = { id: 'r', proven: true, values: { filler: 0, widths: 1, symmetry: 0, items: 3 } };
    expect(JSON.parse((await plain(JSON.stringify(one))).out)).toMatchObject(answer);
    expect(JSON.parse((await plain(JSON.stringify([one, one]))).out)).toMatchObject([answer, answer]);
    const refused = async (text: string) => JSON.parse((await plain(text)).error).error.message;
    expect(await refused(JSON.stringify([one, { ...one, lenght: 3 }]))).toContain('cases[1].lenght');
    expect(await refused('{"id": "r", "id": "s"}')).toContain('“id” stands twice');
  });

  it('answers bare tops, and says in the place of one of a list why it can’t be', async () => {
    const plain = async (value: object) => {
      const path = join(folder, 'tops.json');
      await writeFile(path, JSON.stringify(value));
      return goodreach('tops', '--plain', path);
    };
    const square = [
      [0, 0],
      [2000, 0],
      [2000, 900],
      [0, 900],
    ];
    const bar = { id: 'bar', polygon: square, overhang: { e0: 265 } };
    const off = {
      ...bar,
      id: 'off',
      cutouts: [{ id: 'tap', edge: 'e1', along: 900, front: 40, radius: 20 }],
    };
    const answer = {
      id: 'bar',
      pieces: [{ area: 2000 * 1165, perimeter: 6330, edges: { e0: 2000, e1: 1165 } }],
    };
    expect(JSON.parse((await plain(bar)).out)).toMatchObject(answer);
    expect(JSON.parse((await plain([off, bar])).out)).toMatchObject([
      { id: 'off', refused: { code: 'cut-out-outside', message: expect.stringContaining('tap') as string } },
      answer,
    ]);
    const alone = await plain(off);
    expect([alone.status, JSON.parse(alone.error).error.code]).toEqual([1, 'cut-out-outside']);
    expect(JSON.parse((await plain([bar, { ...bar, edge: 1 }])).error).error.message).toContain(
      'cases[1].edge',
    );
  });

  it('tells the tops of a room', async () => {
    const { tops, corrections } = JSON.parse((await goodreach('tops', file)).out);
    expect(corrections).toEqual([]);
    for (const { area, perimeter, edgeLengths, rings, pieces } of tops) {
      const sum = (key: string, of: Record<string, number>[]) => of.reduce((all, one) => all + one[key]!, 0);
      expect(sum('area', rings)).toBeCloseTo(area, 3);
      expect(sum('area', pieces)).toBeCloseTo(area, 3);
      const edges = rings.flatMap((ring: { edges: Record<string, number>[] }) => ring.edges);
      expect(sum('length', edges)).toBeCloseTo(perimeter, 3);
      expect(Object.values<number>(edgeLengths).reduce((a, b) => a + b)).toBeCloseTo(perimeter, 3);
    }
    expect((await goodreach('tops')).status).toBe(1);
  });

  it.each([
    [['--face', 'A,A'], 'are not faces that follow one another'],
    [['--face', 'A,C'], 'are not faces that follow one another'],
    [['--face', 'A,B', '--at', '100'], 'lies on one face'],
    [['--face', 'K', '--at', '20 m'], 'can’t be 20000 mm'],
    [['--face', 'K', '--centre', '-1'], 'The centre line can’t be'],
  ])('refuses to propose for %s', async (words, reason) => {
    const { status, error } = await goodreach('propose', file, ...words);
    expect([status, JSON.parse(error).error.message]).toEqual([1, expect.stringContaining(reason)]);
  });

  it('says whether a table is a sound range, and saves ours as tables', async () => {
    const saved = await goodreach('range', 'export', 'saltbox');
    const table = join(folder, 'range.csv');
    await writeFile(table, saved.out);
    const sound = await goodreach('range', 'import', table);
    expect([sound.status, JSON.parse(sound.out)]).toMatchObject([
      0,
      { ok: true, range: { name: 'Saltbox', unit: 'in' } },
    ]);
    await writeFile(table, saved.out.replace('34.5', 'tall'));
    const faulty = await goodreach('range', 'import', table);
    expect([faulty.status, JSON.parse(faulty.out)]).toMatchObject([
      1,
      { ok: false, faults: [{ row: 2, column: 'heights', value: 'tall' }] },
    ]);
    expect((await goodreach('range', 'export', 'sofas')).error).toContain('There is no range “sofas”');
  });

  it('prints the items by number, and what collides', async () => {
    const { items } = JSON.parse((await goodreach('items', file)).out);
    expect(items.map(({ number }: { number: number }) => number)).toEqual(
      Array.from({ length: 31 }, (_, index) => index + 1),
    );
    expect(items[0]).toMatchObject({
      code: 'F600-3',
      face: 'A',
      along: 120,
      up: 0,
      special: [],
      price: 340,
    });
    expect(JSON.parse((await goodreach('collide', file)).out)).toEqual({ collisions: [], failed: [] });
    const builder = new RoomBuilder(galleyWithBay());
    builder.set('F600', 'face-a', 500);
    const crowded = join(folder, 'crowded.json');
    await writeFile(crowded, writeDesignJson(builder.design));
    const { collisions } = JSON.parse((await goodreach('collide', crowded)).out);
    expect(collisions.map(({ measured }: { measured: number }) => Math.round(measured)).sort()).toEqual([
      220, 380,
    ]);
    expect(collisions[0].text).toMatch(
      /^Base cabinet \d+ and drawer base \d+ go (220|380) mm into each other\.$/,
    );
  });

  it('draws a view as SVG true to scale, or as its marks', async () => {
    const svg = (await goodreach('draw', file, '--view', 'elevation:a')).out;
    // Face A is 1320 long: 66 mm at 1:20 between the level markers and the margin.
    expect(svg).toMatch(/^<svg [^>]*width="[\d.]+mm"/);
    expect(svg).toContain('900 counter');
    const json = JSON.parse((await goodreach('draw', file, '--view', 'unfold', '--format', 'json')).out);
    expect(json).toMatchObject({ view: 'unfold', scale: '1:20', unit: 'mm' });
    expect(new Set(json.marks.map(({ layer }: { layer: string }) => layer))).toContain('levels');
    const free = recordsOf(galleyWithBay(), 'item').find(({ code }) => code === 'F800')!;
    const peninsula = (await goodreach('draw', file, '--view', `elevation:${free.id}`)).out;
    expect(peninsula).toContain(`data-source="${free.id}"`);
    const section = JSON.parse(
      (await goodreach('draw', file, '--view', 'section:1', '--format', 'json')).out,
    );
    // The line runs through the cooker in its bay.
    const cooker = recordsOf(galleyWithBay(), 'item').find(({ code }) => code === 'COOK900')!;
    const weights = (section.marks as Primitive[]).flatMap((mark) =>
      mark.type === 'path' && mark.source === cooker.id ? [mark.weight] : [],
    );
    expect(weights).toContain(WEIGHT.cut);
    const dxf = (await goodreach('draw', file, '--view', `elevation:${free.id}:back`, '--format', 'dxf')).out;
    expect(dxf).toMatch(/\$INSUNITS\s+70\s+4\s/);
    const wrong = await goodreach('draw', file, '--view', 'elevation:Q');
    expect([wrong.status, JSON.parse(wrong.error).error.message]).toEqual([
      1,
      expect.stringMatching(/elevation:A.*section:1/),
    ]);
    const format = await goodreach('draw', file, '--view', 'plan', '--format', 'png');
    expect(JSON.parse(format.error).error.message).toContain('svg, dxf, json');
  });

  it('writes every drawing side by side as a DXF, and sheets as SVGs', async () => {
    const all = await goodreach('dxf', file);
    const one = await goodreach('dxf', file, '--view', 'plan');
    const dimensions = (text: string) => text.split('AcDbAlignedDimension').length - 1;
    expect(dimensions(all.out)).toBeGreaterThan(2 * dimensions(one.out));
    expect(all.out).toContain('Elevation A');
    const out = join(folder, 'set.svg');
    const answer = JSON.parse(
      (await goodreach('sheet', file, '--show', 'elevations', '--format', 'svg', '--out', out)).out,
    );
    expect(answer.files).toHaveLength(answer.sheets.length);
    const first = await readFile(join(folder, 'set-01.svg'), 'utf8');
    expect(first).toMatch(/^<svg [^>]*width="420mm" height="297mm" viewBox="0 -297 420 297"/);
  });

  it('writes the sheet as a PDF', async () => {
    const out = join(folder, 'sheet.pdf');
    const answer = await goodreach('sheet', file, '--page', 'A3', '--scale', '20', '--out', out);
    expect(JSON.parse(answer.out)).toMatchObject({ page: 'A3', scale: '1:20', out });
    expect((await readFile(out, 'latin1')).slice(0, 5)).toBe('%PDF-');
    const all = JSON.parse((await goodreach('sheet', file, '--show', 'elevations', '--page', 'A2')).out);
    expect(all.sheets.join()).toContain('Section 1');
  });

  it('names who a job is for in its title blocks, or says what is wrong with that', async () => {
    const out = join(folder, 'whose.svg');
    const flags = ['--client', 'M. Ashgrove', '--drawn-by', 'KT', '--checked-by', 'RO'];
    flags.push('--site', '4 Quay Street');
    const drawn = await goodreach(
      'sheet',
      file,
      ...flags,
      '--number',
      '24-017',
      '--format',
      'svg',
      '--out',
      out,
    );
    expect(drawn.status).toBe(0);
    const { files = [out] } = JSON.parse(drawn.out) as { files?: string[] };
    const svg = await readFile(files[0]!, 'utf8');
    for (const words of ['M. Ashgrove · 4 Quay Street · drawn by KT · checked by RO', '24-017'])
      expect(svg).toContain(words);
    const wrong = await goodreach('sheet', file, '--number', 'x'.repeat(41));
    expect([wrong.status, wrong.error.includes('title block.number')]).toEqual([1, true]);
  });

  it('draws a set by a template, or says what is wrong with it', async () => {
    const path = join(folder, 'style.json');
    const style = { name: 'Short', parts: ['plan'], page: 'A3', scale: '20', lines: 'fine', without: [] };
    await writeFile(path, JSON.stringify(style));
    const drawn = await goodreach('sheet', file, '--show', 'set', '--style', path);
    expect(JSON.parse(drawn.out).sheets.slice(0, 2)).toEqual(['Cover', 'Plan']);
    expect(drawn.out).not.toContain('Elevation');
    await writeFile(path, JSON.stringify({ ...style, lines: 'thick', more: 1 }));
    const wrong = await goodreach('sheet', file, '--show', 'set', '--style', path);
    const { data } = JSON.parse(wrong.error).error;
    expect(data.faults.map((fault: { path: string }) => fault.path).sort()).toEqual([
      'style.lines',
      'style.more',
    ]);
  });

  it.each([
    ['a file that is not there', ['validate', 'nowhere.json'], 'ENOENT'],
    ['a page that is not known', ['sheet', 'GALLEY', '--page', 'A9'], 'There is no page “A9”'],
    [
      'a format of sheets that is not known',
      ['sheet', 'GALLEY', '--format', 'bmp'],
      'There is no format “bmp”',
    ],
    ['a day that never was', ['sheet', 'GALLEY', '--date', '2026-02-31'], 'There is no date “2026-02-31”'],
    [
      'a pack that is not known',
      ['check', 'GALLEY', '--pack', 'kitchen,boat'],
      'There is no pack “kitchen,boat”',
    ],
    ['a missing argument', ['room'], "missing required argument 'design'"],
  ])('ends with status 1 and says why: %s', async (_, words, reason) => {
    const answer = await goodreach(...words);
    expect(answer.status).toBe(1);
    expect(answer.error).toContain(reason);
  });

  it('names path, value and reason of a fault', async () => {
    const broken = join(folder, 'broken.json');
    await writeFile(
      broken,
      writeDesignJson(galleyWithBay()).replace('"ceilingHeight": 2380', '"ceilingHeight": -1'),
    );
    const answer = await goodreach('check', broken);
    expect(answer.status).toBe(1);
    expect(JSON.parse(answer.error).error).toMatchObject({
      code: 'design-faulty',
      data: {
        faults: [{ path: 'records.room.ceilingHeight', value: '-1', reason: 'must not be less than 1500' }],
      },
    });
  });
});
