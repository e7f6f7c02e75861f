import { nest, type Nest, type NestCase, type Refusal } from 'goodreach';

/** What the page asks: cases one after the other, each for so long, s. */
export interface NestQuestion {
  cases: readonly NestCase[];
  seconds: number;
}

/** How much of the time of a case is over, with its best nest so far where that is another; or why there is none. */
export type NestAnswer = { id: string; done: number } & ({ nest?: Nest } | { refusal: Refusal });

const answer = (data: NestAnswer) => postMessage(data);

onmessage = ({ data: { cases, seconds } }: MessageEvent<NestQuestion>) => {
  // All have an answer before any is made better: whoever stops has them all.
  for (const one of cases) {
    const first = nest(one, { seconds: 0 });
    if (first.ok) answer({ id: one.id, done: 0, nest: first.value });
  }
  for (const one of cases) {
    let told: Nest | null = null;
    const found = nest(one, {
      seconds,
      watch: (best, over) => {
        const done = Math.min(over, 0.99);
        answer(best === told ? { id: one.id, done } : { id: one.id, nest: best, done });
        told = best;
        return true;
      },
    });
    answer({ id: one.id, done: 1, ...(found.ok ? { nest: found.value } : { refusal: found.refusal }) });
  }
};
