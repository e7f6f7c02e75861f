import { roomOf, setRoom, usualPrices, type Design, type PriceBook } from 'goodreach';
import { demoJobs } from 'goodreach/server';
import { randomUUID } from 'node:crypto';
import { findPage, findScale, must } from 'goodreach';
import { afterAll, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import { PUT as putFields } from '../../routes/api/jobs/[job]/fields/+server';
import { GET as getList, POST as postIssue } from '../../routes/api/rooms/[room]/issues/+server';
import { GET as getPdf } from '../../routes/api/rooms/[room]/issues/[issue]/set.pdf/+server';
import { database } from './database';
import { findIssue, issueRoom, issuesOnSheets, listIssues, MOST_ISSUES } from './issues';
import { Issue, type Room } from './models';
import { keepShopBook } from './shop-books';
import { createJob, createRoom, findRoom } from './rooms';
import { saveEdits } from './saving';
import type { TaskInputs } from './tasks/kinds';
import { Worker, type Maker } from './tasks/worker';
import { addStudio, freshDatabase } from './testing/fresh-database';

type Studio = Awaited<ReturnType<typeof addStudio>>;
let drop: () => Promise<void>;
let ours: Studio;
let room: Room;
let worker: Worker;
/** What the sheets were asked with, instead of a PDF: what is printed on them follows from it. */
const maker: Maker = async (kind, document, input) => ({
  ok: true,
  type: 'application/pdf',
  bytes: new TextEncoder().encode(
    kind === 'schedule'
      ? JSON.stringify({ ...input, counter: roomOf(document).counterHeight })
      : JSON.stringify((input as TaskInputs['sheet']).options),
  ),
});
const wish = {
  ...{ name: ' Tender ', subject: 'plan' as const },
  ...{ page: must(findPage('A3')), scale: must(findScale('20')) },
};

beforeAll(async () => {
  drop = await freshDatabase();
  ours = await addStudio('Ours');
  worker = new Worker(maker, { info: () => {}, error: vi.fn() });
  void worker.run();
});
afterAll(async () => {
  worker.end();
  await drop();
});
beforeEach(async () => {
  room = await createRoom(ours, await createJob(ours, 'A job', 'mm', 1), demoJobs()[0]!.rooms[0]!);
});

/** Makes counters another height. */
async function edited(to: number): Promise<Room> {
  const design = demoJobs()[0]!.rooms[0]!;
  const patch = must(setRoom.run(design as Design, { counterHeight: to }));
  await saveEdits(ours, room.id, {
    baseRevision: room.revision,
    edits: [{ id: randomUUID(), action: 'do', command: 'set-room', args: {}, patch }],
  } as never);
  return (await findRoom(ours, room.id))!;
}

describe('issues of a room', () => {
  it('keep the lists for the shop as they were, at the prices of that day', async () => {
    await keepShopBook(ours, 'prices', { book: usualPrices, revision: 0 });
    await issueRoom(ours, room, wish);
    const later = await edited(905);
    await issueRoom(ours, later, { ...wish, name: 'Site' });
    const lists = async (number: string) =>
      JSON.parse((await findIssue(later, number))!.lists!.toString()) as {
        of: string;
        counter: number;
        prices: PriceBook;
      };
    expect((await lists('2')).counter).toBe(905);
    const first = await lists('1');
    expect([first.of, first.counter === 905, first.prices]).toEqual(['shop', false, usualPrices]);
  });

  it('say what the job says of itself then, and stay so when that changes', async () => {
    const event = (fields: object) =>
      ({
        locals: { person: ours },
        params: { job: room.jobId },
        request: new Request('http://x', { method: 'PUT', body: JSON.stringify({ fields }) }),
      }) as never;
    const fields = { client: 'M. Ashgrove', number: '24-017' };
    const kept = await putFields(event(fields));
    expect([kept.status, await kept.json()]).toEqual([200, { fields }]);
    await issueRoom(ours, room, wish);
    expect((await putFields(event({ client: '' }))).status).toBe(400);
    expect((await putFields(event({ client: 'x'.repeat(121) }))).status).toBe(400);
    expect((await putFields(event({ owner: 'x' }))).status).toBe(400);
    expect(await (await putFields(event({}))).json()).toEqual({ fields: {} });
    await issueRoom(ours, room, { ...wish, name: 'Site' });
    const said = async (number: string) =>
      (JSON.parse((await findIssue(room, number))!.pdf.toString()) as TaskInputs['sheet']['options']).fields;
    expect([await said('1'), await said('2')]).toEqual([fields, {}]);
  });

  it('are numbered from one, told with who gave them out and when, and tell of those before', async () => {
    const first = await issueRoom(ours, room, wish);
    const today = new Date().toISOString().slice(0, 10);
    const told = { number: 1, name: 'Tender', date: today, revision: 0, by: ours.personName };
    expect(first).toEqual({ kind: 'issued', issue: told });
    const later = await edited(905);
    expect(await issuesOnSheets(later)).toEqual({
      issues: [{ number: 1, name: 'Tender', date: today }],
      changed: ['room'],
    });
    await issueRoom(ours, later, { ...wish, name: 'Site' });
    expect((await listIssues(later)).map(({ number, name, revision }) => [number, name, revision])).toEqual([
      [1, 'Tender', 0],
      [2, 'Site', 1],
    ]);
    const options = JSON.parse(
      (await findIssue(room, '2'))!.pdf.toString(),
    ) as TaskInputs['sheet']['options'];
    expect(options.issue).toEqual({ number: 2, name: 'Site', date: today });
    expect(options.issues).toHaveLength(1);
    expect(options.changed).toEqual(['room']);
  });

  it('stay as they were made, whatever becomes of the room, and can’t be changed', async () => {
    await issueRoom(ours, room, wish);
    const made = (await findIssue(room, '1'))!;
    await edited(905);
    const again = (await findIssue(room, '1'))!;
    expect(again.pdf.equals(made.pdf)).toBe(true);
    expect(again.document).toEqual(made.document);
    await expect(
      (await database()).query(`update issues set name = 'Else' where room_id = '${room.id}'`),
    ).rejects.toThrow('never changed');
    expect(await findIssue(room, '2')).toBeNull();
    expect(await findIssue(room, '1 or 1=1')).toBeNull();
  });

  it('made at the same moment are one, and the other is told', async () => {
    const both = await Promise.all([issueRoom(ours, room, wish), issueRoom(ours, room, wish)]);
    expect(both.map(({ kind }) => kind).sort()).toEqual(['issued', 'overtaken']);
    expect(await listIssues(room)).toHaveLength(1);
  });

  it('are so many at most', async () => {
    const { id: roomId } = room;
    const row = { roomId, name: 'x', revision: 0, issuedOn: '2026-05-14', issuedBy: 'x' };
    const rest = { document: {} as never, pdf: Buffer.from([1]) };
    await Issue.bulkCreate(
      Array.from({ length: MOST_ISSUES - 2 }, (_, index) => ({ ...row, ...rest, number: index + 1 })),
    );
    const document = demoJobs()[0]!.rooms[0]!;
    await Issue.create({ ...row, ...rest, document, number: MOST_ISSUES - 1 });
    expect((await issueRoom(ours, room, wish)).kind).toBe('issued');
    expect((await issueRoom(ours, room, wish)).kind).toBe('full');
  });

  it('are asked for and given out by the routes, each with what is wrong with what was sent', async () => {
    const event = (body: object) =>
      ({
        locals: { person: ours },
        params: { room: room.id, issue: '1' },
        request: new Request('http://x', { method: 'POST', body: JSON.stringify(body) }),
      }) as never;
    const sent = { name: 'Tender', show: 'plan', page: 'A3', scale: '20' };
    expect((await postIssue(event({ ...sent, name: ' ' }))).status).toBe(400);
    const wrong = await postIssue(event({ ...sent, page: 'A9' }));
    expect([wrong.status, (await wrong.json()).message]).toEqual([
      422,
      expect.stringContaining('There is no page “A9”'),
    ]);
    expect((await postIssue(event(sent))).status).toBe(201);
    expect(await (await getList(event({}))).json()).toHaveLength(1);
    const pdf = await getPdf(event({}));
    expect(pdf.headers.get('content-disposition')).toContain('issue-1.pdf');
    expect(JSON.parse(await pdf.text()).issue.number).toBe(1);
  });
});
