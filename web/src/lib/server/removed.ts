import { QueryTypes } from 'sequelize';
import { database } from './database';
import { isUuid } from './rooms';
import type { SignedIn } from './sessions';

/** What is removed can be taken back for so many days. */
export const KEPT_DAYS = 30;

/** What can be removed as a whole: a job with its rooms, a room with its options. */
export type Removable = 'job' | 'room';

/** Something removed, and when it is gone for good. */
export interface Removed {
  of: Removable;
  id: string;
  name: string;
  /** The job that a room is of. */
  job: string | null;
  removedAt: Date;
  goneAt: Date;
}

/** Removes a job or room, to be taken back for a while; false where there is none. What was removed before stays as it was. */
export function remove({ studioId }: SignedIn, of: Removable, id: string): Promise<boolean> {
  return change(of === 'job' ? REMOVE_JOB : REMOVE_ROOM, id, studioId);
}

/** Takes back a job with the rooms that went with it, or a room, whose job must be there; false where nothing can be. */
export function takeBack({ studioId }: SignedIn, of: Removable, id: string): Promise<boolean> {
  return change(of === 'job' ? TAKE_BACK_JOB : TAKE_BACK_ROOM, id, studioId);
}

async function change(sql: string, id: string, studioId: string): Promise<boolean> {
  if (!isUuid(id)) return false;
  const rows = await (await database()).query(sql, { bind: [id, studioId], type: QueryTypes.SELECT });
  return rows.length > 0;
}

// A room that goes with its job goes at the same moment: so those that went before it are told apart.
const REMOVE_JOB = `
  with job as (
    update jobs set removed_at = now() where id = $1 and studio_id = $2 and removed_at is null returning id
  ), gone as (
    update rooms set removed_at = now() from job where job_id = job.id and rooms.removed_at is null
  )
  select id from job`;

const TAKE_BACK_JOB = `
  with job as (
    select id, removed_at from jobs where id = $1 and studio_id = $2 and removed_at is not null for update
  ), here as (
    update jobs set removed_at = null from job where jobs.id = job.id
  ), rooms_here as (
    update rooms set removed_at = null from job where job_id = job.id and rooms.removed_at = job.removed_at
  )
  select id from job`;

const FAMILY = `
  family as (
    select coalesce(option_of, id) as first, job_id from rooms where id = $1 and studio_id = $2
  )`;

const REMOVE_ROOM = `
  with ${FAMILY}
  update rooms set removed_at = now() from family
  where coalesce(option_of, id) = family.first and removed_at is null returning id`;

const TAKE_BACK_ROOM = `
  with ${FAMILY}
  update rooms set removed_at = null from family
  where coalesce(option_of, id) = family.first and rooms.removed_at is not null
    and exists (select from jobs where jobs.id = family.job_id and jobs.removed_at is null) returning id`;

/** What is removed and can be taken back, the last first. */
export async function listRemoved({ studioId }: SignedIn): Promise<Removed[]> {
  return (await database()).query<Removed>(REMOVED, {
    bind: [studioId, KEPT_DAYS],
    type: QueryTypes.SELECT,
  });
}

const REMOVED = `
  select *, "removedAt" + $2 * interval '1 day' as "goneAt" from (
    select 'job' as of, id, name, null as job, removed_at as "removedAt"
    from jobs where studio_id = $1 and removed_at is not null
    union all
    select 'room', rooms.id, rooms.name, jobs.name, rooms.removed_at
    from rooms join jobs on jobs.id = job_id
    where rooms.studio_id = $1 and rooms.removed_at is not null and chosen and jobs.removed_at is null
  ) as removed where "removedAt" > now() - $2 * interval '1 day'
  order by "removedAt" desc, name limit 500`;

/** Takes away for good what was removed long enough ago. */
export async function purgeRemoved(): Promise<void> {
  await (await database()).query(PURGE, { bind: [KEPT_DAYS], type: QueryTypes.SELECT });
}

// Options go before the room they were made from.
const PURGE = `
  with rooms_gone as (
    delete from rooms where removed_at < now() - $1 * interval '1 day'
  ), jobs_gone as (
    delete from jobs where removed_at < now() - $1 * interval '1 day'
  )
  select 1`;
