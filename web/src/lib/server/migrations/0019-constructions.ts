import type { QueryInterface } from 'sequelize';

/** How a studio, or a job of it, builds the cabinets of ranges where that is otherwise than the ranges say: its new rooms take it. */
export async function up(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query(`
    alter table studios add column constructions jsonb not null default '[]';
    alter table jobs add column constructions jsonb not null default '[]';
  `);
}

export async function down(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query(`
    alter table studios drop column constructions;
    alter table jobs drop column constructions;
  `);
}
