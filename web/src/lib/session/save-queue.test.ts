import { applyPatch, makeRoom, outlineFaces, must, setRoom, type Design, type Patch } from 'goodreach';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { DesignSession, type LocalEdit } from './design-session.svelte';
import { SaveQueue } from './save-queue.svelte';

const start = must(
  makeRoom({
    name: 'Kitchen',
    unit: 'mm',
    step: 1,
    ceilingHeight: 2400,
    faces: outlineFaces({ id: 'rectangle', turns: 0, mirrored: false }, [4000, 3000], 'mm'),
  }),
);

/** A server of one room in memory, which can be cut off, lose replies, and be edited by someone else. */
class Server {
  document = start;
  edits: LocalEdit[] = [];
  down = false;
  loseReply = false;
  /** Milliseconds between the head of an answer and its body. */
  slowBody = 0;
  requests = 0;

  other(patch: Patch) {
    this.accept({ id: crypto.randomUUID(), action: 'do', label: 'Other', patch });
  }

  private accept(edit: LocalEdit) {
    this.document = must(applyPatch(this.document, edit.patch));
    this.edits.push(edit);
  }

  fetch = (async (url: string, init?: { body?: string }) => {
    this.requests += 1;
    if (this.down) throw new TypeError('down');
    if (!init?.body) {
      const since = Number(new URL(url, 'http://x').searchParams.get('since'));
      return Response.json({ revision: this.edits.length, edits: this.edits.slice(since) });
    }
    const { baseRevision, edits } = JSON.parse(init.body) as { baseRevision: number; edits: LocalEdit[] };
    const fresh = edits.filter(({ id }) => !this.edits.some((known) => known.id === id));
    if (fresh.length > 0 && baseRevision + edits.length - fresh.length !== this.edits.length) {
      return Response.json(
        { revision: this.edits.length, since: this.edits.slice(baseRevision) },
        { status: 409 },
      );
    }
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

function open(server: Server, kept: LocalEdit[] = []) {
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
  const session = new DesignSession(document, [], (edit) => saving.add(edit));
  return { saving, session, kept: () => kept, leave: (edits: LocalEdit[]) => leave(edits) };
}

const nameOf = (design: Design) => (design.records['room'] as { name: string }).name;
const ceilingOf = (design: Design) => (design.records['room'] as { ceilingHeight: number }).ceilingHeight;
const settle = () => vi.advanceTimersByTimeAsync(20_000);

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

describe('the save queue', () => {
  it('takes an answer once, though another edit is due while its body is still coming', async () => {
    const server = new Server();
    server.slowBody = 1_000;
    const { saving, session } = open(server);
    session.run(setRoom, { name: 'First' });
    await vi.advanceTimersByTimeAsync(300);
    session.run(setRoom, { name: 'Second' });
    await vi.advanceTimersByTimeAsync(5_000);
    expect([saving.state, saving.revision, saving.waiting, nameOf(server.document)]).toEqual([
      'saved',
      2,
      0,
      'Second',
    ]);
    expect(server.requests).toBe(2);
  });

  it('sends what waits at once when the page goes, and nothing twice where it was under way or the page comes back', async () => {
    const server = new Server();
    const { saving, session, kept } = open(server);
    session.run(setRoom, { name: 'Right before' });
    saving.leave();
    await vi.advanceTimersByTimeAsync(0);
    expect([nameOf(server.document), server.requests]).toEqual(['Right before', 1]);
    await settle();
    expect([saving.state, saving.revision, server.edits.length, kept()]).toEqual(['saved', 1, 1, []]);
    saving.leave();
    expect(server.requests).toBe(2);
    server.slowBody = 1_000;
    session.run(setRoom, { name: 'Under way' });
    await vi.advanceTimersByTimeAsync(300);
    saving.leave();
    await settle();
    expect([saving.state, saving.revision, server.edits.length]).toEqual(['saved', 2, 2]);
  });

  it('sends edits made close together as one request, each its own revision', async () => {
    const server = new Server();
    const { session, saving, kept } = open(server);
    session.run(setRoom, { name: 'One' });
    session.run(setRoom, { name: 'Two' });
    session.undo();
    expect(kept()).toHaveLength(3);
    await settle();
    expect([saving.state, saving.revision, server.requests, kept().length]).toEqual(['saved', 3, 1, 0]);
    expect(nameOf(server.document)).toBe('One');
    expect(server.edits.map(({ action }) => action)).toEqual(['do', 'do', 'undo']);
  });

  it('keeps work while the server is down, says so, and saves it when it is back', async () => {
    const server = new Server();
    const { session, saving, kept } = open(server);
    server.down = true;
    session.run(setRoom, { name: 'One' });
    await vi.advanceTimersByTimeAsync(3_000);
    expect([saving.state, kept().length]).toEqual(['offline', 1]);
    expect(saving.message).toContain('kept here');
    session.run(setRoom, { name: 'Two' });
    server.down = false;
    await settle();
    expect([saving.state, nameOf(server.document), saving.revision]).toEqual(['saved', 'Two', 2]);
  });

  it('does not take a lost reply for a conflict', async () => {
    const server = new Server();
    const { session, saving } = open(server);
    server.loseReply = true;
    session.run(setRoom, { name: 'One' });
    await settle();
    expect([saving.state, saving.revision, server.edits.length]).toEqual(['saved', 1, 1]);
  });

  it('knows its own edits among those that have arrived, and replays only the others on someone else’s', async () => {
    const server = new Server();
    const { session, saving } = open(server);
    server.loseReply = true;
    session.run(setRoom, { name: 'One' });
    await vi.advanceTimersByTimeAsync(600);
    expect(server.edits.map(({ label }) => label)).toEqual(['Change the room']);
    const face = start.records['face-a']!;
    server.other([{ id: 'face-a', before: face, after: { ...face, length: 4100 } as never }]);
    session.run(setRoom, { name: 'Two' });
    await settle();
    expect([saving.state, saving.revision, nameOf(server.document)]).toEqual(['saved', 3, 'Two']);
    expect(server.edits.map(({ label }) => label)).toEqual(['Change the room', 'Other', 'Change the room']);
    expect(new Set(server.edits.map(({ id }) => id)).size).toBe(3);
  });

  it('replays its edits on someone else’s', async () => {
    const server = new Server();
    const { session, saving } = open(server);
    const face = start.records['face-a']!;
    server.other([{ id: 'face-a', before: face, after: { ...face, length: 4100 } as never }]);
    session.run(setRoom, { name: 'Mine' });
    await settle();
    expect([saving.state, saving.revision]).toEqual(['saved', 2]);
    expect(nameOf(server.document)).toBe('Mine');
    expect(session.document.records['face-a']).toMatchObject({ length: 4100 });
  });

  it('stops when both changed the same thing, keeps both, and can take the saved room', async () => {
    const server = new Server();
    const { session, saving, kept } = open(server);
    server.other(must(setRoom.run(start, { ceilingHeight: 2500 })));
    session.run(setRoom, { name: 'Mine' });
    await settle();
    expect(saving.state).toBe('clash');
    expect([nameOf(session.document), ceilingOf(server.document), kept().length]).toEqual(['Mine', 2500, 1]);
    await saving.takeSaved();
    expect([saving.state, ceilingOf(session.document), nameOf(session.document), kept().length]).toEqual([
      'saved',
      2500,
      'Kitchen',
      0,
    ]);
    session.run(setRoom, { name: 'Again' });
    await settle();
    expect([saving.state, nameOf(server.document)]).toEqual(['saved', 'Again']);
  });

  it('takes up what an earlier page could not send, but not what the server already has', async () => {
    const server = new Server();
    const first = open(server);
    server.down = true;
    first.session.run(setRoom, { name: 'Kept' });
    await vi.advanceTimersByTimeAsync(500);
    server.down = false;
    const second = open(server, first.kept());
    first.saving.dispose();
    expect(nameOf((await second.saving.resume(new Set()))!)).toBe('Kept');
    await settle();
    expect(nameOf(server.document)).toBe('Kept');
    const third = open(server, [...server.edits]);
    expect(await third.saving.resume(new Set(server.edits.map(({ id }) => id)))).toBeNull();
    expect(third.kept()).toEqual([]);
  });

  it('takes in what was saved while the page was being made', async () => {
    const server = new Server();
    const { saving, session } = open(server);
    server.other(must(setRoom.run(server.document, { name: 'Pantry' })));
    await saving.resume([]);
    await vi.advanceTimersByTimeAsync(1);
    expect([session.document, saving.revision, saving.state]).toEqual([server.document, 1, 'saved']);
    session.run(setRoom, { ceilingHeight: 2500 });
    await vi.advanceTimersByTimeAsync(2_000);
    expect([server.edits.length, server.document]).toEqual([2, session.committed]);
  });

  it('takes over what another page of the room leaves behind when it goes, but not what is saved by then', async () => {
    const server = new Server();
    const [going, staying] = [open(server), open(server)];
    await staying.saving.resume([]);
    server.loseReply = true;
    going.session.run(setRoom, { name: 'Saved' });
    await vi.advanceTimersByTimeAsync(300);
    going.session.run(setRoom, { ceilingHeight: 2500 });
    going.saving.dispose();
    staying.leave(going.kept());
    await settle();
    for (const document of [server.document, staying.session.document])
      expect([nameOf(document), ceilingOf(document)]).toEqual(['Saved', 2500]);
    expect([server.edits.length, staying.kept(), staying.saving.state]).toEqual([2, [], 'saved']);
    staying.leave(server.edits);
    expect(staying.saving.state).toBe('saved');
  });
});

describe('the session', () => {
  it('refuses with a sentence and changes nothing; a preview is dropped without a trace', () => {
    const { session } = open(new Server());
    expect(session.run(setRoom, { ceilingHeight: 100 })).toBe(false);
    expect(session.message).toContain('The ceiling height can’t be 100 mm');
    expect(session.preview(setRoom, { name: 'Shown' })).toBe(true);
    expect([nameOf(session.document), nameOf(session.committed)]).toEqual(['Shown', 'Kitchen']);
    session.dropPreview();
    expect([nameOf(session.document), session.canUndo]).toEqual(['Kitchen', false]);
  });
});
