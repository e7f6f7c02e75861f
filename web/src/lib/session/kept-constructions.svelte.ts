import type { ConstructionRecord } from 'goodreach';
import { askServer } from '../outcome';
import { sendJson } from './send-json';

/** How cabinets of a range are built, as it is kept for new rooms. */
export type KeptConstruction = Pick<ConstructionRecord, 'range' | 'ways'>;

/** How new rooms of the job and of the studio build cabinets; fetched when it is first asked for. */
export class KeptConstructions {
  job: readonly KeptConstruction[] = $state.raw([]);
  studio: readonly KeptConstruction[] = $state.raw([]);
  known = $state(false);
  problem = $state('');
  #fetched: Promise<void> | null = null;

  constructor(readonly jobId: string) {}

  fetch(): Promise<void> {
    return (this.#fetched ??= this.#fetchBoth());
  }

  async #fetchBoth(): Promise<void> {
    try {
      const answer = await askServer(`/api/jobs/${this.jobId}/constructions`);
      if (!answer.ok) throw new Error(String(answer.status));
      const { job, studio } = (await answer.json()) as {
        job: readonly KeptConstruction[];
        studio: readonly KeptConstruction[];
      };
      [this.job, this.studio, this.known, this.problem] = [job, studio, true, ''];
    } catch {
      this.problem = 'How the studio builds could not be fetched. Open the room again.';
      this.#fetched = null;
    }
  }

  /** Keeps how a room builds for the new rooms of its job, or of the studio. */
  async keep(whose: 'job' | 'studio', records: readonly ConstructionRecord[]): Promise<void> {
    const constructions = records.map(({ range, ways }) => ({ range, ways }));
    const address = whose === 'job' ? `/api/jobs/${this.jobId}/constructions` : '/api/studio/constructions';
    const sent = await sendJson<{ constructions: readonly KeptConstruction[] }>('PUT', address, {
      constructions,
    });
    this.problem = sent.ok ? '' : sent.message;
    if (sent.ok) this[whose] = sent.value.constructions;
  }
}
