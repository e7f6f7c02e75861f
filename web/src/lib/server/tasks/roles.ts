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

/** Does the tasks of the database in this process, until it is told to end. */
export function beWorker(entry: URL, log: Logger): void {
  setPriority(NICE);
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
