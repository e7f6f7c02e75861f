import type { Design } from 'goodreach';
import EaseWorker from './ease.worker?worker';
import type { EaseAnswer, SaidEase, SaidPlan } from './ease.worker';

/** Looks for eases in a worker of its own; a new question ends the one before. */
export class Easer {
  /** What cures the finding that was asked about; null until that is known. */
  eases: readonly SaidEase[] | null = $state.raw(null);
  /** What clears the most of all, as far as it is known. */
  plan: SaidPlan | null = $state.raw(null);
  progress: { looked: number; open: number } | null = $state.raw(null);
  busy = $state(false);
  problem = $state('');
  #worker: Worker | null = null;

  /** Asks for the eases of one finding by its key, or (null) of all. */
  ask(design: Design, finding: string | null): void {
    this.forget();
    this.busy = true;
    const worker = new EaseWorker();
    this.#worker = worker;
    worker.onmessage = ({ data }: MessageEvent<EaseAnswer>) => {
      if (data.of === 'progress') {
        this.plan = data.best;
        this.progress = { looked: data.looked, open: data.open };
        return;
      }
      if (data.of === 'finding') this.eases = data.eases;
      else this.plan = data.plan;
      this.stop();
    };
    worker.onerror = ({ message }) => {
      this.problem = `The search has failed: ${message}. Move things by hand; every check follows.`;
      this.stop();
    };
    worker.postMessage({ design, finding });
  }

  /** Ends the search; what it has found stays. */
  stop(): void {
    this.#worker?.terminate();
    this.#worker = null;
    this.busy = false;
    this.progress = null;
  }

  forget(): void {
    this.stop();
    this.eases = null;
    this.plan = null;
    this.problem = '';
  }
}
