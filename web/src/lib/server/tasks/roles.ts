import { existsSync, readdirSync } from 'node:fs';
import { setPriority } from 'node:os';
import type { Logger } from 'pino';
import { checkBody, NewStudioBody } from '../bodies';
import { closeDatabase } from '../database';
import { addStudio } from '../studios';
import { make } from './kinds';
import { serve, threadMaker } from './threads';
import { Worker } from './worker';

/** A worker gives way to what answers people: so much less the system favours it. */
const NICE = 10;
const THREADS = '/proc/self/task';

/** Linux favours thread by thread, and those that collect and compile are there before the first line of ours: all give way, and what they start. Elsewhere a process is favoured as a whole. */
export function giveWay(): void {
  setPriority(NICE);
  const ids = existsSync(THREADS) ? readdirSync(THREADS) : [];
  for (const id of ids) {
    try {
      setPriority(Number(id), NICE);
    } catch {
      // It has ended meanwhile.
    }
  }
}

/** Does the tasks of the database in this process, until it is told to end. */
export function beWorker(entry: URL, log: Logger): void {
  giveWay();
  const env = { ...process.env, GOODREACH_ROLE: 'thread' };
  const worker = new Worker(threadMaker(entry, env), log);
  for (const signal of ['SIGTERM', 'SIGINT'] as const) process.once(signal, () => process.exit(0));
  void worker.run();
  log.info('worker');
}

/** Does the tasks beside answering people, as while the program is developed and tested; gives what ends it. */
export function workHere(log: Pick<Logger, 'error' | 'info'>): Worker {
  const worker = new Worker(make, log);
  void worker.run();
  return worker;
}

/** Makes a studio with its first person, told as JSON, and says how that ended; gives the status to end with. */
export async function makeStudio(told: string): Promise<number> {
  const body = checkBody(NewStudioBody, JSON.parse(told));
  if (!body.ok) {
    for (const { message } of body.faults) console.error(message);
    return 1;
  }
  const made = await addStudio(body.value, { first: false });
  await closeDatabase();
  if (made.kind === 'added')
    process.stdout.write(`${body.value.studio} is made. ${body.value.email} signs in to it.\n`);
  else console.error(`${body.value.email} signs in to a studio already. Give another address.`);
  return made.kind === 'added' ? 0 : 1;
}

/** Makes what a worker asks this thread for. */
export function beThread(): void {
  serve(make);
}
