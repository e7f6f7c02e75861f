import type { QueryInterface } from 'sequelize';

/** How the parts of a room were laid on sheets last. As it was sent, word for word: what was asked is told apart by that. */
export async function up(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query(`
    create table laid_sheets (
      room_id uuid primary key references rooms on delete cascade,
      revision integer not null check (revision > 0),
      sheets json not null,
      kept_at timestamptz not null,
      kept_by text not null
    );
  `);
}

export async function down(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query('drop table laid_sheets;');
}
