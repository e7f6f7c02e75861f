import type { LimitPlace, LimitRecord } from 'goodreach';
import { sendJson } from './send-json';

/** A limit as it is kept for new rooms. */
export type KeptLimit = LimitPlace & { now: number };

/** The limits that new rooms of the job and of the studio take. */
export class KeptLimits {
  job: readonly KeptLimit[] = $state.raw([]);
  studio: readonly KeptLimit[] = $state.raw([]);
  problem = $state('');
  readonly #jobId: string;

  constructor({
    job,
    studio,
    jobId,
  }: {
    job: readonly KeptLimit[];
    studio: readonly KeptLimit[];
    jobId: string;
  }) {
    this.job = job;
    this.studio = studio;
    this.#jobId = jobId;
  }

  /** Keeps a room's limits for the new rooms of its job, or of the studio. */
  async keep(whose: 'job' | 'studio', records: readonly LimitRecord[]): Promise<void> {
    const limits = records.map(({ rule, check, side, was, now }) => ({ rule, check, side, was, now }));
    const address = whose === 'job' ? `/api/jobs/${this.#jobId}/limits` : '/api/studio/limits';
    const sent = await sendJson<{ limits: readonly KeptLimit[] }>('PUT', address, { limits });
    this.problem = sent.ok ? '' : sent.message;
    if (sent.ok) this[whose] = sent.value.limits;
  }
}
