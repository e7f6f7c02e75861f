import { refusalText, styleOf, type DescribedProposal, type Result } from 'goodreach';
import ProposeWorker from './propose.worker?worker';
import type { ProposeQuestion } from './propose.worker';

/** Asks a worker of its own for proposals; a new question ends the one before. */
export class Proposer {
  proposals: readonly DescribedProposal[] = $state.raw([]);
  /** Why there are none. */
  problem = $state('');
  busy = $state(false);
  #worker: Worker | null = null;

  ask(question: ProposeQuestion): void {
    this.cancel();
    this.busy = true;
    const worker = new ProposeWorker();
    this.#worker = worker;
    worker.onmessage = ({ data }: MessageEvent<Result<readonly DescribedProposal[]>>) => {
      this.proposals = data.ok ? data.value : [];
      this.problem = data.ok ? '' : refusalText(data.refusal, styleOf(question.design));
      this.cancel();
    };
    worker.onerror = ({ message }) => {
      this.proposals = [];
      this.problem = `The search has failed: ${message}. Change what is asked, or close cabinets by hand.`;
      this.cancel();
    };
    worker.postMessage(question);
  }

  cancel(): void {
    this.#worker?.terminate();
    this.#worker = null;
    this.busy = false;
  }
}
