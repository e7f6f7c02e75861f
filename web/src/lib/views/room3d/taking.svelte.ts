/** A picture or film that is being taken: how much of it is done, and stopped at once for the one who waits. */
export class Taking {
  /** 0 to 1; null while nothing is taken. */
  done: number | null = $state(null);
  #run = 0;
  #before: Promise<unknown> = Promise.resolve();

  /**
   * Takes something: `job` tells how much is done, and stops where it is answered false. What was stopped before ends first, as it has
   * the same canvas. Gives what was taken; null where it was stopped.
   */
  async start<T>(job: (told: (done: number) => boolean) => Promise<T | null>): Promise<T | null> {
    this.#run += 1;
    const own = this.#run;
    const goesOn = () => own === this.#run;
    this.done = 0;
    const work = this.#before.then(() =>
      goesOn()
        ? job((share) => {
            if (goesOn()) this.done = share;
            return goesOn();
          })
        : null,
    );
    this.#before = work.catch(() => null);
    try {
      const taken = await work;
      return goesOn() ? taken : null;
    } finally {
      if (goesOn()) this.done = null;
    }
  }

  stop(): void {
    this.#run += 1;
    this.done = null;
  }
}
