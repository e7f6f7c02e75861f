import type { QueryInterface } from 'sequelize';

/** Sets of drawings as they were given out, each with the design it was made of. They are never changed. */
export async function up(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query(`
    create table issues (
      room_id uuid not null references rooms on delete cascade,
      number integer not null check (number > 0),
      name text not null,
      revision integer not null,
      issued_on date not null,
      issued_by text not null,
      document jsonb not null,
      pdf bytea not null,
      primary key (room_id, number)
    );
    create function issue_is_fixed() returns trigger language plpgsql as
      $$ begin raise exception 'an issue is never changed'; end $$;
    create trigger issue_is_fixed before update on issues for each row execute function issue_is_fixed();
  `);
}

export async function down(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query('drop table issues; drop function issue_is_fixed;');
}
