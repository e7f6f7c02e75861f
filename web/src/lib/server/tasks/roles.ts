import { setPriority } from 'node:os';
import type { Logger } from 'pino';
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

/** Makes what a worker asks this thread for. */
export function beThread(): void {
  serve(make);
}
