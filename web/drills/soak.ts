import { readFileSync } from 'node:fs';
import { setTimeout as wait } from 'node:timers/promises';
import { demoJobs } from '../../core/src/demo/demo-jobs';
import { roomOf, type Design } from '../../core/src/document/design';
import { Application } from '../e2e/server';
import { Chance } from './chance';
import { Client } from './client';
import { renaming } from './rename';

/**
 * Mixed use for hours: people open rooms, save, undo, look at lists, history and files, ask for sheets and models, add rooms and remove them.
 * What the server and the worker hold is told as it goes; in the second half it must stay within a fifth of what it was in the first,
 * once both have warmed up. `HOURS=0.1` takes six minutes.
 */
const HOURS = Number(process.env['HOURS'] ?? 2);
const PEOPLE = 10;
/** A person does something so often, ms. */
const PAUSE = 150;
const LOOKS = 24;
const FLAT = 1.2;

const application = await Application.start();
const client = await new Client(application.address).signIn();
const { jobs } = JSON.parse((await client.send('GET', '/api/jobs')).text) as { jobs: { id: string }[] };
const job = jobs[0]!.id;
const designs = demoJobs().flatMap(({ rooms }) => rooms);
const end = performance.now() + HOURS * 3_600_000;
const done = new Map<string, number>();
const faults: string[] = [];
let slowest = 0;

async function ask(method: string, path: string, body?: unknown) {
  const answer = await client.send(method, path, body);
  slowest = Math.max(slowest, answer.ms);
  // What takes longer than usual says so, and is there when it is asked for again.
  const isLater = answer.status === 503 && answer.text.includes('goes on');
  if (answer.status >= 400 && answer.status !== 409 && answer.status !== 429 && !isLater)
    faults.push(`${method} ${path}: ${answer.status} ${answer.text.slice(0, 200)}`);
  return answer;
}

/** A room that a person works in for a while. */
async function work(chance: Chance): Promise<void> {
  const design: Design = chance.of(designs);
  const made = await ask('POST', `/api/jobs/${job}/rooms`, { design });
  const room = `/api/rooms/${(JSON.parse(made.text) as { id: string }).id}`;
  let record = roomOf(design);
  let revision = 0;
  for (let acts = 20 + chance.below(60); acts > 0 && performance.now() < end; acts--) {
    const looks = [
      room.replace('/api', ''),
      '/studio',
      `${room.replace('/api', '')}/history`,
      `${room}/design.json`,
    ];
    const made = [
      `${room}/sheet.pdf?show=plan&page=A3&scale=20`,
      `${room}/room.glb`,
      `${room}/plan.json?revision=${revision}`,
    ];
    const act = chance.of(['save', 'save', 'save', 'save', 'save', 'save', 'look', 'look', 'look', 'make']);
    done.set(act, (done.get(act) ?? 0) + 1);
    if (act === 'look') await ask('GET', chance.of(looks));
    else if (act === 'make') await ask('GET', chance.of(made));
    else {
      const { after, body } = renaming(record, revision);
      await ask('POST', `${room}/edits`, body);
      record = after;
      revision += 1;
    }
    await wait(PAUSE / 2 + chance.below(PAUSE));
  }
  // The database stays as large as it is.
  await ask('DELETE', room);
}

/** What a process holds, MB. */
function held(pid: number): number {
  const [, kilobytes] = /VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))!;
  return Number(kilobytes) / 1_000;
}

const looks: { server: number; worker: number }[] = [];

async function watch(): Promise<void> {
  const start = performance.now();
  for (let look = 1; look <= LOOKS; look++) {
    await wait(Math.max(0, start + ((end - start) * look) / LOOKS - performance.now()));
    const { server, worker } = application.pids;
    const now = { server: held(server), worker: held(worker) };
    looks.push(now);
    console.log(
      `${((performance.now() - start) / 60_000).toFixed(0)} min: server ${now.server.toFixed(0)} MB, worker ${now.worker.toFixed(0)} MB`,
    );
  }
}

try {
  const people = Array.from({ length: PEOPLE }, async (_, index) => {
    for (let turn = 0; performance.now() < end; turn++) await work(new Chance(index * 1_000_003 + turn));
  });
  await Promise.all([watch(), ...people]);
  for (const of of ['server', 'worker'] as const) {
    const middle = (from: number, to: number) =>
      looks
        .slice(from, to)
        .map((look) => look[of])
        .sort((a, b) => a - b)[Math.floor((to - from) / 2)]!;
    const [early, late] = [middle(LOOKS / 4, LOOKS / 2), middle((LOOKS * 3) / 4, LOOKS)];
    console.log(`${of}: ${early.toFixed(0)} MB in the second quarter, ${late.toFixed(0)} MB in the last`);
    if (late > early * FLAT) faults.push(`The ${of} holds more and more.`);
  }
  console.log(
    `${[...done].map(([act, count]) => `${count} × ${act}`).join(', ')}; slowest answer ${slowest.toFixed(0)} ms`,
  );
  console.log(
    faults.length === 0 ? 'no fault' : `${faults.length} faults\n${faults.slice(0, 20).join('\n')}`,
  );
  if (faults.length > 0) process.exitCode = 1;
} finally {
  client.close();
  await application.stop();
}
