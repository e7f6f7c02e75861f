import type { QueryInterface } from 'sequelize';

/** When a job or room was removed: it can be taken back for a while. A process of before knows nothing of it, and shows them still. */
export async function up(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query(`
    alter table jobs add column removed_at timestamptz;
    alter table rooms add column removed_at timestamptz;
    create index jobs_removed on jobs (removed_at) where removed_at is not null;
    create index rooms_removed on rooms (removed_at) where removed_at is not null;
  `);
}

export async function down(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query(
    'alter table rooms drop column removed_at; alter table jobs drop column removed_at',
  );
}
