import {
  applyPatch,
  emptyHistory,
  makeRoom,
  must,
  outlineFaces,
  type Design,
  type Patch,
  type KnownEdit,
} from 'goodreach';
import { DesignSession } from '../design-session.svelte';
import type { LocalEdit } from '../edits';
import { SaveQueue } from '../save-queue.svelte';

/** A kitchen of 4 by 3 metres. */
export const start = must(
  makeRoom({
    name: 'Kitchen',
    unit: 'mm',
    step: 1,
    ceilingHeight: 2400,
    faces: outlineFaces({ id: 'rectangle', turns: 0, mirrored: false }, [4000, 3000], 'mm'),
  }),
);

/** A server of one room in memory, which can be cut off, lose replies, and be edited by someone else. */
export class Server {
  document = start;
  edits: KnownEdit[] = [];
  /** Edits it refuses, and those it has a fault with. */
  refuses = new Set<string>();
  faults = new Set<string>();
  down = false;
  faulty = false;
  /** What it answers to every save, whatever is in it. */
  answers: number | null = null;
  loseReply = false;
  /** Milliseconds between the head of an answer and its body. */
  slowBody = 0;
  requests = 0;

  other(patch: Patch) {
    const id = crypto.randomUUID();
    this.accept({ id, action: 'do', step: id, command: 'other', args: null, patch }, 'Ann');
  }

  private accept(edit: LocalEdit, name = 'Me') {
    this.document = must(applyPatch(this.document, edit.patch));
    this.edits.push({ ...edit, revision: this.edits.length + 1, label: null, person: { id: name, name } });
  }

  fetch = (async (url: string, init?: { body?: string }) => {
    this.requests += 1;
    if (this.down) throw new TypeError('down');
    if (this.faulty) return new Response('', { status: 500 });
    if (this.answers !== null && init?.body) return new Response('', { status: this.answers });
    if (!init?.body && !url.includes('since'))
      return Response.json({ revision: this.edits.length, document: this.document });
    if (!init?.body) {
      const since = Number(new URL(url, 'http://x').searchParams.get('since'));
      return Response.json({ revision: this.edits.length, edits: this.edits.slice(since) });
    }
    const { baseRevision, edits } = JSON.parse(init.body) as { baseRevision: number; edits: LocalEdit[] };
    const fresh = edits.filter(({ id }) => !this.edits.some((known) => known.id === id));
    if (baseRevision + edits.length - fresh.length !== this.edits.length) {
      return Response.json(
        { revision: this.edits.length, since: this.edits.slice(baseRevision) },
        { status: 409 },
      );
    }
    if (fresh.some(({ command }) => this.faults.has(command))) return new Response('', { status: 500 });
    const refused = fresh.find(({ command }) => this.refuses.has(command));
    if (refused) return Response.json({ edit: refused.id, message: 'No.' }, { status: 422 });
    fresh.forEach((edit) => this.accept(edit));
    if (this.loseReply) {
      this.loseReply = false;
      throw new TypeError('lost');
    }
    const answer = Response.json({ revision: this.edits.length });
    if (this.slowBody > 0) {
      const body = answer.json();
      answer.json = () => new Promise((read) => setTimeout(() => read(body), this.slowBody));
    }
    return answer;
  }) as unknown as typeof fetch;
}

/** A page of the room: its queue and session. */
export function open(server: Server, kept: LocalEdit[] = []) {
  let leave: (edits: LocalEdit[]) => void = () => {};
  const store = {
    read: async () => kept,
    write: async (edits: readonly LocalEdit[]) => void (kept = [...edits]),
    onLeft: (take: typeof leave) => void (leave = take),
  };
  const document: Design = server.document;
  const saving: SaveQueue = new SaveQueue({
    roomId: 'r',
    revision: server.edits.length,
    document,
    store,
    onRebase: (design) => session.replace(design),
    fetch: server.fetch,
  });
  const session = new DesignSession(document, emptyHistory, (edit) => saving.add(edit));
  return { saving, session, kept: () => kept, leave: (edits: LocalEdit[]) => leave(edits) };
}
