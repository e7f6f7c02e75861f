import type { QueryInterface } from 'sequelize';

/** The documents of a room are kept apart from it, at some of its revisions: the others are made of these and the edits. What lists show of a room stands in the room. */
export async function up(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query(`
    create table documents (
      room_id uuid not null references rooms on delete cascade,
      revision integer not null check (revision >= 0),
      document jsonb not null,
      primary key (room_id, revision)
    );
    insert into documents (room_id, revision, document) select id, revision, document from rooms;
    alter table rooms add column name text;
    update rooms set name = document #>> '{records,room,name}';
    alter table rooms alter column name set not null, drop column document;
  `);
}

/** Only where every room's newest document is kept, as it is right after. */
export async function down(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query(`
    alter table rooms add column document jsonb;
    update rooms set document = (
      select document from documents where room_id = rooms.id and documents.revision = rooms.revision
    );
    alter table rooms alter column document set not null, drop column name;
    drop table documents;
  `);
}
