import { limitsOf, recordsOf, type Design, type LimitRecord, type LimitSource, type RuleId } from 'goodreach';
import { database } from './database';
import { Studio, type Job, type KeptLimit } from './models';
import type { SignedIn } from './sessions';

/** The limits that a studio's new rooms take. */
export async function studioLimits({ studioId }: Pick<SignedIn, 'studioId'>): Promise<readonly KeptLimit[]> {
  await database();
  return (await Studio.findByPk(studioId, { rejectOnEmpty: true })).limits;
}

/** Keeps other limits for a studio's new rooms; those it has keep theirs. */
export async function keepStudioLimits(
  { studioId }: SignedIn,
  limits: readonly KeptLimit[],
): Promise<readonly KeptLimit[]> {
  await database();
  await Studio.update({ limits: known(limits) }, { where: { id: studioId } });
  return studioLimits({ studioId });
}

/** Keeps other limits for a job's new rooms. */
export async function keepJobLimits(job: Job, limits: readonly KeptLimit[]): Promise<readonly KeptLimit[]> {
  return (await job.update({ limits: known(limits) })).limits;
}

/** Only limits that rules have: of one that is named twice the last. */
function known(limits: readonly KeptLimit[]): readonly KeptLimit[] {
  const found = new Map<string, KeptLimit>();
  for (const { rule, check, side, was, now } of limits)
    if (limitsOf(rule as RuleId).some((one) => one.check === check && one.side === side && one.was === was))
      found.set(keyOf({ rule, check, side, was }), { rule, check, side, was, now });
  return [...found.values()];
}

const keyOf = ({ rule, check, side, was }: Omit<KeptLimit, 'now'>): string =>
  `${rule} ${check} ${side} ${was}`;

/** A new room's document with the limits of its job, and of its studio where the job says nothing; what it says itself stays. */
export async function withKeptLimits(document: Design, job: Job): Promise<Design> {
  const own = new Set(recordsOf(document, 'limit').map(keyOf));
  const records: Record<string, LimitRecord> = {};
  const take = (limits: readonly KeptLimit[], by: LimitSource) => {
    for (const limit of limits) {
      if (own.has(keyOf(limit))) continue;
      own.add(keyOf(limit));
      let count = own.size;
      while (Object.hasOwn(document.records, `limit-${count}`)) count += 1;
      records[`limit-${count}`] = { kind: 'limit', id: `limit-${count}`, ...limit, by };
    }
  };
  take(job.limits, 'job');
  take(await studioLimits(job), 'studio');
  return Object.keys(records).length > 0
    ? { ...document, records: { ...document.records, ...records } }
    : document;
}
