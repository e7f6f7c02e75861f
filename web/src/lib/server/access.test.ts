import { demoJobs } from 'goodreach/server';
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import {
  Issue,
  Job,
  OpeningKind,
  Room,
  StoredFile,
  StudioFinish,
  StudioObject,
  StudioRange,
  KeptQuote,
  KeptSheetStyle,
} from './models';
import { createJob, createRoom } from './rooms';
import { addStudio, freshDatabase } from './testing/fresh-database';

/**
 * Who may do what: every route there is, with every method it has. A route that is not named here fails the test, as does one that
 * answers those who are not signed in, or gives away or changes anything of another studio.
 */
type Access =
  /** Answers everybody. */
  | 'public'
  /** Of the studio of whoever asks: it names nothing that could be another's. */
  | 'own'
  /** Names something of a studio, which for others is not there. */
  | 'named';

const routes: Record<string, Record<string, Access>> = {
  'api/alive': { GET: 'public' },
  'api/ready': { GET: 'public' },
  'api/finishes': { GET: 'own', POST: 'own' },
  'api/finishes/[finish]': { PATCH: 'named', DELETE: 'named' },
  'api/finishes/tiles.csv': { GET: 'own', POST: 'own' },
  'api/jobs': { GET: 'own', POST: 'own' },
  'api/jobs/[job]': { PATCH: 'named' },
  'api/jobs/[job]/constructions': { GET: 'named', PUT: 'named' },
  'api/jobs/[job]/fields': { PUT: 'named' },
  'api/jobs/[job]/copies': { POST: 'named' },
  'api/jobs/[job]/limits': { PUT: 'named' },
  'api/jobs/[job]/removed': { POST: 'named', DELETE: 'named' },
  'api/jobs/[job]/rooms': { POST: 'named' },
  'api/metrics': { GET: 'public' },
  'api/models/[model]': { GET: 'named' },
  'api/objects': { GET: 'own', POST: 'own' },
  'api/objects/[object]': { DELETE: 'named' },
  'api/opening-kinds': { GET: 'own', POST: 'own' },
  'api/opening-kinds/[kind]': { DELETE: 'named' },
  'api/pictures/[picture]': { GET: 'named' },
  'api/ranges': { GET: 'own', POST: 'own' },
  'api/ranges/[range]': { GET: 'named', DELETE: 'named' },
  'api/removed': { GET: 'own' },
  'api/rooms/[room]': { GET: 'named', PATCH: 'named', DELETE: 'named' },
  'api/rooms/[room]/copies': { POST: 'named' },
  'api/rooms/[room]/design.json': { GET: 'named' },
  'api/rooms/[room]/drawing.dxf': { GET: 'named' },
  'api/rooms/[room]/edits': { GET: 'named', POST: 'named' },
  'api/rooms/[room]/files': { POST: 'named' },
  'api/rooms/[room]/files/[file]': { GET: 'named' },
  'api/rooms/[room]/history': { GET: 'named' },
  'api/rooms/[room]/issues': { GET: 'named', POST: 'named' },
  'api/rooms/[room]/cost.json': { GET: 'named' },
  'api/rooms/[room]/issues/[issue]/lists.xlsx': { GET: 'named' },
  'api/rooms/[room]/issues/[issue]/design.json': { GET: 'named' },
  'api/rooms/[room]/issues/[issue]/set.pdf': { GET: 'named' },
  'api/rooms/[room]/live': { GET: 'named', POST: 'named' },
  'api/rooms/[room]/options': { GET: 'named', POST: 'named' },
  'api/rooms/[room]/plan.json': { GET: 'named' },
  'api/rooms/[room]/quotes': { GET: 'named', POST: 'named' },
  'api/rooms/[room]/quotes/[quote]/quote.pdf': { GET: 'named' },
  'api/rooms/[room]/removed': { POST: 'named', DELETE: 'named' },
  'api/rooms/[room]/revisions/[revision]': { GET: 'named', POST: 'named' },
  'api/rooms/[room]/reach.json': { GET: 'named' },
  'api/rooms/[room]/room.glb': { GET: 'named' },
  'api/rooms/[room]/schedule.csv': { GET: 'named' },
  'api/rooms/[room]/schedules.xlsx': { GET: 'named' },
  'api/rooms/[room]/laid-sheets': { GET: 'named', PUT: 'named' },
  'api/rooms/[room]/sheet.pdf': { GET: 'named' },
  'api/sheet-styles': { GET: 'own', POST: 'own' },
  'api/sheet-styles/[style]': { DELETE: 'named' },
  'api/shop/machine': { GET: 'own', PUT: 'own' },
  'api/shop/prices': { GET: 'own', PUT: 'own' },
  'api/shop/prices.csv': { GET: 'own', POST: 'own' },
  'api/shop/stock': { GET: 'own', PUT: 'own' },
  'api/studio': { GET: 'own', PATCH: 'own' },
  'api/studio/constructions': { PUT: 'own' },
  'api/studio/limits': { PUT: 'own' },
  'sign-out': { POST: 'public' },
};
/** Pages that ask the server; those not signed in are sent away before they are asked. */
const pages: Record<string, Access> = {
  '': 'public',
  'rooms/[room]': 'named',
  'rooms/[room]/compare/[other]': 'named',
  'rooms/[room]/history': 'named',
  studio: 'own',
  'studio/account': 'own',
  'studio/jobs/[job]/new-room': 'named',
  'studio/ranges': 'own',
  'studio/removed': 'own',
};

