import type { QueryInterface } from 'sequelize';

/** With what was given out, the lists for the shop as they were then; issues of before have none. */
export async function up(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query('alter table issues add column lists bytea');
}

export async function down(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query('alter table issues drop column lists');
}
