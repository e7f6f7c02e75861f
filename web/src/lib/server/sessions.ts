import { hash, verify } from '@node-rs/argon2';
import { createHash, randomBytes } from 'node:crypto';
import { Op, QueryTypes } from 'sequelize';
import { database } from './database';
import { Person, SessionRow } from './models';

/** Who is asking: every query is scoped to the studio. */
export interface SignedIn {
  personId: string;
  personName: string;
  studioId: string;
  studioName: string;
}

export const SESSION_COOKIE = 'goodreach_session';
const SESSION_DAYS = 30;

/** An argon2id hash of a password (the library's default parameters follow the OWASP minimum). */
export function hashPassword(password: string): Promise<string> {
  return hash(password);
}

/** A session token if the password is right, else null; takes as long for an unknown address as for a wrong password. */
export async function signIn(email: string, password: string): Promise<string | null> {
  await database();
  const person = await Person.findOne({ where: { email: email.trim().toLowerCase() } });
  unknownHash ??= hashPassword('nobody has this password');
  const right = await verify(person?.passwordHash ?? (await unknownHash), password);
  return person && right ? startSession(person.id) : null;
}
let unknownHash: Promise<string> | undefined;

/** Starts a session for a person; the token goes into the cookie, only its hash is kept. */
export async function startSession(personId: string): Promise<string> {
  await database();
  const token = randomBytes(32).toString('base64url');
  await SessionRow.destroy({ where: { expiresAt: { [Op.lt]: new Date() } } });
  await SessionRow.create({ id: digest(token), personId, expiresAt: sessionEnd() });
  return token;
}

/** Who a token belongs to; null when it is unknown or has run out. */
export async function whoIs(token: string): Promise<SignedIn | null> {
  const sequelize = await database();
  const [found] = await sequelize.query<SignedIn>(WHO_IS, { bind: [digest(token)], type: QueryTypes.SELECT });
  return found ?? null;
}

const WHO_IS = `
  select people.id as "personId", people.name as "personName", studios.id as "studioId", studios.name as "studioName"
  from sessions join people on people.id = person_id join studios on studios.id = studio_id
  where sessions.id = $1 and expires_at > now()`;

export async function endSession(token: string): Promise<void> {
  await database();
  await SessionRow.destroy({ where: { id: digest(token) } });
}

export function sessionEnd(): Date {
  return new Date(Date.now() + SESSION_DAYS * 24 * 60 * 60 * 1000);
}

function digest(token: string): string {
  return createHash('sha256').update(token).digest('hex');
}
