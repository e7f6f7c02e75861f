import { applyPatch, replayed, type Design, type Patch, type KnownEdit } from 'goodreach';
import { askServer } from '../outcome';
import type { LocalEdit } from './edits';
import type { StoredEdit, UnsavedStore } from './unsaved-store';

export type SaveState = 'saved' | 'saving' | 'offline' | 'apart';

interface Options {
  roomId: string;
  revision: number;
  document: Design;
  store: UnsavedStore;
  /** Called when others' edits came in underneath, or an own one was put aside: the document with what is left of ours on top. */
  onRebase(document: Design): void;
  fetch?: typeof fetch;
  /** Milliseconds to wait for more edits before sending. */
  wait?: number;
}

/** At most this many edits go in one request. */
const MOST_EDITS = 200;
const RETRY_STEPS = [1_000, 2_000, 4_000, 8_000];
/** What an answer has that says the edits are at fault, not the moment. */
const REFUSED: ReadonlySet<number> = new Set([400, 409, 413, 422]);
/** An edit the server answers so often with a fault of its own, while it is well otherwise, is put aside. */
const MOST_FAULTS = 3;

/** What the server answers to a save. */
interface Answer {
  revision?: number;
  since?: KnownEdit[];
  message?: string;
  /** The edit that is refused. */
  edit?: string;
}

/**
 * Sends edits to the server one request at a time, keeps them in the browser until they are acknowledged, and brings them onto others' edits, field by
 * field. An edit that does not go onto them, or that the server does not take, is put aside with why, and kept; the others go on.
 */
export class SaveQueue {
  state: SaveState = $state('saved');
  revision = $state(0);
  /** Why saving waits. */
  message = $state('');
  /** Edits that could not be saved, with why, until the person has seen them. */
  aside: readonly StoredEdit[] = $state.raw([]);
  #pending: LocalEdit[] = $state.raw([]);
  readonly waiting = $derived(this.#pending.length);

  #acknowledged: Design;
  /** The edits that the acknowledged document is known to hold. */
  #known = new Set<string>();
  #sending = false;
  #disposed = false;
  #timer: ReturnType<typeof setTimeout> | undefined;
  #failures = 0;
  #heard = 0;
  /** How many edits go in the next request: one, to find the one that is at fault. */
  #most = MOST_EDITS;

  constructor(private readonly options: Options) {
    this.revision = options.revision;
    this.#acknowledged = options.document;
  }

  /** Takes up edits that an earlier page could not send, now and when another page of the room goes; gives the document with them, or null when there are none. */
  async resume(known: Iterable<string>): Promise<Design | null> {
    this.#known = new Set(known);
    const left = await this.options.store.read();
    this.options.store.onLeft((later) => {
      const document = this.#takeUp(later);
      if (document) this.options.onRebase(document);
    });
    const resumed = this.#takeUp(left);
    void this.catchUp();
    return resumed;
  }

  /** Takes in what was saved after this page's data was read, or since it heard last. A save under way learns of it itself. */
  async catchUp(): Promise<void> {
    const asked = this.revision;
    const answer = await this.#ask(`/api/rooms/${this.options.roomId}/edits?since=${asked}`);
    if (!answer?.ok) return;
    const { revision, edits } = (await answer.json()) as { revision: number; edits: KnownEdit[] };
    this.#heard = revision;
    if (edits.length === 0 || this.#sending || this.revision !== asked || this.state === 'apart') return;
    this.#rebase(edits, revision);
  }

  /** Somebody saved a revision (Infinity where it is not known which): it is taken in, after what is under way. */
  hear(revision: number): void {
    this.#heard = Math.max(this.#heard, revision);
    if (this.#heard > this.revision && !this.#sending) void this.catchUp();
  }

  #takeUp(edits: readonly StoredEdit[]): Design | null {
    const left = edits.filter(({ id }) => !this.#known.has(id));
    this.aside = [...this.aside, ...left.filter(({ why }) => why)];
    const fresh = left.filter(({ why }) => !why);
    if (this.state === 'apart') this.#pending = [...this.#pending, ...fresh];
    if (fresh.length === 0 || this.state === 'apart') {
      this.#keep();
      return null;
    }
    const document = this.#onto(this.#acknowledged, [...this.#pending, ...fresh], GONE_ON);
    this.#schedule(0);
    return document;
  }

  add(edit: LocalEdit): void {
    this.#pending = [...this.#pending, edit];
    this.#keep();
    if (this.state === 'apart') return;
    if (this.state === 'saved') this.state = 'saving';
    this.#schedule(this.options.wait ?? 250);
  }

  /** Forgets what was put aside: the person has seen it. */
  dropAside(): void {
    this.aside = [];
    this.#keep();
  }

  /** Gives up the unsaved edits and takes the room as it is saved. */
  async takeSaved(): Promise<void> {
    const answer = await this.#ask(`/api/rooms/${this.options.roomId}`);
    if (!answer?.ok) return;
    const { revision, document } = (await answer.json()) as { revision: number; document: Design };
    this.#pending = [];
    this.#keep();
    this.#settle(document, revision, []);
    this.options.onRebase(document);
    this.state = 'saved';
    this.message = '';
  }

  /** Whether all is saved, waiting for what is under way; false when it can't be saved now. */
  async whenSaved(most = 10_000): Promise<boolean> {
    const end = Date.now() + most;
    while (this.#pending.length > 0 && this.state !== 'apart' && Date.now() < end)
      await new Promise((resolve) => setTimeout(resolve, 50));
    return this.#pending.length === 0;
  }

  /**
   * The page goes: what waits is sent in a request that outlives it. Edits already under way may be in it; they are known by their ids. What the
   * server does not take is kept in the store, and sent by the next page.
   */
  leave(): void {
    if (this.#pending.length === 0 || this.state === 'apart') return;
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
    if (this.#sending || this.#pending.length === 0 || this.state === 'apart') return;
    this.#sending = true;
    this.state = this.#failures > 0 ? 'offline' : 'saving';
    const sent = this.#pending.slice(0, this.#most);
    const answer = await this.#ask(`/api/rooms/${this.options.roomId}/edits`, {
      baseRevision: this.revision,
      edits: sent,
    });
    if (answer) await this.#take(answer, sent);
    else this.#retry('No connection to the server. Your work is kept here and saved when it is back.');
    // Not before the answer is taken: what was sent is pending until then, and would be sent and accepted twice.
    this.#sending = false;
    this.hear(this.#heard);
  }

  async #take(answer: Response, sent: readonly LocalEdit[]): Promise<void> {
    const body = (await answer.json().catch(() => ({}))) as Answer;
    if (answer.ok && body.revision !== undefined) return this.#accept(sent, body.revision);
    if (answer.status === 409 && body.since && body.revision !== undefined)
      return this.#rebase(body.since, body.revision);
    if (answer.status === 401)
      return this.#retry(
        'You are signed out. Sign in again in another tab; your work is kept here and then saved.',
      );
    if (answer.status === 404)
      return this.#part(
        'This room is gone from your studio. If it was removed, take it back there, and load this page anew.',
      );
    if (REFUSED.has(answer.status)) return this.#refused(sent, body);
    // A server that has no time (503) says nothing of the edit.
    if (
      answer.status >= 500 &&
      answer.status !== 503 &&
      this.#failures + 1 >= MOST_FAULTS &&
      (await this.#isWell())
    )
      return this.#refused(sent, { message: 'The server has a fault with this edit.' });
    this.#retry('The server can’t save now. Your work is kept here and saved when it answers again.');
  }

  /** Whether the server answers otherwise: then what it does not answer to is at fault. */
  async #isWell(): Promise<boolean> {
    const answer = await this.#ask(`/api/rooms/${this.options.roomId}/edits?since=${this.revision}`);
    return answer?.ok === true;
  }

  /** Puts the edit that is refused aside; where it is not said which, finds it by sending them one by one. */
  #refused(sent: readonly LocalEdit[], { edit, message }: Answer): void {
    const at = sent.length === 1 ? sent[0]!.id : edit;
    if (at === undefined) this.#most = 1;
    else {
      this.#failures = 0;
      this.#putAside(
        this.#pending.filter(({ id }) => id === at),
        message ?? 'The server refuses this edit.',
      );
      const left = this.#pending.filter(({ id }) => id !== at);
      this.options.onRebase(
        this.#onto(this.#acknowledged, left, 'It was made on one that could not be saved.'),
      );
    }
    this.#goOn();
  }

