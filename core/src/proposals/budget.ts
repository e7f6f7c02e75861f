/** How much a search may take: so many states, and so much time. */
export class Budget {
  private left: number;
  private readonly until: number;
  private spent = false;
  private doubted = false;

  constructor(states: number, milliseconds: number) {
    this.left = states;
    this.until = Date.now() + milliseconds;
  }

  /** Takes one state; false once nothing is left. */
  spend(): boolean {
    this.left -= 1;
    if (this.left <= 0 || ((this.left & 255) === 0 && Date.now() > this.until)) this.spent = true;
    return !this.spent;
  }

  hasTime(): boolean {
    return Date.now() <= this.until;
  }

  exhaust(): void {
    this.spent = true;
  }

  /** What was left out, so that nothing is proven, though there is time. */
  doubt(): void {
    this.doubted = true;
  }

  get isProof(): boolean {
    return !this.spent && !this.doubted;
  }

  get isSpent(): boolean {
    return this.spent;
  }
}
