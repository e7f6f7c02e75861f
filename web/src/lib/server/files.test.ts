import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { makeRoom, must, outlineFaces, usualStyle, type Design } from 'goodreach';
import { database } from './database';
import { dropLostParts, findFile, pictureType, storeFile } from './files';
import { createJob, createRoom } from './rooms';
import type { SignedIn } from './sessions';
import { countUpload, MOST_UPLOADS } from './sign-in-brake';
import { addStudio, freshDatabase } from './testing/fresh-database';

let drop: () => Promise<void>;
let ours: SignedIn;
let theirs: SignedIn;
let roomId: string;
let design: Design;
const png = new Uint8Array([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, 1, 2, 3]);

beforeAll(async () => {
  drop = await freshDatabase();
  ours = await addStudio('Ours');
  theirs = await addStudio('Theirs');
  const faces = outlineFaces({ id: 'rectangle', turns: 0, mirrored: false }, [4000, 3000], 'mm');
  design = must(makeRoom({ name: 'Kitchen', ...usualStyle('mm'), ceilingHeight: 2400, faces }));
  roomId = (await createRoom(ours, await createJob(ours, 'A job', 'mm', 1), design)).id;
});
afterAll(() => drop());

describe('files laid under a room', () => {
  it('come back byte for byte, to their own studio only', async () => {
    const stored = await storeFile(ours, roomId, 'sketch.png', [png]);
    if (stored.kind !== 'stored') throw new Error(stored.kind);
    const file = await findFile(ours, roomId, stored.id);
    expect(file).toMatchObject({ name: 'sketch.png', type: 'image/png' });
    expect(new Uint8Array(file!.bytes)).toEqual(png);
    expect(await findFile(theirs, roomId, stored.id)).toBeNull();
    expect(await findFile(ours, roomId, 'no id')).toBeNull();
  });

  it.each([
    [0, 'stored'],
    [-1, 'full'],
  ])('take no more than the studio may have: %s bytes beside it', async (spare, kind) => {
    const studio = await addStudio(`Full ${spare}`);
    const room = await createRoom(studio, await createJob(studio, 'A job', 'mm', 1), design);
    process.env['STUDIO_FILE_BYTES'] = String(2 * png.length + spare);
    try {
      expect(await storeFile(studio, room.id, 'one.png', [png])).toMatchObject({ kind: 'stored' });
      expect(await storeFile(studio, room.id, 'two.png', [png])).toMatchObject({ kind });
      // Others have room of their own.
      const beside = await addStudio(`Beside ${spare}`);
      const other = await createRoom(beside, await createJob(beside, 'A job', 'mm', 1), design);
      expect(await storeFile(beside, other.id, 'one.png', [png])).toMatchObject({ kind: 'stored' });
    } finally {
      delete process.env['STUDIO_FILE_BYTES'];
    }
  });

  const parts = async () => {
    const [rows] = await (await database()).query('select octet_length(bytes) as bytes from file_parts');
    return rows.map((row) => (row as { bytes: number }).bytes);
  };

  it('go to the database as they come, and come back as one, whatever pieces they were sent in', async () => {
    const whole = Uint8Array.from({ length: 2_300_000 }, (_, at) => (at < png.length ? png[at]! : at % 251));
    const seen: number[][] = [];
    async function* pieces() {
      for (let at = 0; at < whole.length; at += 170_001) {
        yield whole.subarray(at, at + 170_001);
        seen.push(await parts());
      }
    }
    const stored = await storeFile(ours, roomId, 'large.png', pieces());
    if (stored.kind !== 'stored') throw new Error(stored.kind);
    expect(seen.at(-1)).toEqual([1_000_000, 1_000_000]);
    expect(Buffer.compare((await findFile(ours, roomId, stored.id))!.bytes, whole)).toBe(0);
    expect(await parts()).toEqual([]);
  });

  it('of which the rest never comes leave nothing behind', async () => {
    async function* broken() {
      yield Uint8Array.from({ length: 1_200_000 }, (_, at) => png[at] ?? 0);
      expect(await parts()).toEqual([1_000_000]);
      throw new Error('gone');
    }
    await expect(storeFile(ours, roomId, 'broken.png', broken())).rejects.toThrow('gone');
    expect(await parts()).toEqual([]);
    const late = `insert into file_parts values (gen_random_uuid(), 0, 'x', now() - interval '61 minutes')`;
    await (await database()).query(late);
    await (await database()).query(late.replace('61', '59'));
    await dropLostParts();
    expect(await parts()).toEqual([1]);
    await (await database()).query('delete from file_parts');
  });

  it('are counted for each person, up to so many within an hour', async () => {
    for (let sent = 0; sent < MOST_UPLOADS; sent++) expect(await countUpload(ours.personId)).toBe(0);
    const seconds = await countUpload(ours.personId);
    expect(seconds).toBeGreaterThan(3_500);
    expect(seconds).toBeLessThanOrEqual(3_600);
    expect(await countUpload(theirs.personId)).toBe(0);
  });

  it('are stored for rooms of the studio only, and only when they are pictures', async () => {
    expect(await storeFile(theirs, roomId, 'sketch.png', [png])).toEqual({ kind: 'missing' });
    expect(await storeFile(ours, roomId, 'page.png', [new TextEncoder().encode('<html>')])).toEqual({
      kind: 'unknown',
    });
  });

  it.each([
    ['<svg xmlns="http://www.w3.org/2000/svg"/>', 'image/svg+xml'],
    ['<?xml version="1.0"?>\n<!-- made -->\n<svg>', 'image/svg+xml'],
    ['<?xml version="1.0"?><!DOCTYPE svg><!-- a --><!-- b -->\n<svg/>', 'image/svg+xml'],
    ['\uFEFF <svg\twidth="1">', 'image/svg+xml'],
    ['<!-- <svg> -->', null],
    ['<!--', null],
    ['<!-->-->'.repeat(240) + '<svg>', 'image/svg+xml'],
    ['<!---->'.repeat(280), null],
    ['<html><svg>', null],
    ['<svgx>', null],
    ['', null],
  ])('are told by their bytes: %s', (text, type) => {
    expect(pictureType(new TextEncoder().encode(text))).toBe(type);
  });
});