type Handler = (event: unknown) => unknown;
const idOf = (path: string) => /routes\/(.*?)\/?\+(server|page\.server)\.ts$/.exec(path)![1]!;
const byId = (modules: Record<string, unknown>) =>
  new Map(Object.entries(modules).map(([path, module]) => [idOf(path), module as Record<string, Handler>]));
const servers = byId(import.meta.glob('../../routes/**/+server.ts', { eager: true }));
const loads = byId(import.meta.glob('../../routes/**/+page.server.ts', { eager: true }));

type Studio = Awaited<ReturnType<typeof addStudio>>;
let drop: () => Promise<void>;
let theirs: Studio;
let params: Record<string, string>;

beforeAll(async () => {
  drop = await freshDatabase();
  const ours = await addStudio('Ours');
  theirs = await addStudio('Theirs');
  const job = await createJob(ours, 'A job', 'mm', 1);
  const room = await createRoom(ours, job, demoJobs()[0]!.rooms[0]!);
  const { studioId } = ours;
  const file = await StoredFile.create({
    ...{ studioId, roomId: room.id, name: 'a', type: 'image/png', bytes: Buffer.from([1]) },
  });
  const kind = await OpeningKind.create({ studioId, name: 'Kind', shape: {} as never });
  const finish = await StudioFinish.create({ studioId, name: 'Finish', data: {} as never });
  const picture = await StoredFile.create({
    studioId,
    name: 'b',
    type: 'image/png',
    bytes: Buffer.from([1]),
  });
  const object = await StudioObject.create({ studioId, name: 'Object', data: {} as never });
  const model = await StoredFile.create({
    ...{ studioId, name: 'c', type: 'model/gltf-binary', bytes: Buffer.from([1]) },
  });
  const issue = { number: 1, name: 'x', revision: 0, issuedOn: '2026-05-14', issuedBy: 'x' };
  await Issue.create({ ...issue, roomId: room.id, document: {} as never, pdf: Buffer.from([1]) });
  const quote = { number: 1, revision: 0, madeOn: '2026-05-14', madeBy: 'x', total: 1 };
  await KeptQuote.create({ ...quote, roomId: room.id, terms: {} as never, pdf: Buffer.from([1]) });
  const style = await KeptSheetStyle.create({ studioId, name: 'Style', style: {} as never });
  const range = await StudioRange.create({ studioId, name: 'Range', data: {} as never });
  params = {
    ...{ job: job.id, room: room.id, other: room.id, file: file.id, kind: kind.id, range: range.id },
    ...{
      issue: '1',
      quote: '1',
      revision: '0',
      finish: finish.id,
      picture: picture.id,
      object: object.id,
      model: model.id,
      style: style.id,
    },
  };
});
afterAll(() => drop());

