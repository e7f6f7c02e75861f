import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { makeRoom, must, outlineFaces, usualStyle } from 'goodreach';
import { findFile, pictureType, storeFile } from './files';
import { createJob, createRoom } from './rooms';
import type { SignedIn } from './sessions';
import { addStudio, freshDatabase } from './testing/fresh-database';

let drop: () => Promise<void>;
let ours: SignedIn;
let theirs: SignedIn;
let roomId: string;
const png = new Uint8Array([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, 1, 2, 3]);

beforeAll(async () => {
  drop = await freshDatabase();
  ours = await addStudio('Ours');
  theirs = await addStudio('Theirs');
  const faces = outlineFaces({ id: 'rectangle', turns: 0, mirrored: false }, [4000, 3000], 'mm');
  const design = must(makeRoom({ name: 'Kitchen', ...usualStyle('mm'), ceilingHeight: 2400, faces }));
  roomId = (await createRoom(ours, await createJob(ours, 'A job', 'mm', 1), design)).id;
});
afterAll(() => drop());

describe('files laid under a room', () => {
  it('come back byte for byte, to their own studio only', async () => {
    const stored = await storeFile(ours, roomId, 'sketch.png', png);
    if (stored.kind !== 'stored') throw new Error(stored.kind);
    const file = await findFile(ours, roomId, stored.id);
    expect(file).toMatchObject({ name: 'sketch.png', type: 'image/png' });
    expect(new Uint8Array(file!.bytes)).toEqual(png);
    expect(await findFile(theirs, roomId, stored.id)).toBeNull();
    expect(await findFile(ours, roomId, 'no id')).toBeNull();
  });

  it('are stored for rooms of the studio only, and only when they are pictures', async () => {
    expect(await storeFile(theirs, roomId, 'sketch.png', png)).toEqual({ kind: 'missing' });
    expect(await storeFile(ours, roomId, 'page.png', new TextEncoder().encode('<html>'))).toEqual({
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
