import type { QueryInterface } from 'sequelize';

/** Studios, people, sessions, jobs, rooms and their edits. */
export async function up(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query(`
    create table studios (
      id uuid primary key,
      name text not null
    );
    create table people (
      id uuid primary key,
      studio_id uuid not null references studios on delete cascade,
      email text not null unique check (email = lower(email)),
      name text not null,
      password_hash text not null
    );
    create table sessions (
      id text primary key,
      person_id uuid not null references people on delete cascade,
      expires_at timestamptz not null
    );
    create table jobs (
      id uuid primary key,
      studio_id uuid not null references studios on delete cascade,
      name text not null,
      unit text not null,
      step double precision not null,
      created_at timestamptz not null default now()
    );
    create index jobs_by_studio on jobs (studio_id);
    create table rooms (
      id uuid primary key,
      studio_id uuid not null references studios on delete cascade,
      job_id uuid not null references jobs on delete cascade,
      revision integer not null default 0 check (revision >= 0),
      document jsonb not null,
      created_at timestamptz not null default now(),
      updated_at timestamptz not null default now()
    );
    create index rooms_by_job on rooms (job_id);
    create table edits (
      room_id uuid not null references rooms on delete cascade,
      id uuid not null,
      revision integer not null check (revision > 0),
      person_id uuid not null references people,
      action text not null check (action in ('do', 'undo', 'redo')),
      label text not null,
      patch jsonb not null,
      made_at timestamptz not null default now(),
      primary key (room_id, id),
      unique (room_id, revision)
    );
  `);
}

export async function down(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query('drop table edits, rooms, jobs, sessions, people, studios');
}
