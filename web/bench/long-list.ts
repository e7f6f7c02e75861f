import { demoJobs } from '../../core/src/demo/demo-jobs';
import { roomOf } from '../../core/src/document/design';
import pg from 'pg';
import { gzipSync } from 'node:zlib';
import { Application } from '../e2e/server';

/** How long the studio's page takes, and how large it is, with 1,000 rooms in 50 jobs, and in one. */
const ROOMS = 1_000;
const ROUNDS = 15;

/** A studio's rooms, each with the document of one of the demo. */
async function fill(application: Application, jobs: number): Promise<void> {
  const client = new pg.Client({ connectionString: application.databaseUrl });
  await client.connect();
  const document = demoJobs()[0]!.rooms[0]!;
  await client.query('update jobs set removed_at = now(); update rooms set removed_at = now()');
  await client.query(
    `with added as (
      insert into jobs (id, studio_id, name, unit, step)
      select gen_random_uuid(), (select id from studios limit 1), 'Job ' || one, 'mm', 1 from generate_series(1, $1::int) as one
      returning id, studio_id
    ), rooms_added as (
      insert into rooms (id, studio_id, job_id, option, chosen, name, revision, created_at, updated_at)
      select gen_random_uuid(), studio_id, added.id, 'A', true, $2::text || ' ' || one, 0, now(), now()
      from added, generate_series(1, $3::int) as one returning id
    )
    insert into documents (room_id, revision, document) select id, 0, $4::jsonb from rooms_added`,
    [jobs, roomOf(document).name, ROOMS / jobs, JSON.stringify(document)],
  );
  await client.query('analyze');
  await client.end();
}

async function signedIn(address: string): Promise<string> {
  const answer = await fetch(`${address}/?/demo`, {
    method: 'POST',
    headers: { origin: address, 'content-type': 'application/x-www-form-urlencoded' },
    redirect: 'manual',
  });
  return answer.headers
    .getSetCookie()
    .map((cookie) => cookie.split(';')[0]!)
    .join('; ');
}

const application = await Application.start();
try {
  const cookie = await signedIn(application.address);
  for (const jobs of [50, 1]) {
    await fill(application, jobs);
    for (const path of ['/studio', '/studio?page=4', '/studio?find=99']) {
      const times: number[] = [];
      let html = '';
      for (let round = 0; round < ROUNDS; round++) {
        const start = performance.now();
        html = await (await fetch(application.address + path, { headers: { cookie } })).text();
        times.push(performance.now() - start);
      }
      const sorted = times.sort((a, b) => a - b);
      const [median, most] = [sorted[Math.floor(ROUNDS / 2)]!, sorted.at(-1)!];
      console.log(
        `${path} with ${ROOMS} rooms in ${jobs} job${jobs === 1 ? '' : 's'}: median ${median.toFixed(0)} ms, most ${most.toFixed(0)}; ${(html.length / 1_000).toFixed(0)} kB, ${(gzipSync(html).length / 1_000).toFixed(0)} kB gzipped`,
      );
    }
  }
} finally {
  await application.stop();
}
