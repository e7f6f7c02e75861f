import type { QueryInterface } from 'sequelize';

/** What has come of files that are being sent; nothing of it outlives a crash. */
export async function up(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query(`
    create unlogged table file_parts (
      upload uuid not null,
      part integer not null,
      bytes bytea not null,
      sent_at timestamptz not null default now(),
      primary key (upload, part)
    );
  `);
}

export async function down(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query('drop table file_parts');
}
