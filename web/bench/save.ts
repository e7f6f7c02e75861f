import { request } from '@playwright/test';
import { randomUUID } from 'node:crypto';
import pg from 'pg';
import { crowd } from '../../core/bench/crowd';
import { execute } from '../../core/src/commands/command';
import { moveItem } from '../../core/src/commands/move-item';
import { must } from '../../core/src/result';
import { Application } from '../e2e/server';

/** How long a save of one edit takes until the document is stored, in a room of 300 items, beside a bare insert of the same document into the same database. */
const SAVES = 1_000;

const application = await Application.start();
const database = new pg.Client({ connectionString: application.databaseUrl });
await database.connect();
const api = await request.newContext({
  baseURL: application.address,
  extraHTTPHeaders: { origin: application.address },
});

/** Says how long most of them took, once the first few have warmed everything up; gives what 99 of 100 took, ms. */
function report(name: string, times: readonly number[]): number {
  const sorted = times.slice(times.length / 10).sort((a, b) => a - b);
  const at = (share: number) => sorted[Math.floor((sorted.length - 1) * share)]!;
  console.log(`${name}: median ${at(0.5).toFixed(1)} ms, 99 of 100 within ${at(0.99).toFixed(1)} ms`);
  return at(0.99);
}

async function timed(times: number[], work: () => Promise<unknown>): Promise<void> {
  const start = performance.now();
  await work();
  times.push(performance.now() - start);
}

try {
  const studio = await api.post('/?/demo', { form: {} });
  if (!studio.ok()) throw new Error(`The demo studio does not open: ${await studio.text()}`);
  const { rows } = await database.query<{ id: string }>('select id from jobs limit 1');
  let design = crowd(300);
  const made = await api.post(`/api/jobs/${rows[0]!.id}/rooms`, { data: { design } });
  const { id: room } = (await made.json()) as { id: string };
  await database.query('create table bare (id uuid primary key, document jsonb not null)');
  const [saves, inserts]: [number[], number[]] = [[], []];
  for (let revision = 0; revision < SAVES; revision++) {
    const args = {
      id: 'item-0',
      placement: { on: 'floor', x: 30_000 + (revision % 50), y: -2_000, turn: 0 },
    } as const;
    const { patch, design: after } = must(execute(moveItem, design, args));
    design = after;
    const edit = { id: randomUUID(), action: 'do', command: moveItem.id, args, patch };
    const data = { baseRevision: revision, edits: [{ ...edit, step: edit.id }] };
    await timed(saves, async () => {
      const saved = await api.post(`/api/rooms/${room}/edits`, { data });
      if (!saved.ok()) throw new Error(`Not saved: ${await saved.text()}`);
    });
    const document = JSON.stringify(design);
    await timed(inserts, () =>
      database.query('insert into bare (id, document) values ($1, $2)', [randomUUID(), document]),
    );
  }
  const ratio = report('an edit saved, 300 items', saves) / report('a bare insert of the document', inserts);
  console.log(`99 of 100 saves take ${ratio.toFixed(1)} times a bare insert`);
} finally {
  await api.dispose();
  await database.end();
  await application.stop();
}
