import { canonical, type Refusal } from 'goodreach';
import { createHash } from 'node:crypto';
import { QueryTypes } from 'sequelize';
import { database } from '../database';
import { listenTo } from '../listening';
import type { Room } from '../models';
import type { TaskInputs, TaskKind } from './kinds';

/** How asking for a task ended. */
export type Asked =
  | { kind: 'made'; type: string; bytes: Buffer }
  | { kind: 'refused'; refusal: Refusal }
  /** It could not be made; the log of the worker says why. */
  | { kind: 'failed' }
  /** It is not made yet: it goes on, and is there when it is asked for again. */
  | { kind: 'slow' }
  /** The studio has asked for so much that more has to wait. */
  | { kind: 'crowded' };

/** Says that there is something to do. */
export const ASKED_CHANNEL = 'good_reach_tasks_asked';
/** Says that the task of a key is done. */
export const DONE_CHANNEL = 'good_reach_tasks_done';
/** So many of a studio wait at most, and as many that are not urgent: the plans of a long list do not keep a drawing from being asked for. */
const MOST_WAITING = 60;
/** It is waited so long for a task; and looked so often, where nothing is heard, ms. */
const PATIENCE = 45_000;
const LOOK_AGAIN = 2_000;

const waiting = new Map<string, Set<() => void>>();

/** Asks for a task of a room at its revision, and waits until it is done; what was made before is given at once. */
export async function ask<K extends TaskKind>(
  { id: roomId, studioId, revision }: Pick<Room, 'id' | 'revision' | 'studioId'>,
  kind: K,
  input: TaskInputs[K],
  { urgent = true, patience = PATIENCE }: { urgent?: boolean; patience?: number } = {},
): Promise<Asked> {
  const sequelize = await database();
  const said = createHash('sha256').update(canonical(input)).digest('hex');
  const key = `${kind} ${roomId} ${revision} ${said}`;
  const due = performance.now() + patience;
  await listenTo(DONE_CHANNEL, { hear: wake, resume: wakeAll, isNeeded: () => waiting.size > 0 });
  const [crowd] = await sequelize.query<{ count: number }>(WAITING, {
    bind: [studioId, urgent],
    type: QueryTypes.SELECT,
  });
  if (crowd!.count >= MOST_WAITING && !(await isKnown(key))) return { kind: 'crowded' };
  const bind = [key, roomId, revision, kind, JSON.stringify(input), urgent, ASKED_CHANNEL];
  await sequelize.query(ASK, { bind, type: QueryTypes.SELECT });
  for (;;) {
    const heard = hearing(key, Math.min(LOOK_AGAIN, due - performance.now()));
    const found = await look(key);
    if (found || performance.now() >= due) {
      heard.stop();
      return found ?? { kind: 'slow' };
    }
    await heard.done;
  }
}

const WAITING = `
  select count(*)::int as count from tasks join rooms on rooms.id = room_id
  where state = 'waiting' and studio_id = $1 and urgent = $2`;

/** What failed a while ago is tried again. */
const ASK = `
  with asked as (
    insert into tasks (key, room_id, revision, kind, input, urgent) values ($1, $2, $3, $4, $5::jsonb, $6)
    on conflict (key) do update
      set state = 'waiting', attempts = 0, asked_at = now(), urgent = tasks.urgent or excluded.urgent
      where tasks.state = 'failed' and tasks.done_at < now() - interval '10 seconds'
    returning id
  )
  select pg_notify($7, id::text) from asked`;

async function isKnown(key: string): Promise<boolean> {
  const found = await (
    await database()
  ).query('select from tasks where key = $1', {
    bind: [key],
    type: QueryTypes.SELECT,
  });
  return found.length > 0;
}

interface Row {
  state: 'done' | 'failed' | 'waiting';
  type: string | null;
  result: Buffer | null;
  refusal: Refusal | null;
}

/** How a task ended; null while it waits or is done. */
async function look(key: string): Promise<Asked | null> {
  const [row] = await (
    await database()
  ).query<Row>('select state, type, result, refusal from tasks where key = $1', {
    bind: [key],
    type: QueryTypes.SELECT,
  });
  if (!row || row.state === 'failed') return { kind: 'failed' };
  if (row.state === 'waiting') return null;
  if (row.refusal) return { kind: 'refused', refusal: row.refusal };
  return { kind: 'made', type: row.type!, bytes: row.result! };
}

/** Until the task of a key is heard to be done, or so long, ms. */
function hearing(key: string, most: number): { done: Promise<void>; stop(): void } {
  let stop = () => {};
  const done = new Promise<void>((resolve) => {
    const own = waiting.get(key) ?? new Set();
    const timer = setTimeout(() => stop(), Math.max(0, most));
    stop = () => {
      clearTimeout(timer);
      own.delete(stop);
      if (own.size === 0 && waiting.get(key) === own) waiting.delete(key);
      resolve();
    };
    waiting.set(key, own.add(stop));
  });
  return { done, stop: () => stop() };
}

function wake(key: string): void {
  for (const stop of [...(waiting.get(key) ?? [])]) stop();
}

function wakeAll(): void {
  for (const key of [...waiting.keys()]) wake(key);
}
