import { execute, must, putStandpoint, setRoom, type Design, type Patch, type KnownEdit } from 'goodreach';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { historyOf, labelOf } from './edits';
import { open, Server, start } from './testing/room-server';

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
    expect(server.edits.map(({ command }) => command)).toEqual(['set-room']);
    const face = start.records['face-a']!;
    server.other([{ id: 'face-a', before: face, after: { ...face, length: 4100 } as never }]);
    session.run(setRoom, { name: 'Two' });
    await settle();
    expect([saving.state, saving.revision, nameOf(server.document)]).toEqual(['saved', 3, 'Two']);
    expect(server.edits.map(({ command }) => command)).toEqual(['set-room', 'other', 'set-room']);
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

  it('joins edits of one record field by field', async () => {
    const server = new Server();
    const { session, saving } = open(server);
    server.other(must(setRoom.run(start, { ceilingHeight: 2500 })));
    session.run(setRoom, { name: 'Mine' });
    await settle();
    expect([saving.state, saving.aside]).toEqual(['saved', []]);
    for (const document of [server.document, session.document])
      expect([nameOf(document), ceilingOf(document)]).toEqual(['Mine', 2500]);
    // Taking mine back leaves theirs.
    session.undo();
    await settle();
    for (const document of [server.document, session.document])
      expect([nameOf(document), ceilingOf(document)]).toEqual(['Kitchen', 2500]);
  });

  it('puts an edit aside that changes what someone else changed, with why, and goes on with the others', async () => {
    const server = new Server();
    const { session, saving, kept } = open(server);
    server.other(must(setRoom.run(start, { name: 'Theirs' })));
    session.run(setRoom, { name: 'Mine' });
    session.run(setRoom, { ceilingHeight: 2500 });
    await settle();
    expect(saving.aside.map(({ command, why }) => [command, why])).toEqual([
      ['set-room', 'Ann changed the same.'],
    ]);
    expect([saving.state, saving.waiting, kept().length]).toEqual(['saved', 0, 1]);
    for (const document of [server.document, session.document])
      expect([nameOf(document), ceilingOf(document)]).toEqual(['Theirs', 2500]);
    // What can't be taken back any more is told once, and does not stand before what can.
    expect(session.undo()).toBe(true);
    expect(session.undo()).toBe(false);
    expect(session.message).toContain('someone else has changed the same since');
    expect([session.canUndo, nameOf(session.document), ceilingOf(session.document)]).toEqual([
      false,
      'Theirs',
      2400,
    ]);
    await settle();
    // The next page still tells what was put aside, until it is seen.
    const next = open(server, kept());
    await next.saving.resume(server.edits.map(({ id }) => id));
    expect(next.saving.aside).toHaveLength(1);
    next.saving.dropAside();
    expect(next.kept()).toEqual([]);
  });

  it('puts aside what the server refuses, or has a fault with while it is well, and saves the rest', async () => {
    for (const sort of ['refuses', 'faults'] as const) {
      const server = new Server();
      const { session, saving } = open(server);
      server[sort].add('put-standpoint');
      session.run(setRoom, { name: 'Before' });
      session.run(putStandpoint, {
        kind: 'standpoint',
        id: 'p',
        name: 'P',
        x: 900,
        y: -900,
        eye: 1600,
        turn: 0,
        nod: 0,
      });
      session.run(setRoom, { name: 'After' });
      await vi.advanceTimersByTimeAsync(60_000);
      expect([sort, saving.state, saving.aside.map(({ command }) => command)]).toEqual([
        sort,
        'saved',
        ['put-standpoint'],
      ]);
      expect([nameOf(server.document), server.edits.length]).toEqual(['After', 2]);
      expect(session.document).toEqual(server.document);
      session.run(setRoom, { name: 'Again' });
      await settle();
      expect([saving.state, nameOf(server.document)]).toEqual(['saved', 'Again']);
    }
  });

  it('keeps everything waiting while the server has faults with all it is asked', async () => {
    const server = new Server();
    const { session, saving } = open(server);
    server.faulty = true;
    session.run(setRoom, { name: 'Waits' });
    await vi.advanceTimersByTimeAsync(60_000);
    expect([saving.state, saving.waiting, saving.aside]).toEqual(['offline', 1, []]);
    server.faulty = false;
    await settle();
    expect([saving.state, nameOf(server.document)]).toEqual(['saved', 'Waits']);
  });

  it('waits where an answer says nothing of its edits, and puts none aside', async () => {
    for (const status of [403, 408, 429]) {
      const server = new Server();
      const { session, saving } = open(server);
      server.answers = status;
      session.run(setRoom, { name: 'Waits' });
      session.run(setRoom, { ceilingHeight: 2500 });
      await vi.advanceTimersByTimeAsync(60_000);
      expect([saving.state, saving.waiting, saving.aside]).toEqual(['offline', 2, []]);
      server.answers = null;
      await settle();
      expect([saving.state, nameOf(server.document), ceilingOf(server.document)]).toEqual([
        'saved',
        'Waits',
        2500,
      ]);
    }
  });

  it('takes in what others save when it hears of it, after what is under way', async () => {
    const server = new Server();
    const { session, saving } = open(server);
    server.other(must(setRoom.run(server.document, { name: 'Theirs' })));
    saving.hear(1);
    await vi.advanceTimersByTimeAsync(1);
    expect([nameOf(session.document), saving.revision]).toEqual(['Theirs', 1]);
    const asked = server.requests;
    saving.hear(1);
    await vi.advanceTimersByTimeAsync(1);
    expect(server.requests).toBe(asked);
    session.run(setRoom, { ceilingHeight: 2500 });
    server.slowBody = 1_000;
    await vi.advanceTimersByTimeAsync(300);
    server.other(must(setRoom.run(server.document, { name: 'Later' })));
    saving.hear(3);
    await settle();
    expect([nameOf(session.document), saving.revision, saving.state]).toEqual(['Later', 3, 'saved']);
  });

  it('takes the saved room where the two have come apart, and goes on from it', async () => {
    const server = new Server();
    const { session, saving, kept } = open(server);
    // What the server tells of its past does not go onto what this page was given.
    server.edits.push({
      ...server.edits[0]!,
      id: 'x',
      action: 'do',
      patch: [{ id: 'gone', before: start.records['room']!, after: null }],
      revision: 1,
      person: { id: 'a', name: 'Ann' },
      step: null,
      command: null,
      args: null,
      label: 'Old',
    });
    session.run(setRoom, { name: 'Mine' });
    await settle();
    expect([saving.state, nameOf(session.document), kept().length]).toEqual(['apart', 'Mine', 1]);
    await saving.takeSaved();
    expect([saving.state, nameOf(session.document), kept().length]).toEqual(['saved', 'Kitchen', 0]);
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
    const third = open(server, [...server.edits] as never);
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
    staying.leave(server.edits as never);
    expect(staying.saving.state).toBe('saved');
  });
});

