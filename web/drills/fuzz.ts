import { randomUUID } from 'node:crypto';
import { Worker } from 'node:worker_threads';
import pg from 'pg';
import { demoJobs } from '../../core/src/demo/demo-jobs';
import { roomOf, type Design } from '../../core/src/document/design';
import { drawPlan } from '../../core/src/drawing/plan';
import { writeDxf } from '../../core/src/exports/dxf';
import { rangeCsv } from '../../core/src/exports/range-csv';
import { fathom } from '../../core/src/ranges/data/fathom';
import { saltbox } from '../../core/src/ranges/data/saltbox';
import { Application } from '../e2e/server';
import { Chance } from './chance';
import { Client, type Answer } from './client';
import { anything, mutated, mutatedBytes, mutatedText } from './mutate';

/**
 * Sends what strangers and broken programs send: designs, edits, tables, drawings, pictures and addresses with something wrong in them.
 * No answer may be a 5xx, none may take longer than 5 s, and nothing may stop the server. `CASES=200` runs fewer, `CASE=17` one again.
 */
const CASES = Number(process.env['CASES'] ?? 10_000);
const ONLY = process.env['CASE'];
const AT_ONCE = 4;
const LONGEST = 5_000;

const application = await Application.start();
const client = await new Client(application.address).signIn();
const database = new pg.Client({ connectionString: application.databaseUrl });
await database.connect();
const rooms = demoJobs().flatMap((job) => job.rooms);
const tables = [rangeCsv(fathom), rangeCsv(saltbox)];
/** Lines, a polyline with a bulge, an arc, a circle, and blocks within blocks. */
const blocks = `
  0 SECTION 2 HEADER 9 $INSUNITS 70 4 0 ENDSEC 0 SECTION 2 BLOCKS
  0 BLOCK 2 a 10 0 20 0 0 LINE 10 0 20 0 11 50 21 9 0 ENDBLK 8 0
  0 BLOCK 2 b 10 0 20 0 0 INSERT 2 a 10 5 20 5 41 2 50 30 70 9 71 9 44 60 45 60 0 ENDBLK 8 0
  0 ENDSEC 0 SECTION 2 ENTITIES 0 INSERT 2 b 10 100 20 100 70 40 44 700
  0 LWPOLYLINE 90 4 70 1 10 0 20 0 42 0.4 10 4000 20 0 10 4000 20 3000 10 0 20 3000
  0 ARC 10 5 20 5 40 900 50 20 51 200 0 CIRCLE 10 9 20 9 40 300 0 ENDSEC 0 EOF`
  .trim()
  .replaceAll(/\s+/g, '\n');
const drawings = [blocks, blocks, ...rooms.slice(0, 2).map((design) => writeDxf(drawPlan(design, 20), 20))];
const picture = Uint8Array.from(
  Buffer.from(
    'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
    'base64',
  ),
);
const svg = new TextEncoder().encode(
  '<?xml version="1.0"?><!-- a --><svg xmlns="http://www.w3.org/2000/svg" width="10" height="20" viewBox="0 0 10 20"><path d="M0 0"/></svg>',
);

const { jobs } = JSON.parse((await client.send('GET', '/api/jobs')).text) as { jobs: { id: string }[] };
const job = jobs[0]!.id;

/** A room to send edits to, and what is known of it. */
interface Target {
  id: string;
  revision: number;
  design: Design;
}
const targets: Target[] = [];
for (const design of rooms.slice(0, 4)) {
  const made = await client.send('POST', `/api/jobs/${job}/rooms`, { design });
  targets.push({ id: (JSON.parse(made.text) as { id: string }).id, revision: 0, design });
}

type Case = (chance: Chance) => Promise<Answer>;

