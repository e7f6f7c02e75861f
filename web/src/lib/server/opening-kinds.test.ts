import { shapeOfOpening, usualOpening } from 'goodreach';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { checkBody, OpeningKindBody } from './bodies';
import { forgetOpeningKind, keepOpeningKind, listOpeningKinds } from './opening-kinds';
import type { SignedIn } from './sessions';
import { addStudio, freshDatabase } from './testing/fresh-database';

let drop: () => Promise<void>;
let ours: SignedIn;
let theirs: SignedIn;
const door = shapeOfOpening(usualOpening('', '', 'door', 0, 'mm'));

beforeAll(async () => {
  drop = await freshDatabase();
  ours = await addStudio('Ours');
  theirs = await addStudio('Theirs');
});
afterAll(() => drop());

describe('kinds of openings', () => {
  it('are kept by name, changed under the same name, and seen by their own studio only', async () => {
    const kept = await keepOpeningKind(ours, ' Stable door ', door);
    await keepOpeningKind(ours, 'Larder hatch', { ...door, type: 'hatch', height: 600, sill: 1050 });
    await keepOpeningKind(theirs, 'Stable door', { ...door, width: 700 });
    const changed = await keepOpeningKind(ours, 'Stable door', { ...door, width: 860 });
    expect(changed.id).toBe(kept.id);
    const listed = await listOpeningKinds(ours);
    expect(listed.map(({ name, shape }) => [name, shape.width])).toEqual([
      ['Larder hatch', 800],
      ['Stable door', 860],
    ]);
    expect((await listOpeningKinds(theirs)).map(({ shape }) => shape.width)).toEqual([700]);
  });

  it('are forgotten by their own studio only', async () => {
    const { id } = await keepOpeningKind(ours, 'Sash', { ...door, type: 'window', action: 'sash' });
    expect(await forgetOpeningKind(theirs, id)).toBe(false);
    expect(await forgetOpeningKind(ours, 'no id')).toBe(false);
    expect(await forgetOpeningKind(ours, id)).toBe(true);
    expect((await listOpeningKinds(ours)).some(({ name }) => name === 'Sash')).toBe(false);
  });

  it.each([
    [{ name: '', shape: door }, 'name'],
    [{ name: 'Door', shape: { ...door, width: -5 } }, 'shape.width'],
    [{ name: 'Door', shape: { ...door, action: 'lifting' } }, 'shape.action'],
    [{ name: 'Door', shape: { ...door, face: 'face-a' } }, 'shape.face'],
    [{ name: 'Door' }, 'shape'],
    ['Door', ''],
  ])('are refused with the path of what is wrong: %j', (body, path) => {
    const checked = checkBody(OpeningKindBody, body);
    expect(checked.ok ? [] : checked.faults.map((fault) => fault.path)).toContain(path);
  });
});
