import pg from 'pg';
import { Sequelize, type Options } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';
import { documentsKept, forgetHeads } from './documents';
import * as rooms from './migrations/0001-rooms';
import * as files from './migrations/0002-files';
import * as openingKinds from './migrations/0003-opening-kinds';
import * as rangesAndOptions from './migrations/0004-ranges-and-options';
import * as studioSpecials from './migrations/0005-studio-specials';
import * as editCommands from './migrations/0006-edit-commands';
import * as documents from './migrations/0007-documents';
import * as tasks from './migrations/0008-tasks';
import * as signIn from './migrations/0009-sign-in';
import * as removed from './migrations/0010-removed';
import * as fileParts from './migrations/0011-file-parts';
import * as finishes from './migrations/0012-finishes';
import * as objects from './migrations/0013-objects';
import * as limits from './migrations/0014-limits';
import * as issues from './migrations/0015-issues';
import * as sheetStyles from './migrations/0016-sheet-styles';
import * as shopBooks from './migrations/0017-shop-books';
import * as quotes from './migrations/0018-quotes';
import * as constructions from './migrations/0019-constructions';
import * as issuedLists from './migrations/0020-issued-lists';
import * as jobFields from './migrations/0021-job-fields';
import * as shopMachine from './migrations/0022-shop-machine';
import * as laidSheets from './migrations/0023-laid-sheets';
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
  { name: '0008-tasks', ...tasks },
  { name: '0009-sign-in', ...signIn },
  { name: '0010-removed', ...removed },
  { name: '0011-file-parts', ...fileParts },
  { name: '0012-finishes', ...finishes },
  { name: '0013-objects', ...objects },
  { name: '0014-limits', ...limits },
  { name: '0015-issues', ...issues },
  { name: '0016-sheet-styles', ...sheetStyles },
  { name: '0017-shop-books', ...shopBooks },
  { name: '0018-quotes', ...quotes },
  { name: '0019-constructions', ...constructions },
  { name: '0020-issued-lists', ...issuedLists },
  { name: '0021-job-fields', ...jobFields },
  { name: '0022-shop-machine', ...shopMachine },
  { name: '0023-laid-sheets', ...laidSheets },
];

const held = globalThis as { goodReachDatabase?: Promise<Sequelize> };

/** The database of DATABASE_URL, migrated; opened once for the process, also across reloads in development. Where it can't be opened it is tried anew by whoever asks next. */
export function database(): Promise<Sequelize> {
  if (!held.goodReachDatabase) {
    const opened = openDatabase(requiredUrl());
    held.goodReachDatabase = opened;
    opened.catch(() => {
      if (held.goodReachDatabase === opened) delete held.goodReachDatabase;
    });
  }
  return held.goodReachDatabase;
}

/** Opens a database, brings its tables up to date and ties the models to it. */
export async function openDatabase(url: string): Promise<Sequelize> {
  await migrateUp(url);
  const sequelize = connected(url, {
    pool: { max: setting('DATABASE_POOL', 10), acquire: setting('DATABASE_ACQUIRE_TIMEOUT', 5_000) },
    dialectOptions: {
      application_name: 'goodreach',
      connectionTimeoutMillis: 5_000,
      // One lock that is held must not starve all others: who waits too long is told to ask again.
      lock_timeout: setting('DATABASE_LOCK_TIMEOUT', 2_000),
      statement_timeout: setting('DATABASE_STATEMENT_TIMEOUT', 10_000),
      idle_in_transaction_session_timeout: setting('DATABASE_IDLE_TIMEOUT', 10_000),
    },
  });
  defineModels(sequelize);
  return sequelize;
}

function connected(url: string, options: Options): Sequelize {
  return new Sequelize(url, { dialect: 'postgres', dialectModule: pg, logging: false, ...options });
}

/** A whole number over zero from the environment, ms or a count; the usual one where none is set. */
export function setting(name: string, usual: number): number {
  const text = process.env[name];
  if (text === undefined || text === '') return usual;
  const value = Number(text);
  if (Number.isInteger(value) && value > 0) return value;
  throw new Error(`${name} is "${text}". Set it to a whole number over 0, or leave it out (${usual}).`);
}

export async function closeDatabase(): Promise<void> {
  const sequelize = await held.goodReachDatabase?.catch(() => null);
  delete held.goodReachDatabase;
  await documentsKept();
  forgetHeads();
  await sequelize?.close();
}

/** Runs the migrations that have not run; several processes may start at once, so one waits for the other, as long as that takes. */
async function migrateUp(url: string): Promise<void> {
  const sequelize = connected(url, { pool: { max: 2 } });
  const umzug = new Umzug({
    migrations: migrations.map(({ name, up, down }) => ({
      name,
      up: () => up(sequelize.getQueryInterface()),
      down: () => down(sequelize.getQueryInterface()),
    })),
    storage: new SequelizeStorage({ sequelize, tableName: 'migrations' }),
    logger: undefined,
  });
  try {
    await sequelize.transaction(async (transaction) => {
      await sequelize.query('select pg_advisory_xact_lock(7274021)', { transaction });
      await umzug.up();
    });
  } finally {
    await sequelize.close();
  }
}

function requiredUrl(): string {
  const url = process.env['DATABASE_URL'];
  if (!url)
    throw new Error('DATABASE_URL is not set. Start with script/demo, or set it to a PostgreSQL address.');
  return url;
}
