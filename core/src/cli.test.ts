import { execFile } from 'node:child_process';
import { mkdtemp, readFile, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { promisify } from 'node:util';
import { beforeAll, describe, expect, it } from 'vitest';
import { RoomBuilder } from './demo/build-room';
import { galleyWithBay } from './demo/galley-with-bay';
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

async function goodreach(...words: string[]): Promise<{ status: number; out: string; error: string }> {
  try {
    // From another folder, as a person would.
    const { stdout, stderr } = await run(process.execPath, [command, ...words], { cwd: folder });
    return { status: 0, out: stdout, error: stderr };
  } catch (failure) {
    const { code, stdout, stderr } = failure as { code: number; stdout: string; stderr: string };
    return { status: code, out: stdout, error: stderr };
  }
}

describe('goodreach', { timeout: 60_000 }, () => {
  it('validates, and prints the room, findings and chains as JSON', async () => {
    expect(JSON.parse((await goodreach('validate', file)).out)).toMatchObject({ ok: true });
    const room = JSON.parse((await goodreach('room', file)).out);
    expect(room.corners).toHaveLength(12);
    expect(room.faces[11]).toMatchObject({ face: 'L', corner: expect.closeTo(91.3, 6) });
    expect(JSON.parse((await goodreach('check', file)).out).counts).toMatchObject({ blocked: 0 });
    const { chains } = JSON.parse((await goodreach('dims', file)).out);
    expect(
      chains.find((chain: { face: string; row: string }) => chain.face === 'K' && chain.row === 'overall')
        .overall.text,
    ).toBe('4115');
  });

  it('prints the items by number, and what collides', async () => {
    const { items } = JSON.parse((await goodreach('items', file)).out);
    expect(items.map(({ number }: { number: number }) => number)).toEqual([1, 2, 3, 4, 5, 6, 7, 8, 9, 10]);
    expect(items[0]).toMatchObject({
      code: 'F600-3',
      face: 'A',
      along: 120,
      up: 0,
      special: false,
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
    expect(collisions[0].text).toMatch(/F600.* go (220|380) mm into each other\./);
  });

  it('writes the sheet as a PDF', async () => {
    const out = join(folder, 'sheet.pdf');
    const answer = await goodreach('sheet', file, '--page', 'A3', '--scale', '20', '--out', out);
    expect(JSON.parse(answer.out)).toMatchObject({ page: 'A3', scale: '1:20', out });
    expect((await readFile(out, 'latin1')).slice(0, 5)).toBe('%PDF-');
  });

  it.each([
    ['a file that is not there', ['validate', 'nowhere.json'], 'ENOENT'],
    ['a page that is not known', ['sheet', 'galley.json', '--page', 'A9'], 'There is no page “A9”'],
    [
      'a day that never was',
      ['sheet', 'galley.json', '--date', '2026-02-31'],
      'There is no date “2026-02-31”',
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
