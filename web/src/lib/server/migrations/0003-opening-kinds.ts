import type { QueryInterface } from 'sequelize';

/** Kinds of openings a studio keeps to use again. */
export async function up(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query(`
    create table opening_kinds (
      id uuid primary key,
      studio_id uuid not null references studios on delete cascade,
      name text not null,
      shape jsonb not null,
      unique (studio_id, name)
    );
  `);
}

export async function down(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query('drop table opening_kinds');
}
