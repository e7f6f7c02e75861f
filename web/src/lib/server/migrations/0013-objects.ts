import type { QueryInterface } from 'sequelize';

/** Objects of a studio's own; their models are files of the studio, of no room. */
export async function up(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query(`
    create table objects (
      id uuid primary key,
      studio_id uuid not null references studios on delete cascade,
      name text not null,
      data jsonb not null,
      created_at timestamptz not null default now()
    );
    create unique index objects_name on objects (studio_id, lower(name));
    create unique index objects_code on objects (studio_id, (data #>> '{families,0,code}'));
  `);
}

export async function down(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query(`
    drop table objects;
    delete from files where room_id is null and type like 'model/%';
  `);
}
