import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { checkBody, NewJobBody, PasswordBody, SaveBody, SignInBody } from './bodies';
import { database, openDatabase } from './database';
import { demoSignIn, loadDemo } from './demo';
import { Job, Person, Room, SessionRow, Studio } from './models';
import {
  changePassword,
  endOtherSessions,
  endSession,
  otherSessions,
  signIn,
  startSession,
  whoIs,
} from './sessions';
import { countTry, LIMITS } from './sign-in-brake';
import { addStudio, freshDatabase } from './testing/fresh-database';

let drop: () => Promise<void>;
beforeAll(async () => {
  drop = await freshDatabase();
});
afterAll(() => drop());

describe('sessions', () => {
  const address = '192.0.2.1';

  it('start with the right password only, and end', async () => {
    const person = await addStudio('Sessions');
    expect(await signIn({ email: person.email, address }, 'wrong')).toEqual({ kind: 'wrong' });
    expect(await signIn({ email: 'nobody@studio.example', address }, person.password)).toEqual({
      kind: 'wrong',
    });
    const outcome = await signIn({ email: `  ${person.email.toUpperCase()} `, address }, person.password);
    if (outcome.kind !== 'signed-in') throw new Error(outcome.kind);
    expect(await whoIs(outcome.token)).toEqual({
      personId: person.personId,
      personName: 'Designer',
      studioId: person.studioId,
      studioName: 'Sessions',
    });
    await endSession(outcome.token);
    expect(await whoIs(outcome.token)).toBeNull();
  });

  it('are not tried for ever: of one account from one place eight times, until a while is over', async () => {
    const [person, other] = [await addStudio('Tried'), await addStudio('Beside')];
    const from = (one: typeof person, at = address) => ({ email: one.email, address: at });
    for (let tries = 0; tries < LIMITS.pair.points - 1; tries++)
      expect(await signIn(from(person), 'wrong')).toEqual({ kind: 'wrong' });
    // The right one is let in up to the last, and then all tries are open again.
    expect(await signIn(from(person), person.password)).toMatchObject({ kind: 'signed-in' });
    for (let tries = 0; tries < LIMITS.pair.points; tries++)
      expect(await signIn(from(person), 'wrong')).toEqual({ kind: 'wrong' });
    const braked = await signIn(from(person), person.password);
    if (braked.kind !== 'braked') throw new Error(braked.kind);
    expect(braked.seconds).toBeGreaterThan(LIMITS.pair.duration - 60);
    expect(braked.seconds).toBeLessThanOrEqual(LIMITS.pair.duration);
    // From elsewhere, and for others, it goes on.
    expect(await signIn(from(person, '192.0.2.2'), person.password)).toMatchObject({ kind: 'signed-in' });
    expect(await signIn(from(other), other.password)).toMatchObject({ kind: 'signed-in' });
    await (await database()).query('update sign_in_tries set expire = 1');
    expect(await signIn(from(person), person.password)).toMatchObject({ kind: 'signed-in' });
  });

  it('are braked for one place that tries many accounts, and for one account tried from many places', async () => {
    const at = '192.0.2.3';
    for (let tries = 0; tries < LIMITS.address.points; tries++)
      expect(await countTry({ email: `someone-${tries}@studio.example`, address: at })).toBe(0);
    expect(await countTry({ email: 'one-more@studio.example', address: at })).toBeGreaterThan(0);
    const email = 'sought@studio.example';
    for (let tries = 0; tries < LIMITS.account.points; tries++)
      expect(await countTry({ email, address: `198.51.100.${tries}` })).toBe(0);
    expect(await countTry({ email: email.toUpperCase(), address: '203.0.113.1' })).toBeGreaterThan(0);
  });

  it('end when they are not used for a week, and go on while they are', async () => {
    const person = await addStudio('Idle');
    const token = await startSession(person.personId);
    const unused = (days: number) =>
      SessionRow.update(
        { usedAt: new Date(Date.now() - days * 24 * 3_600_000) },
        { where: { personId: person.personId } },
      );
    await unused(6.99);
    expect(await whoIs(token)).toMatchObject({ personId: person.personId });
    const row = (await SessionRow.findOne({ where: { personId: person.personId } }))!;
    expect(Date.now() - row.usedAt.getTime()).toBeLessThan(60_000);
    await unused(7.01);
    expect(await whoIs(token)).toBeNull();
  });

  it('keep neither the password nor the token', async () => {
    const person = await addStudio('Secrets');
    const token = await startSession(person.personId);
    const { passwordHash } = (await Person.findByPk(person.personId))!;
    expect(passwordHash).toMatch(/^\$argon2id\$/);
    const row = (await SessionRow.findOne({ where: { personId: person.personId } }))!;
    expect(row.id).not.toContain(token);
  });

  it('run out', async () => {
    const person = await addStudio('Late');
    const token = await startSession(person.personId);
    await SessionRow.update(
      { expiresAt: new Date(Date.now() - 1000) },
      { where: { personId: person.personId } },
    );
    expect(await whoIs(token)).toBeNull();
  });
});

