import type { QueryInterface } from 'sequelize';

/** An edit knows the command that made it and what it was asked, and the edit that it takes back; its words are made where they are read. */
export async function up(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query(`
    alter table edits
      add column step uuid,
      add column command text,
      add column args jsonb,
      alter column label drop not null;
  `);
}

export async function down(queries: QueryInterface): Promise<void> {
  await queries.sequelize.query(`
    update edits set label = coalesce(label, command, 'Edit');
    alter table edits drop column step, drop column command, drop column args, alter column label set not null;
  `);
}
