import type { Design, PriceBook } from 'goodreach';

/** What the last change came to at the studio's prices, while parts are built: reckoned when there is time for it, in hundredths. */
export class ChangeCost {
  /** null while nothing has changed since it was first reckoned. */
  by: number | null = $state(null);
  #last: { design: Design; book: PriceBook | undefined; cents: number } | null = null;

  /** Reckons what a design costs, by whoever builds it, when the page has time; what is returned calls that off. */
  reckon(design: Design, book: PriceBook | undefined, centsOf: () => number): () => void {
    if (this.#last?.design === design && this.#last.book === book) return () => {};
    const later = setTimeout(() => {
      const cents = centsOf();
      const before = this.#last;
      this.#last = { design, book, cents };
      // Other prices are no change of the room.
      this.by = before && before.book === book ? cents - before.cents : null;
    }, WAIT);
    return () => clearTimeout(later);
  }

  /** Nothing is watched any more: what changes meanwhile is no one change. */
  rest(): void {
    [this.#last, this.by] = [null, null];
  }
}

/** So long after the last change it is reckoned: not between the steps of a drag, ms. */
const WAIT = 120;
