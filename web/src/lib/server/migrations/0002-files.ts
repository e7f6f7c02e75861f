import type { QueryInterface } from 'sequelize';

/** Files laid under rooms. */
export async function up(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query(`
    create table files (
      id uuid primary key,
      studio_id uuid not null references studios on delete cascade,
      room_id uuid not null references rooms on delete cascade,
      name text not null,
      type text not null,
      bytes bytea not null,
      created_at timestamptz not null default now()
    );
    create index files_by_room on files (room_id);
  `);
}

export async function down(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query('drop table files');
}
