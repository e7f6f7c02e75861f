import type { QueryInterface } from 'sequelize';

/** Whether a studio lets its new rooms have cabinets in widths their range does not list. */
export async function up(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query('alter table studios add column specials boolean not null default false');
}

export async function down(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query('alter table studios drop column specials');
}
