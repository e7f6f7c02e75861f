import type { QueryInterface } from 'sequelize';

/** A studio keeps its router, too: its bed and its tools. */
export async function up(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query(`
    alter table shop_books drop constraint shop_books_kind_check;
    alter table shop_books add constraint shop_books_kind_check check (kind in ('machine', 'prices', 'stock'));
  `);
}

export async function down(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query(`
    delete from shop_books where kind = 'machine';
    alter table shop_books drop constraint shop_books_kind_check;
    alter table shop_books add constraint shop_books_kind_check check (kind in ('prices', 'stock'));
  `);
}
