import { isAlike, type LaidSheets } from 'goodreach';
import { askServer } from '../outcome';
import { sendJson } from './send-json';
import type { KeptBook } from './shop-books.svelte';

/** After what was changed by hand is waited so long before it is kept, ms. */
const PAUSE = 800;

/** How a room's parts were laid on sheets: fetched when it is first looked at, kept after every change. */
export class KeptSheets {
  /** As they were kept last; whoever else kept others meanwhile. */
  known = $state.raw<KeptBook<LaidSheets> | null>(null);
  theirs = $state.raw<KeptBook<LaidSheets> | null>(null);
  problem = $state('');
  readonly #url: string;
  #fetched: Promise<KeptBook<LaidSheets> | null> | null = null;
  #waiting: { sheets: LaidSheets; timer: ReturnType<typeof setTimeout> } | null = null;
  /** One is kept after the other. */
  #sending: Promise<void> = Promise.resolve();

  constructor(roomId: string) {
    this.#url = `/api/rooms/${roomId}/laid-sheets`;
  }

  /** Fetches what was kept last, once. */
  fetch(): Promise<KeptBook<LaidSheets> | null> {
    return (this.#fetched ??= this.#ask().then((kept) => (this.known = kept)));
  }

  async #ask(): Promise<KeptBook<LaidSheets> | null> {
    try {
      const answer = await askServer(this.#url);
      if (!answer.ok) throw new Error(String(answer.status));
      return ((await answer.json()) as { kept: KeptBook<LaidSheets> | null }).kept;
    } catch {
      this.problem = 'The sheets of this room could not be fetched. Open it again before you nest.';
      this.#fetched = null;
      return null;
    }
  }

  /** Keeps sheets in a moment, unless others are to be kept before that. */
  keep(sheets: LaidSheets): void {
    if (this.theirs || isAlike(this.#waiting?.sheets ?? this.known?.book, sheets)) return;
    if (this.#waiting) clearTimeout(this.#waiting.timer);
    this.#waiting = { sheets, timer: setTimeout(() => void this.flush(), PAUSE) };
  }

  /** Keeps at once what is still waited with. */
  flush(): Promise<void> {
    const waiting = this.#waiting;
    if (!waiting) return this.#sending;
    clearTimeout(waiting.timer);
    this.#waiting = null;
    return (this.#sending = this.#sending.then(() => this.#send(waiting.sheets)));
  }

  async #send(book: LaidSheets): Promise<void> {
    if (this.theirs) return;
    const revision = this.known?.revision ?? 0;
    const sent = await sendJson<{ kept: KeptBook<LaidSheets> }>('PUT', this.#url, { revision, book });
    this.problem = sent.ok ? '' : sent.message;
    if (sent.ok) this.known = sent.value.kept;
    else if (sent.status === 409) this.theirs = await this.#ask();
  }

  /** Goes on from what somebody else kept: their sheets. */
  takeTheirs(): KeptBook<LaidSheets> | null {
    [this.known, this.theirs, this.problem] = [this.theirs, null, ''];
    return this.known;
  }

  /** Keeps one's own in place of theirs. */
  keepMine(sheets: LaidSheets): Promise<void> {
    this.takeTheirs();
    this.keep(sheets);
    return this.flush();
  }
}