describe('the session', () => {
  it('goes on with a drag over what others save underneath, and drops it where it can no longer be', () => {
    const { session } = open(new Server());
    session.preview(setRoom, { name: 'Dragged' });
    session.replace(must(execute(setRoom, session.committed, { ceilingHeight: 2500 })).design);
    expect([session.previewing, nameOf(session.document), ceilingOf(session.document)]).toEqual([
      true,
      'Dragged',
      2500,
    ]);
    session.dropPreview();
    session.replace(session.committed);
    expect([session.previewing, nameOf(session.document)]).toEqual([false, 'Kitchen']);
  });

  it('has the history of one person, whoever else edited in between, also where an edit was taken back', () => {
    const server = new Server();
    const mine = (name: string) => must(setRoom.run(server.document, { name }));
    const made: KnownEdit[] = [];
    const edit = (
      id: string,
      who: string,
      patch: Patch,
      action: KnownEdit['action'] = 'do',
      step: string | null = id,
    ) =>
      made.push({
        id,
        revision: made.length + 1,
        action,
        step,
        command: 'set-room',
        args: { name: id },
        label: null,
        patch,
        person: { id: who, name: who },
      });
    edit('a', 'me', mine('A'));
    edit('b', 'ann', mine('B'));
    edit('c', 'me', mine('C'));
    edit('d', 'me', [], 'undo', 'a');
    edit('e', 'ann', mine('E'));
    const ids = () => {
      const { done, undone } = historyOf(made, 'me');
      return [done.map(({ id }) => id), undone.map(({ id }) => id)];
    };
    expect(ids()).toEqual([['c'], ['a']]);
    edit('f', 'me', [], 'redo', 'a');
    expect(ids()).toEqual([['c', 'a'], []]);
    // Edits of earlier versions do not say which they take back: the last.
    edit('g', 'me', [], 'undo', null);
    expect(ids()).toEqual([['c'], ['a']]);
    edit('h', 'me', [], 'undo', 'from before');
    expect(ids()).toEqual([['c'], ['a']]);
    expect(labelOf({ command: 'set-room', args: {} })).toBe('Change the room');
    expect([
      labelOf({ command: null, label: 'Old' }),
      labelOf({ command: 'no-such' }),
      labelOf({ command: 'remove-things', args: null }),
    ]).toEqual(['Old', 'Edit', 'Edit']);
  });

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
