import type { QueryInterface } from 'sequelize';

/** Who a job is for and where it is, its number, who draws it: what its sheets say. */
export async function up(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query(`alter table jobs add column fields jsonb not null default '{}'`);
}

export async function down(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query('alter table jobs drop column fields');
}
