import type { QueryInterface } from 'sequelize';

/** How often a sign-in was tried, counted for all server processes; when a session was last used. */
export async function up(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query(`
    create table sign_in_tries (
      key varchar(255) primary key,
      points integer not null default 0,
      expire bigint
    );
    alter table sessions add column used_at timestamptz not null default now();
  `);
}

export async function down(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query('drop table sign_in_tries; alter table sessions drop column used_at');
}
