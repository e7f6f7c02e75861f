import { nest, type Nest, type NestCase, type Refusal } from 'goodreach';

/** What the page asks: cases one after the other, each for so long, s. */
export interface NestQuestion {
  cases: readonly NestCase[];
  seconds: number;
}

/** The best nest of a case so far and how much of its time is over; or why there is none. */
export type NestAnswer = { id: string; done: number } & ({ nest: Nest } | { refusal: Refusal });

const answer = (data: NestAnswer) => postMessage(data);

onmessage = ({ data: { cases, seconds } }: MessageEvent<NestQuestion>) => {
  for (const one of cases) {
    const found = nest(one, {
      seconds,
      watch: (best, done) => {
        answer({ id: one.id, nest: best, done: Math.min(done, 0.99) });
        return true;
      },
    });
    answer({ id: one.id, done: 1, ...(found.ok ? { nest: found.value } : { refusal: found.refusal }) });
  }
};
