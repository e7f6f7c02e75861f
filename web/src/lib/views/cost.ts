/** Milliseconds a frame of a drag can spare for each drawing; what takes longer draws less, or waits, until the drag rests. */
const SPARE = 5;
/** What took so long once is not tried a second time. */
const FAR = 4 * SPARE;

/** What a drawing takes, frame by frame of a drag. One frame alone says little, unless it is far too much: much is made anew for the first. */
export class Cost {
  #last = 0;
  #before = 0;

  /** Whether a frame can spare it. */
  get fits(): boolean {
    return this.#last <= SPARE || (this.#before <= SPARE && this.#last <= FAR);
  }

  /** Draws something, and sees how long that takes. */
  of<T>(draw: () => T): T {
    const start = performance.now();
    const drawn = draw();
    this.took(performance.now() - start);
    return drawn;
  }

  took(time: number): void {
    [this.#before, this.#last] = [this.#last, time];
  }

  /** A drag begins anew, unless it is known to be far too much. */
  forget(): void {
    if (this.#last <= FAR) this.#before = this.#last = 0;
  }
}