const designCase: Case = async (chance) => {
  const design = chance.of(rooms);
  const path = `/api/jobs/${job}/rooms`;
  if (chance.once(4)) return client.send('POST', path, mutatedText(chance, JSON.stringify({ design })));
  const answer = await client.send('POST', path, { design: mutated(chance, design) });
  if (answer.status !== 201) return answer;
  // What is taken must be drawn, opened and listed, too.
  const { id } = JSON.parse(answer.text) as { id: string };
  const ways = ['plan.json', 'design.json', 'sheet.pdf?show=plan&page=A3&scale=50', 'room.glb'];
  const looks = [`/rooms/${id}`, `/api/rooms/${id}/${chance.of(ways)}`];
  for (const look of looks) {
    const seen = await client.send('GET', look);
    if (seen.status >= 500 || seen.ms > LONGEST) return seen;
  }
  const removed = await client.send('DELETE', `/api/rooms/${id}`);
  return removed.status >= 500 ? removed : answer;
};

const editCase: Case = async (chance) => {
  const target = chance.of(targets);
  const records = Object.values(target.design.records);
  const before = chance.once(6) ? roomOf(target.design) : chance.of(records);
  const after = chance.once(12) ? null : mutated(chance, before);
  const id = randomUUID();
  const change = { id: before.id, before, after };
  const edit = { id, step: id, action: 'do', command: 'set-room', args: anything(chance), patch: [change] };
  const body = { baseRevision: target.revision, edits: [edit] };
  const sent = chance.once(3) ? mutated(chance, body) : body;
  const path = `/api/rooms/${target.id}/edits`;
  const answer = await client.send(
    'POST',
    path,
    chance.once(8) ? mutatedText(chance, JSON.stringify(sent)) : sent,
  );
  if (answer.status !== 200 && answer.status !== 409) return answer;
  const seen = await client.send('GET', `/api/rooms/${target.id}/design.json`);
  if (seen.status !== 200) return seen;
  const { revision } = JSON.parse(
    (await client.send('GET', `/api/rooms/${target.id}/edits?since=0`)).text,
  ) as {
    revision: number;
  };
  target.revision = revision;
  target.design = JSON.parse(seen.text) as Design;
  return answer;
};

const tableCase: Case = (chance) =>
  client.send('POST', '/api/ranges', { csv: mutatedText(chance, chance.of(tables)), tryOnly: true });

/** The page gives a drawing so long, ms, then it says so. */
const READING = 4_500;
const readers: Worker[] = [];

const drawingCase: Case = async (chance) => {
  const text = mutatedText(chance, chance.of(drawings));
  const of = chance.once(2) ? 'picture' : 'room';
  const reader = readers.pop() ?? new Worker(new URL('./dxf-thread.mjs', import.meta.url));
  return new Promise<Answer>((resolve, reject) => {
    const late = setTimeout(() => {
      void reader.terminate();
      resolve({ status: 408, text: '', ms: READING });
    }, READING);
    const done = (answer: Answer) => {
      clearTimeout(late);
      reader.off('error', reject);
      readers.push(reader);
      resolve(answer);
    };
    reader.once('error', reject).once('message', done);
    reader.postMessage({ of, text });
  });
};

const pictureCase: Case = async (chance) => {
  // What a person sends in hours is sent in minutes here.
  await database.query('delete from sign_in_tries');
  return client.send(
    'POST',
    `/api/rooms/${chance.of(targets).id}/files`,
    mutatedBytes(chance, chance.of([picture, svg])),
    { 'content-type': 'application/octet-stream', 'x-file-name': encodeURIComponent('a\u0000b') },
  );
};

const addressCase: Case = (chance) => {
  const odd = () =>
    encodeURIComponent(
      String(
        chance.of([
          '',
          '-1',
          '1.5',
          '1e400',
          'x',
          '\u0000',
          '%',
          '__proto__',
          '9'.repeat(40),
          '../..',
          '\ud7ff',
        ]),
      ),
    );
  const room = chance.once(3) ? odd() : chance.of(targets).id;
  const paths = [
    ...['plan.json', 'design.json', 'room.glb'].map((of) => `/api/rooms/${room}/${of}?revision=${odd()}`),
    `/api/rooms/${room}/sheet.pdf?show=${odd()}&page=${odd()}&scale=${odd()}`,
    `/api/rooms/${room}/edits?since=${odd()}`,
    `/api/rooms/${room}/history?before=${odd()}&page=${odd()}`,
    `/api/rooms/${room}/revisions/${odd()}`,
    `/api/rooms/${room}/files/${odd()}`,
    `/api/rooms/${room}/live?tab=${odd()}`,
    `/rooms/${room}/compare/${odd()}`,
    `/rooms/${room}/history?page=${odd()}`,
    `/rooms/${room}?step=${odd()}`,
    `/studio?after=${odd()}&q=${odd()}&job=${odd()}`,
    `/api/jobs?after=${odd()}&most=${odd()}&job=${odd()}`,
    `/api/ranges/${odd()}`,
  ];
  return client.send('GET', chance.of(paths));
};