/** A sound body for any route: what is named is looked for before what is wrong with it is told, or after. */
const body = {
  ...{ baseRevision: 0, tab: randomUUID(), chosen: [], name: 'x', unit: 'mm', specials: true, csv: 'x' },
  ...{ limits: [], constructions: [], fields: {}, show: 'plan', page: 'A3', scale: '20' },
  ...{ currency: 'EUR', days: 30, client: '', allowances: [], excluded: '', terms: '' },
  design: demoJobs()[0]!.rooms[0]!,
};
const bodies: Record<string, object> = {
  'api/finishes/[finish] PATCH': { finish: {} },
  'api/rooms/[room] PATCH': { chosen: true },
  'api/rooms/[room]/edits POST': {
    baseRevision: 0,
    edits: [{ id: randomUUID(), action: 'do', patch: [{ id: 'x', before: null, after: null }] }],
  },
  'api/rooms/[room]/live POST': { tab: body.tab, chosen: [] },
  'api/jobs/[job]/rooms POST': { design: body.design },
};

function eventFor(id: string, method: string, person: Studio | null) {
  const url = new URL(`http://localhost/?tab=${body.tab}`);
  const sent = JSON.stringify(bodies[`${id} ${method}`] ?? body);
  const request = new Request(url, { method, ...(method === 'GET' ? {} : { body: sent }) });
  const cookies = { get: () => undefined, set: () => {}, delete: () => {} };
  return { locals: { person, unavailable: false }, params, url, request, cookies, setHeaders: () => {} };
}

/** The status of an answer, thrown or given. */
async function statusOf(handler: Handler, event: unknown): Promise<number> {
  try {
    const answer = await handler(event);
    return answer instanceof Response ? answer.status : 200;
  } catch (thrown) {
    const { status } = thrown as { status?: number };
    if (status === undefined) throw thrown;
    return status;
  }
}

const methodsOf = (module: Record<string, Handler>) =>
  Object.keys(module).filter((name) => /^(GET|POST|PUT|PATCH|DELETE|OPTIONS|fallback)$/.test(name));

it('names every route, with every method it has, and every page', () => {
  const found = Object.fromEntries([...servers].map(([id, module]) => [id, methodsOf(module).sort()]));
  const named = Object.fromEntries(
    Object.entries(routes).map(([id, methods]) => [id, Object.keys(methods).sort()]),
  );
  expect(found).toEqual(named);
  expect([...loads.keys()].sort()).toEqual(Object.keys(pages).sort());
});

const cells = Object.entries(routes).flatMap(([id, methods]) =>
  Object.entries(methods).map(([method, access]) => [id, method, access] as const),
);

describe('routes', () => {
  it.each(cells.filter(([, , access]) => access !== 'public'))(
    'tell those who are not signed in to do so: %s %s',
    async (id, method) => {
      expect(await statusOf(servers.get(id)![method]!, eventFor(id, method, null))).toBe(401);
    },
  );

  it.each(cells.filter(([, , access]) => access === 'named'))(
    'know nothing of what is another studio’s: %s %s',
    async (id, method) => {
      expect(await statusOf(servers.get(id)![method]!, eventFor(id, method, theirs))).toBe(404);
    },
  );

  it('have left everything of the other studio as it was', async () => {
    expect(await Job.count({ where: { removedAt: null } })).toBe(1);
    expect(await Room.count({ where: { removedAt: null, revision: 0 } })).toBe(1);
    expect(await OpeningKind.count({ where: { id: params['kind']! } })).toBe(1);
    expect(await StudioRange.count({ where: { id: params['range']! } })).toBe(1);
    expect(await StudioFinish.count({ where: { name: 'Finish' } })).toBe(1);
    expect(await StudioObject.count({ where: { id: params['object']! } })).toBe(1);
    expect(await StoredFile.count()).toBe(3);
  });
});

describe('pages', () => {
  it.each(Object.entries(pages).filter(([, access]) => access !== 'public'))(
    'are shown to those who are signed in only: %s',
    async (id) => {
      expect(await statusOf(loads.get(id)!['load']!, eventFor(id, 'GET', null))).toBe(401);
    },
  );

  it.each(Object.entries(pages).filter(([, access]) => access === 'named'))(
    'show nothing of another studio: %s',
    async (id) => {
      expect(await statusOf(loads.get(id)!['load']!, eventFor(id, 'GET', theirs))).toBe(404);
    },
  );
});
