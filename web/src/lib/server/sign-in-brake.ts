import { createHash } from 'node:crypto';
import { RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible';
import type { Sequelize } from 'sequelize';
import { database } from './database';

/** Who tries to sign in: the account, and the address it is tried from. */
export interface Trier {
  email: string;
  address: string;
}

/** So many wrong tries within so many seconds; then nobody is let in there until they are over. */
export const LIMITS = {
  /** Of one account from one address: a person who has forgotten their password. */
  pair: { points: 8, duration: 15 * 60 },
  /** Of one address, whatever accounts: somebody who tries many. */
  address: { points: 60, duration: 60 * 60 },
  /** Of one account from wherever: many who try one. */
  account: { points: 40, duration: 60 * 60 },
} as const;

type Limit = keyof typeof LIMITS;
type Limiters = Record<Limit, RateLimiterPostgres>;
const known = new WeakMap<Sequelize, Limiters>();

/** Counted in the database, so that every process knows of the tries at the others. */
async function limiters(): Promise<Limiters> {
  const sequelize = await database();
  let made = known.get(sequelize);
  if (!made) {
    const limiter = (limit: Limit) => limiterIn(sequelize, limit, LIMITS[limit]);
    known.set(
      sequelize,
      (made = { pair: limiter('pair'), address: limiter('address'), account: limiter('account') }),
    );
  }
  return made;
}

/** Counts what is done under a name, so often within so many seconds. */
function limiterIn(sequelize: Sequelize, keyPrefix: string, limit: { points: number; duration: number }) {
  return new RateLimiterPostgres({
    storeClient: sequelize,
    storeType: 'sequelize',
    tableName: 'sign_in_tries',
    tableCreated: true,
    keyPrefix,
    ...limit,
  });
}

/** So many pictures a person may send within an hour. */
export const MOST_UPLOADS = 120;

/** Counts a picture that a person sends; gives how many seconds are to be waited before the next, 0 where it may be. */
export async function countUpload(personId: string): Promise<number> {
  const limit = { points: MOST_UPLOADS, duration: 60 * 60 };
  return waitFor(limiterIn(await database(), 'upload', limit), personId);
}

/** Counts one more under a key; gives the seconds to wait where it is one too many. */
async function waitFor(limiter: RateLimiterPostgres, key: string): Promise<number> {
  try {
    await limiter.consume(key);
    return 0;
  } catch (over) {
    if (over instanceof RateLimiterRes) return Math.max(1, Math.ceil(over.msBeforeNext / 1_000));
    throw over;
  }
}

/** Counts a try; gives how many seconds are to be waited before the next, 0 where it may be. */
export async function countTry(trier: Trier): Promise<number> {
  const all = await limiters();
  return Math.max(...(await Promise.all(keysOf(trier).map(([limit, key]) => waitFor(all[limit], key)))));
}

/** The try was right: it counts no more, and those before it from there neither. */
export async function forgetTries(trier: Trier): Promise<void> {
  const all = await limiters();
  await Promise.all(
    keysOf(trier).map(([limit, key]) => (limit === 'pair' ? all.pair.delete(key) : all[limit].reward(key))),
  );
}

function keysOf({ email, address }: Trier): [Limit, string][] {
  const account = email.trim().toLowerCase();
  return [
    ['pair', digest(`${account} ${address}`)],
    ['address', digest(address)],
    ['account', digest(account)],
  ];
}

function digest(text: string): string {
  return createHash('sha256').update(text).digest('base64url');
}
