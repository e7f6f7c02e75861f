import type { ModelAnswers, ModelQuestion } from './model.worker';

/** An object that takes longer to read is left, ms. */
const LIMIT = 60_000;

/** Asks a worker that knows objects from outside; it is started with the first question and ended by `close`. */
export class ModelAsker {
  #worker: Promise<Worker> | null = null;
  #asked = 0;
  #waiting = new Map<number, { done: (answer: never) => void; failed: (why: Error) => void }>();

  /** The answer to a question; throws where there is none, or none in time. */
  async ask<K extends keyof ModelAnswers>(
    question: Extract<ModelQuestion, { of: K }>,
  ): Promise<ModelAnswers[K]> {
    const worker = await (this.#worker ??= this.#start());
    const id = (this.#asked += 1);
    return new Promise<ModelAnswers[K]>((done, failed) => {
      const late = setTimeout(() => {
        failed(new Error(`it takes longer than ${LIMIT / 1_000} s`));
        this.close();
      }, LIMIT);
      const end =
        <T extends unknown[]>(then: (...args: T) => void) =>
        (...args: T) => {
          clearTimeout(late);
          this.#waiting.delete(id);
          then(...args);
        };
      this.#waiting.set(id, { done: end(done), failed: end(failed) });
      worker.postMessage({ id, question });
    });
  }

  async #start(): Promise<Worker> {
    const { default: ModelWorker } = await import('./model.worker?worker');
    const worker = new ModelWorker();
    worker.onmessage = ({ data }: MessageEvent<{ id: number; answer?: never; failed?: string }>) => {
      const one = this.#waiting.get(data.id);
      if (data.failed === undefined) one?.done(data.answer as never);
      else one?.failed(new Error(data.failed));
    };
    worker.onerror = ({ message }) => {
      for (const { failed } of this.#waiting.values()) failed(new Error(message));
    };
    return worker;
  }

  close(): void {
    void this.#worker?.then((worker) => worker.terminate());
    this.#worker = null;
    for (const { failed } of this.#waiting.values()) failed(new Error('it was left'));
  }
}
