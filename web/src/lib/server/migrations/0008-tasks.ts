import type { QueryInterface } from 'sequelize';

/** What takes long and is made beside what answers people: asked for under a key that says what of which revision, so that it is made once. */
export async function up(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query(`
    create table tasks (
      id uuid primary key default gen_random_uuid(),
      key text not null unique,
      room_id uuid not null references rooms on delete cascade,
      revision integer not null,
      kind text not null,
      input jsonb not null,
      urgent boolean not null,
      state text not null default 'waiting' check (state in ('waiting', 'done', 'failed')),
      attempts integer not null default 0,
      type text,
      result bytea,
      refusal jsonb,
      asked_at timestamptz not null default now(),
      done_at timestamptz
    );
    create index tasks_waiting on tasks (urgent desc, asked_at) where state = 'waiting';
    create index tasks_by_room on tasks (room_id);
    create index tasks_done on tasks (done_at) where state <> 'waiting';
  `);
}

export async function down(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query('drop table tasks');
}
