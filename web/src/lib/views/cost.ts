/** Milliseconds a frame of a drag can spare for each drawing; what takes longer draws less, or waits, until the drag rests. */
const SPARE = 5;
/** So many frames in a row that take longer say so: much is made anew for the first of a drag, and the page has yet to get into it. */
const IN_A_ROW = 2;
/** What takes so long once is not tried a second time. */
const FAR = 60;

/** What a drawing takes, frame by frame of a drag. */
export class Cost {
  #over = 0;
  #last = 0;

  /** Whether a frame can spare it. */
  get fits(): boolean {
    return this.#last <= FAR && this.#over < IN_A_ROW;
  }

  /** Draws something, and sees how long that takes. */
  of<T>(draw: () => T): T {
    const start = performance.now();
    const drawn = draw();
    this.took(performance.now() - start);
    return drawn;
  }

  took(time: number): void {
    this.#last = time;
    this.#over = time > SPARE ? this.#over + 1 : 0;
  }

  /** A drag begins anew, unless it is known to be far too much. */
  forget(): void {
    if (this.#last <= FAR) this.#over = 0;
  }
}
