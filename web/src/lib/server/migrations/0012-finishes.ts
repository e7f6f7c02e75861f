import type { QueryInterface } from 'sequelize';

/** Finishes of a studio's own; their pictures are files of the studio, of no room. */
export async function up(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query(`
    create table finishes (
      id uuid primary key,
      studio_id uuid not null references studios on delete cascade,
      name text not null,
      data jsonb not null,
      created_at timestamptz not null default now()
    );
    create unique index finishes_name on finishes (studio_id, lower(name));
    create unique index finishes_code on finishes (studio_id, (data ->> 'code'));
    alter table files alter column room_id drop not null;
  `);
}

export async function down(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query(`
    drop table finishes;
    delete from files where room_id is null;
    alter table files alter column room_id set not null;
  `);
}
