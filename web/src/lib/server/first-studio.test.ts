import { afterAll, beforeAll, expect, it } from 'vitest';
import { Person, Studio } from './models';
import { signIn } from './sessions';
import { addStudio, hasStudio } from './studios';
import { freshDatabase } from './testing/fresh-database';

let drop: () => Promise<void>;
beforeAll(async () => {
  drop = await freshDatabase();
});
afterAll(() => drop());

const body = (email: string) => ({ studio: ' Quay ', name: ' Ann ', email, password: 'a long password' });

it('makes the first studio once, however many make it at once; others are made by whoever runs the server', async () => {
  expect(await hasStudio()).toBe(false);
  const emails = ['a@quay.example', 'b@quay.example', 'c@quay.example'];
  const made = await Promise.all(emails.map((email) => addStudio(body(email), { first: true })));
  expect(made.map(({ kind }) => kind).sort()).toEqual(['added', 'not-first', 'not-first']);
  expect([await hasStudio(), await Studio.count(), await Person.count()]).toEqual([true, 1, 1]);
  expect(await addStudio(body('d@quay.example'), { first: true })).toEqual({ kind: 'not-first' });

  const person = (await Person.findOne({ rejectOnEmpty: true }))!;
  expect(await addStudio(body(person.email.toUpperCase()), { first: false })).toEqual({ kind: 'taken' });
  // What is refused leaves no studio without a person.
  expect(await Studio.count()).toBe(1);
  expect(await addStudio(body(' D@quay.example'), { first: false })).toMatchObject({ kind: 'added' });
  const outcome = await signIn({ email: 'd@quay.example', address: '192.0.2.9' }, 'a long password');
  expect(outcome).toMatchObject({ kind: 'signed-in' });
  expect((await Studio.findAll()).map(({ name }) => name)).toEqual(['Quay', 'Quay']);
});
