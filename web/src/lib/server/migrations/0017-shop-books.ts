import type { QueryInterface } from 'sequelize';

/** What a studio keeps for its shop: its prices, and what it cuts from; each counts its revisions, so that two people do not write over one another. */
export async function up(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query(`
    create table shop_books (
      studio_id uuid not null references studios on delete cascade,
      kind text not null check (kind in ('prices', 'stock')),
      revision integer not null,
      book jsonb not null,
      kept_at timestamptz not null,
      kept_by text not null,
      primary key (studio_id, kind)
    );
  `);
}

export async function down(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query('drop table shop_books');
}