const bodyCase: Case = (chance) => {
  const room = chance.of(targets).id;
  const [method, path] = chance.of([
    ['POST', '/api/jobs'],
    ['PATCH', `/api/jobs/${job}`],
    ['POST', `/api/jobs/${job}/rooms`],
    ['POST', '/api/finishes'],
    ['POST', '/api/opening-kinds'],
    ['POST', '/api/ranges'],
    ['PATCH', '/api/studio'],
    ['PATCH', `/api/rooms/${room}`],
    ['POST', `/api/rooms/${room}/edits`],
    ['POST', `/api/rooms/${room}/copies`],
    ['POST', `/api/rooms/${room}/live`],
    ['POST', `/api/rooms/${room}/revisions/${chance.below(3)}`],
    ['DELETE', `/api/opening-kinds/${chance.below(9)}`],
    ['POST', '/?/signIn'],
  ] as const);
  return client.send(method, path, anything(chance, 4));
};

/** How often each is tried, of ten. */
const kinds: readonly [string, Case, number][] = [
  ['designs', designCase, 2],
  ['edits', editCase, 2],
  ['tables', tableCase, 1],
  ['drawings', drawingCase, 2],
  ['pictures', pictureCase, 1],
  ['addresses', addressCase, 1],
  ['bodies', bodyCase, 1],
];
const turns = kinds.flatMap(([name, run, times]) => Array.from({ length: times }, () => ({ name, run })));

const counts = new Map<string, number>();
const faults: string[] = [];
let slowest = { ms: 0, of: '' };

async function run(index: number): Promise<void> {
  const { name, run } = turns[index % turns.length]!;
  // What throws at once is a fault as well.
  const answer = await Promise.resolve()
    .then(() => run(new Chance(index)))
    .catch((error: unknown) => ({ status: 0, text: String(error), ms: 0 }));
  const outcome = `${name} ${answer.status}`;
  counts.set(outcome, (counts.get(outcome) ?? 0) + 1);
  if (answer.ms > slowest.ms) slowest = { ms: answer.ms, of: `${outcome}, case ${index}` };
  if (answer.status >= 500 || answer.status === 0 || answer.ms > LONGEST)
    faults.push(`case ${index}: ${outcome} after ${answer.ms.toFixed(0)} ms: ${answer.text.slice(0, 300)}`);
}

try {
  const cases = ONLY === undefined ? Array.from({ length: CASES }, (_, index) => index) : [Number(ONLY)];
  const start = performance.now();
  await Promise.all(
    Array.from({ length: AT_ONCE }, async () => {
      for (let next = cases.shift(); next !== undefined; next = cases.shift()) await run(next);
    }),
  );
  for (const [outcome, count] of [...counts].sort()) console.log(`${outcome}: ${count}`);
  console.log(
    `slowest ${slowest.ms.toFixed(0)} ms (${slowest.of}), ${((performance.now() - start) / 1_000).toFixed(0)} s in all`,
  );
  const ready = await client.send('GET', '/api/ready');
  if (ready.status !== 200) faults.push(`At the end /api/ready answers ${ready.status}.`);
  console.log(
    faults.length === 0 ? 'no fault' : `${faults.length} faults\n${faults.slice(0, 30).join('\n')}`,
  );
  if (faults.length > 0) process.exitCode = 1;
} finally {
  for (const reader of readers) void reader.terminate();
  client.close();
  await database.end();
  await application.stop();
}
