/** So many frames may take longer, and one more for each so many that don't. */
const ALLOWED = 5;
const SELDOM = 20;
/** What takes so long once is not tried again. */
const FAR = 60;
/** What did not fit is tried again after so many frames, then after twice as many, and so on, so many times: much is made anew for the first of a drag, and the page has yet to get into it. */
const FIRST_WAIT = 16;
const TRIES = 2;

/** What a drawing takes, frame by frame of a drag: what takes longer than a frame can spare draws less, or waits, until the drag rests. */
export class Cost {
  /** The frames that took longer, less what is forgiven: one counts as many as that takes. */
  #over = 0;
  #last = 0;
  #waited = 0;
  #tries = 0;

  /** With the milliseconds that a frame can spare. */
  constructor(private readonly spare: number) {}

  /** Whether a frame can spare it; asked once for each. */
  fits(): boolean {
    if (this.#last > FAR) return false;
    if (this.#over <= ALLOWED * SELDOM) return true;
    if (this.#tries === TRIES) return false;
    this.#waited += 1;
    if (this.#waited <= FIRST_WAIT * 2 ** this.#tries) return false;
    this.#waited = 0;
    this.#tries += 1;
    this.#over = (ALLOWED - 1) * SELDOM;
    return true;
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
    this.#over = Math.max(0, this.#over + (time > this.spare ? SELDOM : -1));
  }

  /** A drag begins anew, unless it is known to be far too much: what did not fit in the last one has a frame or two to show that it does now. */
  forget(): void {
    if (this.#last > FAR) return;
    this.#over = Math.min(this.#over, (ALLOWED - 1) * SELDOM);
    [this.#waited, this.#tries] = [0, 0];
  }
}
