import type { QueryInterface } from 'sequelize';

/** Limits of rules that a studio, or a job of it, asks for in place of what their sources do: its new rooms take them. */
export async function up(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query(`
    alter table studios add column limits jsonb not null default '[]';
    alter table jobs add column limits jsonb not null default '[]';
  `);
}

export async function down(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query(`
    alter table studios drop column limits;
    alter table jobs drop column limits;
  `);
}
