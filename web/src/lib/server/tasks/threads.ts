import type { Design } from 'goodreach';
import { parentPort, Worker as Thread } from 'node:worker_threads';
import type { Made, TaskInputs, TaskKind } from './kinds';
import type { Maker } from './worker';

/** A task that takes longer is stopped, ms. */
const LIMIT = 60_000;
/** How much memory a task may take, MB. */
const MOST_MEMORY = 1_500;

interface Asked {
  kind: TaskKind;
  document: Design;
  input: TaskInputs[TaskKind];
}
type Told = { made: Made } | { failed: string };

/** Makes things in a thread, which is stopped when it takes too long, and started anew. `entry` is the script that calls `serve`. */
export function threadMaker(entry: URL, env: NodeJS.ProcessEnv, limit = LIMIT): Maker {
  let thread: Thread | null = null;
  const start = () => {
    const started = new Thread(entry, { env, resourceLimits: { maxOldGenerationSizeMb: MOST_MEMORY } });
    started.once('exit', () => {
      if (thread === started) thread = null;
    });
    return (thread = started);
  };
  return (kind, document, input) =>
    new Promise<Made>((resolve, reject) => {
      const own = thread ?? start();
      const over = (error: Error) => {
        clear();
        thread = null;
        void own.terminate();
        reject(error);
      };
      const timer = setTimeout(() => over(new Error(`It takes longer than ${limit / 1_000} s.`)), limit);
      const told = (answer: Told) => {
        clear();
        if ('made' in answer) resolve(answer.made);
        else reject(new Error(answer.failed));
      };
      const exited = (code: number) => over(new Error(`Its thread ended with ${code}.`));
      const clear = () => {
        clearTimeout(timer);
        own.off('message', told).off('error', over).off('exit', exited);
      };
      own.on('message', told).on('error', over).on('exit', exited);
      own.postMessage({ kind, document, input } satisfies Asked);
    });
}

/** Makes what this thread is asked, one after the other. */
export function serve(make: Maker): void {
  parentPort!.on('message', ({ kind, document, input }: Asked) => {
    make(kind, document, input).then(
      (made) => parentPort!.postMessage({ made } satisfies Told),
      (error: unknown) => {
        const failed = error instanceof Error ? (error.stack ?? error.message) : String(error);
        parentPort!.postMessage({ failed } satisfies Told);
      },
    );
  });
}