  #accept(sent: readonly LocalEdit[], revision: number): void {
    const document = applied(this.#acknowledged, sent);
    if (!document) return this.#part('The saved room and this page have come apart.');
    this.#failures = 0;
    this.message = '';
    this.#pending = this.#pending.slice(sent.length);
    if (this.#pending.length === 0) this.#most = MOST_EDITS;
    this.#keep();
    this.#settle(document, revision, sent);
    this.#goOn();
  }

  #rebase(since: readonly KnownEdit[], revision: number): void {
    const arrived = new Set(since.map(({ id }) => id));
    const saved = applied(this.#acknowledged, since);
    if (!saved) return this.#part('The saved room and this page have come apart.');
    this.#settle(saved, revision, since);
    const own = this.#pending.filter(({ id }) => !arrived.has(id));
    const other = since.findLast(({ id }) => !this.#pending.some((one) => one.id === id));
    this.options.onRebase(this.#onto(saved, own, other ? `${other.person.name} changed the same.` : GONE_ON));
    this.#goOn();
  }

  /** Brings own edits onto a document, and puts aside those that do not go onto it; gives it with the others. */
  #onto(document: Design, own: readonly LocalEdit[], why: string): Design {
    const { design, fitting, parted } = replayed(document, own);
    this.#pending = fitting;
    this.#putAside(parted, why);
    return design;
  }

  #putAside(edits: readonly LocalEdit[], why: string): void {
    this.aside = [...this.aside, ...edits.map((edit) => ({ ...edit, why }))];
    this.#keep();
  }

  #keep(): void {
    void this.options.store.write([...this.#pending, ...this.aside]);
  }

  #goOn(): void {
    this.state = this.#pending.length > 0 ? 'saving' : 'saved';
    if (this.#pending.length > 0) this.#schedule(0);
  }

  #settle(document: Design, revision: number, edits: readonly { id: string }[]): void {
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

  #part(message: string): void {
    this.state = 'apart';
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

const GONE_ON = 'The room has gone on without it.';

/** The document after edits exactly as they were made, or null when one does not go onto it. */
function applied(document: Design, edits: readonly { patch: Patch }[]): Design | null {
  let current = document;
  for (const { patch } of edits) {
    const after = applyPatch(current, patch);
    if (!after.ok) return null;
    current = after.value;
  }
  return current;
}
