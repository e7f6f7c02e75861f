import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { checkBody, StandardsBody } from './bodies';
import type { SignedIn } from './sessions';
import { changeStandards, studioStandards } from './studios';
import { addStudio, freshDatabase } from './testing/fresh-database';

let drop: () => Promise<void>;
let ours: SignedIn;
let theirs: SignedIn;

beforeAll(async () => {
  drop = await freshDatabase();
  ours = await addStudio('Ours');
  theirs = await addStudio('Theirs');
});
afterAll(() => drop());

describe('the standards of a studio', () => {
  it('allow no special widths until it says so, and are its own', async () => {
    expect(await studioStandards(ours)).toEqual({ specials: false });
    await changeStandards(ours, { specials: true });
    expect([await studioStandards(ours), await studioStandards(theirs)]).toEqual([
      { specials: true },
      { specials: false },
    ]);
    await changeStandards(ours, { specials: false });
    expect(await studioStandards(ours)).toEqual({ specials: false });
  });

  it.each([[{}], [{ specials: 'yes' }], [{ specials: true, name: 'Elsewhere' }]])(
    'are refused as %j',
    (body) => {
      expect(checkBody(StandardsBody, body).ok).toBe(false);
    },
  );
});
