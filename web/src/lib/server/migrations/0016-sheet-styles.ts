import type { QueryInterface } from 'sequelize';

/** How a studio draws its sets of drawings: templates under names of its own. */
export async function up(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query(`
    create table sheet_styles (
      id uuid primary key,
      studio_id uuid not null references studios on delete cascade,
      name text not null,
      style jsonb not null,
      unique (studio_id, name)
    );
  `);
}

export async function down(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query('drop table sheet_styles');
}
