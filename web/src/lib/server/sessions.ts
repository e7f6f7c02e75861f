import { hash, verify } from '@node-rs/argon2';
import { createHash, randomBytes } from 'node:crypto';
import pLimit from 'p-limit';
import { Op, QueryTypes } from 'sequelize';
import { database } from './database';
import { Person, SessionRow } from './models';
import { countTry, forgetTries, type Trier } from './sign-in-brake';

/** Who is asking: every query is scoped to the studio. */
export interface SignedIn {
  personId: string;
  personName: string;
  studioId: string;
  studioName: string;
}

export const SESSION_COOKIE = 'goodreach_session';
const DAY = 24 * 60 * 60 * 1_000;
const SESSION_DAYS = 30;
/** A session ends when it is not used for so many days; when it is used is noted so often, minutes. */
const IDLE_DAYS = 7;
const NOTED = 30;

/** An argon2id hash of a password (the library's default parameters follow the OWASP minimum). */
export function hashPassword(password: string): Promise<string> {
  return hash(password);
}

/** So many passwords are looked at at once: each takes a core for a while. More wait their turn, and too many are sent away. */
const hashing = pLimit(2);
const MOST_QUEUED = 20;

/** How a sign-in ended: with a session's token; with a wrong address or password; or to be tried again after some seconds, because there were too many tries or there are too many at once. */
export type SignInOutcome =
  | { kind: 'signed-in'; token: string }
  | { kind: 'wrong' }
  | { kind: 'braked'; seconds: number }
  | { kind: 'busy' };

/** Signs in with a password; takes as long for an unknown account as for a wrong password. */
export async function signIn(trier: Trier, password: string): Promise<SignInOutcome> {
  const seconds = await countTry(trier);
  if (seconds > 0) return { kind: 'braked', seconds };
  const person = await Person.findOne({ where: { email: trier.email.trim().toLowerCase() } });
  unknownHash ??= hashPassword('nobody has this password');
  const hashed = person?.passwordHash ?? (await unknownHash);
  const right = await isPassword(hashed, password);
  if (right === null) return { kind: 'busy' };
  if (!person || !right) return { kind: 'wrong' };
  await forgetTries(trier);
  return { kind: 'signed-in', token: await startSession(person.id) };
}
let unknownHash: Promise<string> | undefined;

/** Whether a password is a person's own; null where too many are looked at at once. */
async function isPassword(hashed: string, password: string): Promise<boolean | null> {
  if (hashing.pendingCount >= MOST_QUEUED) return null;
  return hashing(() => verify(hashed, password));
}

/** How a change of password ended; where it is changed, the person's other sessions have ended. */
export type PasswordOutcome = Exclude<SignInOutcome, { kind: 'signed-in' }> | { kind: 'changed' };

/** Gives the person another password, who must know the one they have; a session stays, those elsewhere end. */
export async function changePassword(
  { personId }: SignedIn,
  { token, address }: { token: string; address: string },
  { current, password }: { current: string; password: string },
): Promise<PasswordOutcome> {
  await database();
  const person = await Person.findByPk(personId, { rejectOnEmpty: true });
  const trier = { email: person.email, address };
  const seconds = await countTry(trier);
  if (seconds > 0) return { kind: 'braked', seconds };
  const right = await isPassword(person.passwordHash, current);
  if (right === null) return { kind: 'busy' };
  if (!right) return { kind: 'wrong' };
  await forgetTries(trier);
  await person.update({ passwordHash: await hashing(() => hashPassword(password)) });
  await endOtherSessions(personId, token);
  return { kind: 'changed' };
}

/** Ends the sessions of a person but the one of a token; gives how many there were. */
export async function endOtherSessions(personId: string, token: string): Promise<number> {
  await database();
  return SessionRow.destroy({ where: { personId, id: { [Op.ne]: digest(token) } } });
}

/** How many sessions a person has beside the one of a token. */
export async function otherSessions(personId: string, token: string): Promise<number> {
  await database();
  const used = new Date(Date.now() - IDLE_DAYS * DAY);
  return SessionRow.count({
    where: {
      ...{ personId, id: { [Op.ne]: digest(token) } },
      ...{ expiresAt: { [Op.gt]: new Date() }, usedAt: { [Op.gt]: used } },
    },
  });
}

/** Starts a session for a person; the token goes into the cookie, only its hash is kept. */
export async function startSession(personId: string): Promise<string> {
  await database();
  const token = randomBytes(32).toString('base64url');
  const idle = new Date(Date.now() - IDLE_DAYS * DAY);
  await SessionRow.destroy({
    where: { [Op.or]: [{ expiresAt: { [Op.lt]: new Date() } }, { usedAt: { [Op.lt]: idle } }] },
  });
  await SessionRow.create({ id: digest(token), personId, expiresAt: sessionEnd() });
  return token;
}

/** Who a token belongs to; null when it is unknown or has run out. */
export async function whoIs(token: string): Promise<SignedIn | null> {
  const sequelize = await database();
  const id = digest(token);
  const [found] = await sequelize.query<SignedIn & { unused: number }>(WHO_IS, {
    bind: [id, IDLE_DAYS],
    type: QueryTypes.SELECT,
  });
  if (!found) return null;
  const { unused, ...person } = found;
  if (unused > NOTED) await SessionRow.update({ usedAt: new Date() }, { where: { id } });
  return person;
}

const WHO_IS = `
  select people.id as "personId", people.name as "personName", studios.id as "studioId", studios.name as "studioName",
    extract(epoch from now() - used_at)::float / 60 as unused
  from sessions join people on people.id = person_id join studios on studios.id = studio_id
  where sessions.id = $1 and expires_at > now() and used_at > now() - $2 * interval '1 day'`;

export async function endSession(token: string): Promise<void> {
  await database();
  await SessionRow.destroy({ where: { id: digest(token) } });
}

export function sessionEnd(): Date {
  return new Date(Date.now() + SESSION_DAYS * DAY);
}

function digest(token: string): string {
  return createHash('sha256').update(token).digest('hex');
}
