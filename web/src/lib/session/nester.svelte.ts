import { heldCase, refusalText, type Held, type LengthStyle, type Nest, type NestCase } from 'goodreach';
import NestWorker from './nest.worker?worker';
import type { NestAnswer, NestQuestion } from './nest.worker';

/** The nest of one material so far, how much of its time is over (1: all), and why there is none. */
export interface FoundNest {
  nest: Nest | null;
  done: number;
  problem: string;
}

/** Nests parts in a worker of its own, one material after the other; a new question ends the one before, and what was found stays when it is stopped. */
export class Nester {
  found: Readonly<Record<string, FoundNest>> = $state.raw({});
  /** What was asked, so that it is seen when it is no longer what the room takes. */
  asked: readonly NestCase[] = $state.raw([]);
  busy = $state(false);
  problem = $state('');
  #worker: Worker | null = null;
  /** Materials of which something was settled by hand while they are laid out: what is found after that is not taken. */
  readonly #settled = new Set<string>();

  /** Nests what is asked, with what is settled beforehand of some of it. */
  ask(
    cases: readonly NestCase[],
    {
      seconds,
      style,
      held = {},
    }: { seconds: number; style: LengthStyle; held?: Readonly<Record<string, Held>> },
  ): void {
    this.stop();
    [this.found, this.asked, this.problem] = [{}, cases, ''];
    this.#settled.clear();
    if (cases.length === 0) return;
    this.busy = true;
    const settled = new Map(cases.map((one) => [one.id, heldCase(one, held[one.id] ?? {})]));
    const worker = new NestWorker();
    this.#worker = worker;
    worker.onmessage = ({ data }: MessageEvent<NestAnswer>) => {
      const { id, done } = data;
      let found = this.found[id] ?? { nest: null, problem: '', done };
      if (this.#settled.has(id)) found = this.found[id]!;
      else if ('refusal' in data) found = { nest: null, problem: refusalText(data.refusal, style), done };
      else if (data.nest) found = { nest: settled.get(id)!.whole(data.nest), problem: '', done };
      this.found = { ...this.found, [id]: { ...found, done } };
      if (data.done === 1 && data.id === cases.at(-1)!.id) this.stop();
    };
    worker.onerror = ({ message }) => {
      this.problem = `The nest has failed: ${message}. Nest again, or with fewer sizes of sheets.`;
      this.stop();
    };
    const asked = cases.map(({ id }) => settled.get(id)!.case);
    worker.postMessage({ cases: asked, seconds } satisfies NestQuestion);
  }

  /** Shows nests that were found before. */
  show(cases: readonly NestCase[], nests: readonly Nest[]): void {
    this.stop();
    [this.asked, this.problem] = [cases, ''];
    this.found = Object.fromEntries(nests.map((nest) => [nest.id, { nest, done: 1, problem: '' }]));
  }

  /** Something of a material was settled by hand: its nest stays as it is, also where it is still looked for a better one. */
  settle(material: string): void {
    this.#settled.add(material);
  }

  /** A nest that was changed by hand. */
  put(material: string, nest: Nest): void {
    this.settle(material);
    this.found = { ...this.found, [material]: { ...this.found[material]!, nest } };
  }

  stop(): void {
    this.#worker?.terminate();
    this.#worker = null;
    this.busy = false;
  }
}
