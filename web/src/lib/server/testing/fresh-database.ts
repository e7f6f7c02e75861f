import { randomBytes } from 'node:crypto';
import pg from 'pg';
import { closeDatabase, database } from '../database';
import { stopListening } from '../listening';
import { closeLive } from '../live';
import { Person, Studio } from '../models';
import { hashPassword, type SignedIn } from '../sessions';

/** A new database for one test file, on the server that script/test has started, empty or as some SQL leaves it, and brought up to date; gives what drops it again. */
export async function freshDatabase(sql?: string): Promise<() => Promise<void>> {
  const server = process.env['DATABASE_URL'];
  if (!server) throw new Error('Run these tests with script/test database: it starts their PostgreSQL.');
  const name = `test_${randomBytes(6).toString('hex')}`;
  await ask(server, `create database ${name}`);
  const url = new URL(server);
  url.pathname = `/${name}`;
  process.env['DATABASE_URL'] = url.href;
  if (sql) await ask(url.href, sql);
  await database();
  return async () => {
    closeLive();
    await stopListening();
    await closeDatabase();
    process.env['DATABASE_URL'] = server;
    await ask(server, `drop database ${name} with (force)`);
  };
}

/** A studio with one designer. */
export async function addStudio(name: string): Promise<SignedIn & { email: string; password: string }> {
  const studio = await Studio.create({ name });
  const email = `${name.toLowerCase()}@studio.example`;
  const password = `${name}-secret`;
  const person = await Person.create({
    studioId: studio.id,
    email,
    name: 'Designer',
    passwordHash: await hashPassword(password),
  });
  return {
    personId: person.id,
    personName: person.name,
    studioId: studio.id,
    studioName: name,
    email,
    password,
  };
}

async function ask(url: string, query: string): Promise<void> {
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  await client.query(query);
  await client.end();
}
