import type { QueryInterface } from 'sequelize';

/** Ranges of a studio's own; options of a room: rows that share one, of which one is chosen. */
export async function up(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query(`
    create table ranges (
      id uuid primary key,
      studio_id uuid not null references studios on delete cascade,
      name text not null,
      data jsonb not null,
      created_at timestamptz not null default now(),
      unique (studio_id, name)
    );
    alter table rooms
      add column option_of uuid references rooms on delete cascade,
      add column option text not null default 'A',
      add column chosen boolean not null default true;
    create unique index rooms_option on rooms (coalesce(option_of, id), option);
    create unique index rooms_chosen on rooms (coalesce(option_of, id)) where chosen;
  `);
}

export async function down(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query(`
    drop index rooms_chosen;
    drop index rooms_option;
    delete from rooms where option_of is not null;
    alter table rooms drop column chosen, drop column option, drop column option_of;
    drop table ranges;
  `);
}
