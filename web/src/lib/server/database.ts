import pg from 'pg';
import { Sequelize } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';
import { documentsKept, forgetHeads } from './documents';
import * as rooms from './migrations/0001-rooms';
import * as files from './migrations/0002-files';
import * as openingKinds from './migrations/0003-opening-kinds';
import * as rangesAndOptions from './migrations/0004-ranges-and-options';
import * as studioSpecials from './migrations/0005-studio-specials';
import * as editCommands from './migrations/0006-edit-commands';
import * as documents from './migrations/0007-documents';
import { defineModels } from './models';

/** Every migration, in order. */
const migrations = [
  { name: '0001-rooms', ...rooms },
  { name: '0002-files', ...files },
  { name: '0003-opening-kinds', ...openingKinds },
  { name: '0004-ranges-and-options', ...rangesAndOptions },
  { name: '0005-studio-specials', ...studioSpecials },
  { name: '0006-edit-commands', ...editCommands },
  { name: '0007-documents', ...documents },
];

const held = globalThis as { goodReachDatabase?: Promise<Sequelize> };

/** The database of DATABASE_URL, migrated; opened once for the process, also across reloads in development. */
export function database(): Promise<Sequelize> {
  held.goodReachDatabase ??= openDatabase(requiredUrl());
  return held.goodReachDatabase;
}

/** Opens a database, brings its tables up to date and ties the models to it. */
export async function openDatabase(url: string): Promise<Sequelize> {
  const sequelize = new Sequelize(url, {
    dialect: 'postgres',
    dialectModule: pg,
    logging: false,
    pool: { max: 10 },
  });
  await migrateUp(sequelize);
  defineModels(sequelize);
  return sequelize;
}

export async function closeDatabase(): Promise<void> {
  const sequelize = await held.goodReachDatabase;
  delete held.goodReachDatabase;
  await documentsKept();
  forgetHeads();
  await sequelize?.close();
}

/** Runs the migrations that have not run; several processes may start at once, so one waits for the other. */
async function migrateUp(sequelize: Sequelize): Promise<void> {
  const umzug = new Umzug({
    migrations: migrations.map(({ name, up, down }) => ({
      name,
      up: () => up(sequelize.getQueryInterface()),
      down: () => down(sequelize.getQueryInterface()),
    })),
    storage: new SequelizeStorage({ sequelize, tableName: 'migrations' }),
    logger: undefined,
  });
  await sequelize.transaction(async (transaction) => {
    await sequelize.query('select pg_advisory_xact_lock(7274021)', { transaction });
    await umzug.up();
  });
}

function requiredUrl(): string {
  const url = process.env['DATABASE_URL'];
  if (!url)
    throw new Error('DATABASE_URL is not set. Start with script/demo, or set it to a PostgreSQL address.');
  return url;
}
