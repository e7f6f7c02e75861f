/** Chance that can be had again: the same numbers for the same seed (xorshift). */
export class Chance {
  #state: number;

  constructor(seed: number) {
    this.#state = (Math.imul(seed, 2_654_435_761) ^ 0x9e3779b9) >>> 0 || 1;
    for (let times = 0; times < 4; times++) this.#next();
  }

  #next(): number {
    let state = this.#state;
    state ^= state << 13;
    state ^= state >>> 17;
    state ^= state << 5;
    this.#state = state >>> 0;
    return this.#state;
  }

  /** A whole number from 0 up to a limit. */
  below(limit: number): number {
    return this.#next() % limit;
  }

  /** Once in so many. */
  once(times: number): boolean {
    return this.below(times) === 0;
  }

  of<T>(list: readonly T[]): T {
    return list[this.below(list.length)]!;
  }
}
