import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { setTimeout as wait } from 'node:timers/promises';
import { demoJobs } from '../../core/src/demo/demo-jobs';
import { roomOf, type Design } from '../../core/src/document/design';
import { Application } from '../e2e/server';
import { Chance } from './chance';
import { Client } from './client';
import { renaming } from './rename';

/**
 * Server, worker and database are killed (SIGKILL) again and again while people save and ask for sheets. Whoever gets no answer asks again,
 * as the page does. At the end every edit that was acknowledged must be there once, in order, and every sheet must have come.
 * `ROUNDS=5` kills each less often.
 */
const ROUNDS = Number(process.env['ROUNDS'] ?? 50);
const PEOPLE = 6;
const ASK_AGAIN = 150;
/** A kill comes so long after the one before, ms: long enough that some of what was begun comes to its end. */
const BETWEEN = [500, 5_000] as const;

const cluster = { folder: process.env['CLUSTER_FOLDER'] ?? '', port: process.env['CLUSTER_PORT'] ?? '' };
if (cluster.folder === '')
  throw new Error('Run this with script/drill kills: it starts the database that is killed.');
const root = fileURLToPath(new URL('../../', import.meta.url));

/** Ends the database at once, with all that it has started. */
function killDatabase(): void {
  const [first] = readFileSync(`${cluster.folder}/data/postmaster.pid`, 'utf8').split('\n');
  const children = execFileSync('ps', ['-o', 'pid=', '--ppid', first!], { encoding: 'utf8' });
  for (const pid of [first!, ...children.split('\n')].map(Number).filter((one) => one > 0)) {
    try {
      process.kill(pid, 'SIGKILL');
    } catch {
      // It has ended by itself.
    }
  }
}

async function startDatabase(): Promise<void> {
  for (let tries = 0; ; tries++) {
    try {
      const start = `. script/postgres; start_postgres ${cluster.folder} ${cluster.port}`;
      execFileSync('bash', ['-c', start], { cwd: root, stdio: 'ignore' });
      return;
    } catch (error) {
      if (tries === 20) throw error;
      await wait(250);
    }
  }
}

const application = await Application.start();
const client = await new Client(application.address).signIn();
const { jobs } = JSON.parse((await client.send('GET', '/api/jobs')).text) as { jobs: { id: string }[] };
const design: Design = demoJobs()[0]!.rooms[0]!;
let over = false;
let unanswered = 0;

/** Asks until there is an answer that is neither a fault nor "ask again". */
async function until(ask: () => ReturnType<Client['send']>): ReturnType<Client['send']> {
  for (;;) {
    const answer = await ask().catch(() => null);
    if (answer && answer.status < 500 && answer.status !== 202) return answer;
    unanswered += 1;
    await wait(ASK_AGAIN);
  }
}

interface Person {
  room: string;
  acknowledged: string[];
  name: string;
}

/** Saves one edit after another; each until it is acknowledged. */
async function saveOn(person: Person): Promise<void> {
  let record = roomOf(design);
  while (!over) {
    const { id, after, body } = renaming(record, person.acknowledged.length);
    const answer = await until(() => client.send('POST', `/api/rooms/${person.room}/edits`, body));
    if (answer.status !== 200) throw new Error(`Not saved (${answer.status}): ${answer.text}`);
    person.acknowledged.push(id);
    person.name = after.name;
    record = after;
    await wait(30);
  }
}

async function addRoom(): Promise<string> {
  const made = await until(() => client.send('POST', `/api/jobs/${jobs[0]!.id}/rooms`, { design }));
  return (JSON.parse(made.text) as { id: string }).id;
}

let sheets = 0;
/** Asks for the sheets of one new room after another, each until it has come. */
async function askForSheets(): Promise<void> {
  while (!over) {
    const path = `/api/rooms/${await addRoom()}/sheet.pdf?show=plan&page=A3&scale=20`;
    const answer = await until(() => client.send('GET', path));
    if (answer.status !== 200 || !answer.text.startsWith('%PDF-'))
      throw new Error(`No sheet (${answer.status})`);
    sheets += 1;
  }
}

const faults: string[] = [];
/** What is stored of a room beside what was acknowledged. */
async function check({ room, acknowledged, name }: Person): Promise<void> {
  const told = await until(() => client.send('GET', `/api/rooms/${room}/edits?since=0`));
  const { revision, edits } = JSON.parse(told.text) as {
    revision: number;
    edits: { id: string; revision: number }[];
  };
  if (revision !== acknowledged.length)
    faults.push(`${room}: ${acknowledged.length} acknowledged, ${revision} stored`);
  edits.forEach((edit, index) => {
    if (edit.id !== acknowledged[index] || edit.revision !== index + 1)
      faults.push(`${room}: another edit at ${index + 1}`);
  });
  const stored = await until(() => client.send('GET', `/api/rooms/${room}/design.json`));
  const now = roomOf(JSON.parse(stored.text) as Design).name;
  if (now !== name) faults.push(`${room} is called "${now}" and should be "${name}"`);
}

try {
  const people: Person[] = [];
  for (let count = 0; count < PEOPLE; count++)
    people.push({ room: await addRoom(), acknowledged: [], name: roomOf(design).name });
  const work = Promise.all([...people.map(saveOn), askForSheets(), askForSheets()]);
  // What fails early is told below, when it is waited for.
  work.catch(() => (over = true));
  const chance = new Chance(20_261_127);
  for (let round = 0; round < ROUNDS && !over; round++)
    for (const victim of ['server', 'worker', 'database'] as const) {
      await wait(BETWEEN[0] + chance.below(BETWEEN[1] - BETWEEN[0]));
      if (victim === 'database') killDatabase();
      else await application.kill(victim);
      await wait(chance.below(300));
      if (victim === 'database') await startDatabase();
      else await application.resume();
    }
  await wait(2_000);
  over = true;
  await work;
  for (const person of people) await check(person);
  const saved = people.reduce((sum, { acknowledged }) => sum + acknowledged.length, 0);
  console.log(
    `${ROUNDS} kills each of server, worker and database; ${saved} edits acknowledged, ${sheets} sheets made, ${unanswered} times asked again`,
  );
  console.log(faults.length === 0 ? 'nothing lost' : faults.slice(0, 20).join('\n'));
  if (faults.length > 0) process.exitCode = 1;
} finally {
  over = true;
  client.close();
  await application.stop();
}
