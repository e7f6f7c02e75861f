import { applyPatch, type Design, type Patch } from 'goodreach';
import { askServer } from '../outcome';
import type { LocalEdit } from './design-session.svelte';
import type { UnsavedStore } from './unsaved-store';

export type SaveState = 'saved' | 'saving' | 'offline' | 'clash';

interface Options {
  roomId: string;
  revision: number;
  document: Design;
  store: UnsavedStore;
  /** Called when others' edits came in underneath: the document with ours replayed on top. */
  onRebase(document: Design): void;
  fetch?: typeof fetch;
  /** Milliseconds to wait for more edits before sending. */
  wait?: number;
}

/** At most this many edits go in one request. */
const MOST_EDITS = 200;
const RETRY_STEPS = [1_000, 2_000, 4_000, 8_000];

/**
 * Sends edits to the server one request at a time, keeps them in the browser until they are acknowledged,
 * replays them on others' edits after a conflict, and stops with both versions kept when that is not possible.
 */
export class SaveQueue {
  state: SaveState = $state('saved');
  revision = $state(0);
  /** What a person must know: why saving waits, or what clashes. */
  message = $state('');
  #pending: LocalEdit[] = $state.raw([]);
  readonly waiting = $derived(this.#pending.length);

  #acknowledged: Design;
  /** The edits that the acknowledged document is known to hold. */
  #known = new Set<string>();
  #sending = false;
  #disposed = false;
  #timer: ReturnType<typeof setTimeout> | undefined;
  #failures = 0;

  constructor(private readonly options: Options) {
    this.revision = options.revision;
    this.#acknowledged = options.document;
  }

  /**
   * Takes up edits that an earlier page could not send, now and when another page of the room goes; gives the document with
   * them, or null when there are none or they no longer fit.
   */
  async resume(known: Iterable<string>): Promise<Design | null> {
    this.#known = new Set(known);
    const left = await this.options.store.read();
    this.options.store.onLeft((later) => {
      const replayed = this.#takeUp(later);
      if (replayed) this.options.onRebase(replayed);
    });
    const resumed = this.#takeUp(left);
    void this.#catchUp();
    return resumed;
  }

  /**
   * Takes in what was saved after this page's data was read: on a reload the page that goes can still save an edit, and be
   * answered, while the next one is already being made.
   */
  async #catchUp(): Promise<void> {
    const asked = this.revision;
    const answer = await this.#ask(`/api/rooms/${this.options.roomId}/edits?since=${asked}`);
    if (!answer?.ok) return;
    const { revision, edits } = (await answer.json()) as { revision: number; edits: LocalEdit[] };
    // A save under way learns of them itself.
    if (edits.length === 0 || this.#sending || this.revision !== asked || this.state === 'clash') return;
    this.#rebase(edits, revision);
  }

  #takeUp(edits: readonly LocalEdit[]): Design | null {
    const left = edits.filter(({ id }) => !this.#known.has(id));
    this.#pending = [...this.#pending, ...left];
    void this.options.store.write(this.#pending);
    if (left.length === 0 || this.state === 'clash') return null;
    const replayed = replay(this.#acknowledged, this.#pending);
    if (replayed) this.#schedule(0);
    else this.#clash('Edits that were not saved before no longer fit the room as it is now.');
    return replayed;
  }

  add(edit: LocalEdit): void {
    this.#pending = [...this.#pending, edit];
    void this.options.store.write(this.#pending);
    if (this.state === 'clash') return;
    if (this.state === 'saved') this.state = 'saving';
    this.#schedule(this.options.wait ?? 250);
  }

  /** Gives up the unsaved edits and takes the room as it is saved. */
  async takeSaved(): Promise<void> {
    this.#pending = [];
    await this.options.store.write([]);
    const answer = await this.#ask(`/api/rooms/${this.options.roomId}/edits?since=${this.revision}`);
    if (!answer?.ok) return;
    const { revision, edits } = (await answer.json()) as { revision: number; edits: LocalEdit[] };
    const document = replay(this.#acknowledged, edits);
    if (!document) return;
    this.#settle(document, revision, edits);
    this.options.onRebase(document);
    this.state = 'saved';
    this.message = '';
  }

  /** Whether all is saved, waiting for what is under way; false when it can't be saved now. */
  async whenSaved(most = 10_000): Promise<boolean> {
    const end = Date.now() + most;
    while (this.#pending.length > 0 && this.state !== 'clash' && Date.now() < end)
      await new Promise((resolve) => setTimeout(resolve, 50));
    return this.#pending.length === 0;
  }

  /**
   * The page goes: what waits is sent in a request that outlives it. Edits already under way may be in it; they are known by their ids. What the
   * server does not take is kept in the store, and sent by the next page.
   */
  leave(): void {
    if (this.#pending.length === 0 || this.state === 'clash') return;
    const edits = this.#pending.slice(0, MOST_EDITS);
    void this.#ask(`/api/rooms/${this.options.roomId}/edits`, { baseRevision: this.revision, edits }, true);
  }

  dispose(): void {
    clearTimeout(this.#timer);
    this.#disposed = true;
  }

  #schedule(wait: number): void {
    clearTimeout(this.#timer);
    if (this.#disposed) return;
    this.#timer = setTimeout(() => void this.#send(), wait);
  }

  async #send(): Promise<void> {
    if (this.#sending || this.#pending.length === 0 || this.state === 'clash') return;
    this.#sending = true;
    this.state = this.#failures > 0 ? 'offline' : 'saving';
    const sent = this.#pending.slice(0, MOST_EDITS);
    const answer = await this.#ask(`/api/rooms/${this.options.roomId}/edits`, {
      baseRevision: this.revision,
      edits: sent,
    });
    if (answer) await this.#take(answer, sent);
    else this.#retry('No connection to the server. Your work is kept here and saved when it is back.');
    // Not before the answer is taken: what was sent is pending until then, and would be sent and accepted twice.
    this.#sending = false;
  }

  async #take(answer: Response, sent: readonly LocalEdit[]): Promise<void> {
    const body = (await answer.json().catch(() => ({}))) as {
      revision?: number;
      since?: LocalEdit[];
      message?: string;
    };
    if (answer.ok && body.revision !== undefined) return this.#accept(sent, body.revision);
    if (answer.status === 409 && body.since && body.revision !== undefined)
      return this.#rebase(body.since, body.revision);
    if (answer.status === 401)
      return this.#retry(
        'You are signed out. Sign in again in another tab; your work is kept here and then saved.',
      );
    if (answer.status >= 500)
      return this.#retry('The server has a fault. Your work is kept here and saved when it answers again.');
    this.#clash(body.message ?? 'The server refuses this edit.');
  }

  #accept(sent: readonly LocalEdit[], revision: number): void {
    const document = replay(this.#acknowledged, sent);
    if (!document) return this.#clash('The saved room and this page have come apart.');
    this.#failures = 0;
    this.message = '';
    this.#pending = this.#pending.slice(sent.length);
    void this.options.store.write(this.#pending);
    this.#settle(document, revision, sent);
    this.state = this.#pending.length > 0 ? 'saving' : 'saved';
    if (this.#pending.length > 0) this.#schedule(0);
  }

  #rebase(since: readonly LocalEdit[], revision: number): void {
    const arrived = new Set(since.map(({ id }) => id));
    const saved = replay(this.#acknowledged, since);
    const own = this.#pending.filter(({ id }) => !arrived.has(id));
    const replayed = saved && replay(saved, own);
    if (!saved || !replayed) {
      return this.#clash('Someone else changed the same things in the meantime.');
    }
    this.#pending = own;
    void this.options.store.write(own);
    this.#settle(saved, revision, since);
    this.options.onRebase(replayed);
    this.#schedule(0);
  }

  #settle(document: Design, revision: number, edits: readonly LocalEdit[]): void {
    for (const { id } of edits) this.#known.add(id);
    this.#acknowledged = document;
    this.revision = revision;
  }

  #retry(message: string): void {
    this.state = 'offline';
    this.message = message;
    this.#schedule(RETRY_STEPS[Math.min(this.#failures, RETRY_STEPS.length - 1)]!);
    this.#failures += 1;
  }

  #clash(message: string): void {
    this.state = 'clash';
    this.message = message;
  }

  async #ask(url: string, body?: unknown, keepalive = false): Promise<Response | null> {
    const send = this.options.fetch ?? askServer;
    const init =
      body === undefined
        ? {}
        : {
            method: 'POST',
            headers: { 'content-type': 'application/json' },
            body: JSON.stringify(body),
            ...(keepalive ? { keepalive } : {}),
          };
    try {
      return await send(url, init);
    } catch {
      return null;
    }
  }
}

/** The document after edits, or null when one does not fit. */
function replay(document: Design, edits: readonly { patch: Patch }[]): Design | null {
  let current = document;
  for (const { patch } of edits) {
    const applied = applyPatch(current, patch);
    if (!applied.ok) return null;
    current = applied.value;
  }
  return current;
}
