import { randomUUID } from 'node:crypto';
import pg from 'pg';
import { demoJobs } from '../../core/src/demo/demo-jobs';
import { roomOf, type Design } from '../../core/src/document/design';
import { Client } from '../drills/client';
import { renaming } from '../drills/rename';
import { Application } from '../e2e/server';

/** Many people saving at once: each once a second in a room of their own, beside bare inserts of edits of the same size; then as fast as it goes. */
const PEOPLE = 200;
const SECONDS = 30;
/** A server that has just started takes so long at most until its code is compiled and it knows the rooms, seconds. */
const WARM_UP = 12;
const PRESSED = 64;
const PRESSED_SECONDS = 10;
const SETS = 8;
/** So many leave a machine of two cores room for a worker: what one set of drawings after another costs them. */
const FEW = 40;
const ROUNDS = 4;

interface Person {
  room: string;
  revision: number;
  record: ReturnType<typeof roomOf>;
}

const application = await Application.start();
const people: Person[] = [];
const pool = new pg.Pool({ connectionString: application.databaseUrl, max: 10 });
const client = new Client(application.address, PEOPLE);

async function save(person: Person, by = client): Promise<number> {
  const { body, after } = renaming(person.record, person.revision);
  const answer = await by.send('POST', `/api/rooms/${person.room}/edits`, body);
  if (answer.status !== 200) throw new Error(`Not saved (${answer.status}): ${answer.text}`);
  person.revision += 1;
  person.record = after;
  return answer.ms;
}

async function insert(person: Person): Promise<number> {
  const { body } = renaming(person.record, person.revision);
  const start = performance.now();
  await pool.query('insert into bare (id, edit) values ($1, $2)', [randomUUID(), JSON.stringify(body)]);
  return performance.now() - start;
}

function report(name: string, times: number[]): number {
  const sorted = times.sort((a, b) => a - b);
  const at = (share: number) => sorted[Math.floor((sorted.length - 1) * share)]!;
  console.log(
    `${name}: ${sorted.length}, median ${at(0.5).toFixed(1)} ms, 99 of 100 within ${at(0.99).toFixed(1)} ms, most ${at(1).toFixed(0)} ms`,
  );
  return at(0.99);
}

/** Saves as fast as it goes, shared out among servers. */
async function pressed(name: string, servers: readonly Client[]): Promise<void> {
  const times: number[] = [];
  const end = performance.now() + PRESSED_SECONDS * 1_000;
  await Promise.all(
    people.slice(0, PRESSED).map(async (person, index) => {
      while (performance.now() < end) times.push(await save(person, servers[index % servers.length]));
    }),
  );
  report(`saves as fast as it goes, ${name}`, times);
  console.log(`${(times.length / PRESSED_SECONDS).toFixed(0)} saves a second`);
}

/** Saves of few people by themselves, and beside one set of drawings after another, by turns. */
async function besideSets(): Promise<void> {
  const few = people.slice(0, FEW);
  for (let round = 0; round < ROUNDS; round++) {
    const alone = report(
      `saves, ${FEW} people once a second`,
      await everySecond(few, (person) => save(person)),
    );
    let ends = false;
    let made = 0;
    const sets = (async () => {
      for (; !ends; made++) await drawSet(few[made % FEW]!);
    })();
    const beside = report(
      'saves beside one set after another',
      await everySecond(few, (person) => save(person)),
    );
    ends = true;
    await sets;
    console.log(`${made} sets; 99 of 100 saves take ${(beside / alone).toFixed(1)} times as long`);
  }
}

const drawSet = ({ room }: Person) =>
  client.send('GET', `/api/rooms/${room}/sheet.pdf?show=set&page=A3&scale=20`);

const wait = (ms: number) => new Promise((resolve) => setTimeout(resolve, Math.max(0, ms)));

/** Everybody does something once a second, each at a moment of their own. */
async function everySecond(
  people: readonly Person[],
  act: (person: Person) => Promise<number>,
): Promise<number[]> {
  const times: number[] = [];
  const start = performance.now();
  let warming = 0;
  await Promise.all(
    people.map(async (person, index) => {
      for (let second = 0; second < SECONDS; second++) {
        await wait(start + second * 1_000 + (index * 1_000) / people.length - performance.now());
        const ms = await act(person);
        if (second < WARM_UP) warming = Math.max(warming, ms);
        else times.push(ms);
      }
    }),
  );
  console.log(`while it warms up, most ${warming.toFixed(0)} ms`);
  return times;
}

try {
  await client.signIn();
  await pool.query('create table bare (id uuid primary key, edit jsonb not null)');
  const { rows } = await pool.query<{ id: string }>('select id from jobs limit 1');
  const design: Design = demoJobs()[0]!.rooms[0]!;
  for (let count = 0; count < PEOPLE; count++) {
    const made = await client.send('POST', `/api/jobs/${rows[0]!.id}/rooms`, { design });
    people.push({ room: (JSON.parse(made.text) as { id: string }).id, revision: 0, record: roomOf(design) });
  }
  const quiet = report('bare inserts, 200 people once a second', await everySecond(people, insert));
  const saves = report(
    'saves, 200 people once a second',
    await everySecond(people, (person) => save(person)),
  );
  console.log(`99 of 100 saves take ${(saves / quiet).toFixed(1)} times a bare insert`);

  const sets = Promise.all(people.slice(0, SETS).map(drawSet));
  const busy = report(
    `saves beside ${SETS} whole sets of drawings`,
    await everySecond(people, (person) => save(person)),
  );
  const made = (await sets).filter(({ status }) => status === 200).length;
  console.log(`${made} sets made meanwhile; 99 of 100 saves take ${(busy / saves).toFixed(1)} times as long`);

  await besideSets();

  await pressed('one server', [client]);
  const second = await new Client(await application.another(), PEOPLE).signIn();
  await pressed('two servers', [client, second]);
  second.close();
} finally {
  client.close();
  await pool.end();
  await application.stop();
}
