import type { LengthUnit } from 'goodreach';
import { QueryTypes } from 'sequelize';
import { database } from './database';
import { isUuid } from './rooms';
import type { SignedIn } from './sessions';

/** What is listed of a room: of each the option that is chosen, and how many it has. */
export interface ListedRoom {
  id: string;
  name: string;
  revision: number;
  option: string;
  options: number;
}

export interface ListedJob {
  id: string;
  name: string;
  unit: LengthUnit;
  step: number;
  /** How many rooms it has, or that are looked for; those of this page. */
  total: number;
  rooms: ListedRoom[];
}

/** Which jobs and rooms are asked for. */
export interface Asked {
  /** Pages are counted from 1. */
  page: number;
  /** Part of the name of a job or room, as typed. */
  find: string;
  /** One job, with its rooms page by page; null for all jobs, page by page, with the first rooms of each. */
  job: string | null;
}

/** What an address asks for: `page`, `find` and `job`; what is no page is the first. */
export function askedFor({ searchParams }: URL): Asked {
  const page = Number(searchParams.get('page') ?? 1);
  return {
    page: Number.isInteger(page) && page >= 1 && page <= MOST_PAGE ? page : 1,
    find: (searchParams.get('find') ?? '').slice(0, 80),
    job: searchParams.get('job'),
  };
}
const MOST_PAGE = 100_000;

/** A page of the jobs or rooms of a studio. */
export interface Listing {
  jobs: ListedJob[];
  /** Whether there are more after this page. */
  more: boolean;
}

/** So many jobs are on a page, and so many rooms of each; where one job is asked for, so many of its rooms. */
export const JOBS_LISTED = 12;
export const ROOMS_LISTED = 8;
export const ROOMS_OF_ONE = 48;

/** Jobs with their rooms, the job last worked in first, rooms in the order they were made; an option stands where the room it was made from stood. */
export async function listJobs({ studioId }: SignedIn, { page, find, job }: Asked): Promise<Listing> {
  const sequelize = await database();
  if (job !== null && !isUuid(job)) return { jobs: [], more: false };
  const like = `%${find.trim().replace(/[\\%_]/g, String.raw`\$&`)}%`;
  const jobs = await sequelize.query<Omit<ListedJob, 'rooms' | 'total'> & { named: boolean }>(JOBS, {
    bind: [studioId, like, job, JOBS_LISTED + 1, job === null ? (page - 1) * JOBS_LISTED : 0],
    type: QueryTypes.SELECT,
  });
  const listed = jobs.slice(0, JOBS_LISTED);
  const [most, from] = job === null ? [ROOMS_LISTED, 0] : [ROOMS_OF_ONE, (page - 1) * ROOMS_OF_ONE];
  const rooms = await sequelize.query<ListedRoom & { jobId: string; total: number }>(ROOMS, {
    bind: [listed.map(({ id }) => id), like, from, from + most],
    type: QueryTypes.SELECT,
  });
  const withRooms = listed.map(({ named: _, ...one }): ListedJob => {
    const own = rooms.filter(({ jobId }) => jobId === one.id);
    const total = own[0]?.total ?? 0;
    return { ...one, total, rooms: own.map(({ jobId: _job, total: _total, ...room }) => room) };
  });
  const more = job === null ? jobs.length > JOBS_LISTED : (withRooms[0]?.total ?? 0) > from + most;
  return { jobs: withRooms, more };
}

/** A job that is looked for by its own name is listed with all its rooms, else with those that are. */
const JOBS = `
  select id, name, unit, step, name ilike $2 as named from jobs
  where studio_id = $1 and removed_at is null and ($3::uuid is null or id = $3)
    and (name ilike $2 or exists (
      select from rooms where job_id = jobs.id and removed_at is null and rooms.name ilike $2
    ))
  order by greatest(created_at, (select max(updated_at) from rooms where job_id = jobs.id and removed_at is null)) desc,
    created_at desc, id
  limit $4 offset $5`;

const ROOMS = `
  with wanted as (
    select rooms.id, rooms.job_id, rooms.name, rooms.revision, rooms.option, coalesce(rooms.option_of, rooms.id) as first,
      count(*) over (partition by rooms.job_id)::int as total,
      row_number() over (partition by rooms.job_id order by made.created_at, rooms.id) as nth
    from rooms join rooms made on made.id = coalesce(rooms.option_of, rooms.id) join jobs on jobs.id = rooms.job_id
    where rooms.job_id = any($1::uuid[]) and rooms.chosen and rooms.removed_at is null
      and (jobs.name ilike $2 or rooms.name ilike $2)
  )
  select id, job_id as "jobId", name, revision, option, total,
    (select count(*)::int from rooms where coalesce(option_of, rooms.id) = first) as options
  from wanted where nth > $3 and nth <= $4 order by job_id, nth`;