describe('a password', () => {
  const address = '192.0.2.20';

  it('is changed by who knows the one before, and ends the sessions elsewhere', async () => {
    const person = await addStudio('Changing');
    const [here, there] = [await startSession(person.personId), await startSession(person.personId)];
    expect(await otherSessions(person.personId, here)).toBe(1);
    const change = (current: string) =>
      changePassword(person, { token: here, address }, { current, password: 'another long one' });
    expect(await change('wrong')).toEqual({ kind: 'wrong' });
    expect(await whoIs(there)).not.toBeNull();
    expect(await change(person.password)).toEqual({ kind: 'changed' });
    expect([await whoIs(here), await whoIs(there)]).toMatchObject([{ personId: person.personId }, null]);
    expect(await signIn({ email: person.email, address }, person.password)).toEqual({ kind: 'wrong' });
    const outcome = await signIn({ email: person.email, address }, 'another long one');
    expect(outcome).toMatchObject({ kind: 'signed-in' });
    expect(await otherSessions(person.personId, here)).toBe(1);
    expect(await endOtherSessions(person.personId, here)).toBe(1);
    expect(await whoIs(here)).not.toBeNull();
  });

  it('is not guessed at for ever by who has found a browser open', async () => {
    const person = await addStudio('Open');
    const token = await startSession(person.personId);
    const guess = () =>
      changePassword(person, { token, address }, { current: 'wrong', password: 'another long one' });
    for (let tries = 0; tries < LIMITS.pair.points; tries++) expect(await guess()).toEqual({ kind: 'wrong' });
    expect(await guess()).toMatchObject({ kind: 'braked' });
  });

  it.each([
    ['ninechars', false],
    ['ten-chars!', true],
    ['x'.repeat(200), true],
    ['x'.repeat(201), false],
  ])('has ten characters at least, and 200 at most: %s', (password, isSound) => {
    expect(checkBody(PasswordBody, { current: 'x', password }).ok).toBe(isSound);
  });
});

describe('the demo', () => {
  it('is loaded once, however often and however many at once', async () => {
    await Promise.all([loadDemo(), loadDemo()]);
    await loadDemo();
    const person = (await Person.findOne({ where: { email: demoSignIn.email } }))!;
    expect(await Studio.count({ where: { id: person.studioId } })).toBe(1);
    expect(await Job.count({ where: { studioId: person.studioId } })).toBe(2);
    expect(await Room.count({ where: { studioId: person.studioId } })).toBe(5);
  });

  it('leaves alone what was changed', async () => {
    const room = (await Room.findOne())!;
    await room.update({ revision: 5 });
    await loadDemo();
    expect((await Room.findByPk(room.id))!.revision).toBe(5);
  });
});

describe('migrations', () => {
  it('can be run by several processes at once, and again', async () => {
    const opened = await Promise.all([1, 2, 3].map(() => openDatabase(process.env['DATABASE_URL']!)));
    const [rows] = await opened[0]!.query('select name from migrations');
    expect((rows as { name: string }[]).map(({ name }) => name)).toEqual([
      '0001-rooms',
      '0002-files',
      '0003-opening-kinds',
      '0004-ranges-and-options',
      '0005-studio-specials',
      '0006-edit-commands',
      '0007-documents',
      '0008-tasks',
      '0009-sign-in',
      '0010-removed',
      '0011-file-parts',
      '0012-finishes',
      '0013-objects',
      '0014-limits',
      '0015-issues',
      '0016-sheet-styles',
      '0017-shop-books',
      '0018-quotes',
      '0019-constructions',
      '0020-issued-lists',
      '0021-job-fields',
      '0022-shop-machine',
      '0023-laid-sheets',
    ]);
    await Promise.all(opened.slice(0, 2).map((sequelize) => sequelize.close()));
  });
});

describe('bodies', () => {
  const faults = (check: ReturnType<typeof checkBody<object>>) =>
    check.ok ? [] : check.faults.map(({ path }) => path);
  const edit = {
    id: '7f3c2b1a-1111-4222-8333-444455556666',
    action: 'do',
    command: 'set-room',
    patch: [{ id: 'a', before: null, after: {} }],
  };
  it.each([
    ['a number', SaveBody, 7, ['']],
    ['a list', SaveBody, [], ['']],
    ['no edits', SaveBody, { baseRevision: 0, edits: [] }, ['edits']],
    ['a revision that is none', SaveBody, { baseRevision: -1, edits: [edit] }, ['baseRevision']],
    [
      'an unknown action',
      SaveBody,
      { baseRevision: 0, edits: [{ ...edit, action: 'drop' }] },
      ['edits.0.action'],
    ],
    ['an unknown key', SaveBody, { baseRevision: 0, edits: [{ ...edit, extra: 1 }] }, ['edits.0.extra']],
    [
      'a patch of text',
      SaveBody,
      { baseRevision: 0, edits: [{ ...edit, patch: ['x'] }] },
      ['edits.0.patch.0'],
    ],
    ['an id that is none', SaveBody, { baseRevision: 0, edits: [{ ...edit, id: '1' }] }, ['edits.0.id']],
    ['a job without a name', NewJobBody, { name: '', unit: 'mm' }, ['name']],
    ['a job in furlongs', NewJobBody, { name: 'x', unit: 'furlong' }, ['unit']],
    ['an address that is none', SignInBody, { email: 'x', password: 'y' }, ['email']],
  ])('name what is wrong with %s', (_, bodyClass, raw, paths) => {
    expect(faults(checkBody(bodyClass as new () => object, raw))).toEqual(expect.arrayContaining(paths));
  });

  it('pass when they are right', () => {
    expect(checkBody(SaveBody, { baseRevision: 0, edits: [edit] }).ok).toBe(true);
  });
});
