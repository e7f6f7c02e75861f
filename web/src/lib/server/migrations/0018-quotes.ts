import type { QueryInterface } from 'sequelize';

/** What clients were quoted for rooms, as it was sent. It is never changed. */
export async function up(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query(`
    create table quotes (
      room_id uuid not null references rooms on delete cascade,
      number integer not null check (number > 0),
      revision integer not null,
      made_on date not null,
      made_by text not null,
      total bigint not null,
      terms jsonb not null,
      pdf bytea not null,
      primary key (room_id, number)
    );
    create function quote_is_fixed() returns trigger language plpgsql as
      $$ begin raise exception 'a quote is never changed'; end $$;
    create trigger quote_is_fixed before update on quotes for each row execute function quote_is_fixed();
  `);
}

export async function down(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query('drop table quotes; drop function quote_is_fixed;');
}
