import type { Design } from 'goodreach';
import pg from 'pg';
import type { Logger } from 'pino';
import { QueryTypes } from 'sequelize';
import { database } from '../database';
import { coverPicture } from './cover-picture';
import { modelFiles } from './model-files';
import { documentAt } from '../documents';
import { dropLostParts } from '../files';
import { purgeRemoved } from '../removed';
import { ASKED_CHANNEL, DONE_CHANNEL } from './ask';
import type { Made, TaskInputs, TaskKind } from './kinds';

/** Makes what a task asks, in time or not at all. */
export type Maker = (kind: TaskKind, document: Design, input: TaskInputs[TaskKind]) => Promise<Made>;

/** A task that has taken its worker down so often is given up. */
const MOST_ATTEMPTS = 3;
/** It is looked for tasks so often, where nothing is heard, and for what is not needed any more, ms. */
const LOOK_AGAIN = 3_000;
const TIDY = 60_000;
const RETRY = 1_000;
/** So many candidates are looked at: others may be at the first of them. */
const CANDIDATES = 20;

interface Task {
  id: string;
  key: string;
  roomId: string;
  revision: number;
  kind: TaskKind;
  input: TaskInputs[TaskKind];
  attempts: number;
}

/**
 * Takes tasks one by one, the urgent and the oldest first. A task is held by a lock of the worker's own connection: where the worker ends,
 * however it does, the database lets the task go, and another takes it at once.
 */
export class Worker {
  #connection: pg.Client | null = null;
  #ended = false;
  #wake = () => {};
  #tidied = 0;

  constructor(
    private readonly make: Maker,
    private readonly log: Pick<Logger, 'error' | 'info'>,
  ) {}

  /** Works until it is ended. */
  async run(): Promise<void> {
    while (!this.#ended) {
      try {
        const connection = await this.#connected();
        const task = await this.#take(connection);
        if (task) await this.#do(task, connection);
        else await this.#rest();
      } catch (error) {
        if (this.#ended) break;
        this.log.error({ err: error }, 'worker');
        await this.#drop();
        await new Promise((resolve) => setTimeout(resolve, RETRY));
      }
    }
    await this.#drop();
  }

  /** Ends it; a task it is at is left to others. */
  end(): void {
    this.#ended = true;
    this.#wake();
  }

  async #connected(): Promise<pg.Client> {
    if (this.#connection) return this.#connection;
    await database();
    const connection = new pg.Client({
      connectionString: process.env['DATABASE_URL'],
      application_name: 'goodreach worker',
      connectionTimeoutMillis: 5_000,
      keepAlive: true,
    });
    connection.on('error', () => {});
    connection.on('end', () => {
      if (this.#connection === connection) this.#connection = null;
      this.#wake();
    });
    connection.on('notification', () => this.#wake());
    await connection.connect();
    await connection.query(`listen ${ASKED_CHANNEL}`);
    this.#connection = connection;
    return connection;
  }

  async #drop(): Promise<void> {
    const connection = this.#connection;
    this.#connection = null;
    await connection?.end().catch(() => {});
  }

  async #rest(): Promise<void> {
    if (Date.now() > this.#tidied + TIDY) {
      this.#tidied = Date.now();
      await tidy();
      await purgeRemoved();
      await dropLostParts();
    }
    await new Promise<void>((resolve) => {
      const timer = setTimeout(resolve, LOOK_AGAIN);
      this.#wake = () => {
        clearTimeout(timer);
        resolve();
      };
    });
  }

  /** The next task that nobody is at, locked; null where there is none. */
  async #take(connection: pg.Client): Promise<Task | null> {
    const { rows } = await connection.query<Task>(NEXT, [CANDIDATES]);
    for (const task of rows) {
      const { rows: held } = await connection.query<{ held: boolean }>(
        'select pg_try_advisory_lock(hashtextextended($1, 7274023)) as held',
        [task.id],
      );
      if (!held[0]!.held) continue;
      // Somebody may have done it since it was read.
      const { rowCount } = await connection.query(
        `update tasks set attempts = attempts + 1 where id = $1 and state = 'waiting'`,
        [task.id],
      );
      if (rowCount === 1) return task;
      await unlock(connection, task);
    }
    return null;
  }

  async #do(task: Task, connection: pg.Client): Promise<void> {
    const start = performance.now();
    const made = await this.#made(task);
    const ms = Math.round(performance.now() - start);
    const [state, type, result, refusal] =
      made === null
        ? ['failed', null, null, null]
        : made.ok
          ? ['done', made.type, Buffer.from(made.bytes), null]
          : ['done', null, null, JSON.stringify(made.refusal)];
    await connection.query(DONE, [task.id, state, type, result, refusal]);
    await unlock(connection, task);
    await connection.query('select pg_notify($1, $2)', [DONE_CHANNEL, task.key]);
    this.log.info({ task: task.kind, state, ms }, 'task');
  }

  /** What a task made; null where it can't be made. */
  async #made({ id, kind, roomId, revision, input, attempts }: Task): Promise<Made | null> {
    try {
      if (attempts >= MOST_ATTEMPTS) throw new Error(`Its worker has ended ${attempts} times.`);
      const document = await documentAt({ id: roomId, revision }, revision);
      return (
        document &&
        (await this.make(kind, document, { ...input, ...(await brought(kind, roomId, document)) }))
      );
    } catch (error) {
      this.log.error({ err: error, task: id, kind, room: roomId, revision }, 'task failed');
      return null;
    }
  }
}

/** The stored files that a task needs besides what it is asked. */
async function brought(kind: TaskKind, roomId: string, document: Design): Promise<object> {
  if (kind === 'model') return { models: await modelFiles(roomId, document) };
  const cover = kind === 'sheet' ? await coverPicture(roomId, document) : null;
  return cover ? { cover } : {};
}

const NEXT = `
  select id, key, room_id as "roomId", revision, kind, input, attempts from tasks
  where state = 'waiting' order by urgent desc, asked_at limit $1`;

const DONE = `
  update tasks set state = $2, type = $3, result = $4, refusal = $5::jsonb, done_at = now() where id = $1`;

async function unlock(connection: pg.Client, { id }: Task): Promise<void> {
  await connection.query('select pg_advisory_unlock(hashtextextended($1, 7274023))', [id]);
}

/** Takes away what was made and is not asked for any more: files after an hour, plans of lists when the room has gone on. */
export async function tidy(): Promise<void> {
  await (await database()).query(TIDY_UP, { type: QueryTypes.DELETE });
}

const TIDY_UP = `
  delete from tasks where state <> 'waiting' and done_at < now() - interval '1 hour'
    and (kind <> 'plan' or exists (
      select from tasks later where later.room_id = tasks.room_id and later.kind = 'plan'
        and later.state = 'done' and later.revision > tasks.revision
    ))`;
