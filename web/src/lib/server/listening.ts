import pg from 'pg';
import { database } from './database';

/** What is heard on a channel of the database, and what is done when for a while nothing could be heard. */
interface Listener {
  hear(text: string): void;
  /** Whether anything is waited for: else a lost connection is made anew only when somebody listens again. */
  isNeeded(): boolean;
  resume(): void;
}

const RETRY = 1_000;

const held = globalThis as {
  goodReachListening?: {
    listeners: Map<string, Listener>;
    client: Promise<pg.Client> | null;
    /** When it listens again after a lost connection. */
    again: NodeJS.Timeout | null;
    turn: Promise<unknown>;
  };
};
const state = (held.goodReachListening ??= {
  listeners: new Map(),
  client: null,
  again: null,
  turn: Promise.resolve(),
});

/** Hears what all server processes of a database tell on a channel: one connection of this process does for all channels; a lost one is made anew. */
export async function listenTo(channel: string, listener: Listener): Promise<void> {
  const isNew = !state.listeners.has(channel);
  state.listeners.set(channel, listener);
  const client = await connected();
  if (!isNew) return;
  // One after the other: a connection does one thing at a time.
  const before = state.turn;
  state.turn = before.catch(() => {}).then(() => client.query(`listen ${channel}`));
  await state.turn;
}

function connected(): Promise<pg.Client> {
  state.client ??= connect().catch((error: unknown) => {
    state.client = null;
    throw error;
  });
  return state.client;
}

async function connect(): Promise<pg.Client> {
  await database();
  const client = new pg.Client({
    connectionString: process.env['DATABASE_URL'],
    application_name: 'goodreach listening',
    connectionTimeoutMillis: 5_000,
    keepAlive: true,
  });
  client.on('notification', ({ channel, payload }) => state.listeners.get(channel)?.hear(payload ?? ''));
  client.on('error', () => {});
  client.on('end', listenAgain);
  await client.connect();
  for (const channel of state.listeners.keys()) await client.query(`listen ${channel}`);
  return client;
}

/** Listens again in a moment, and goes on trying as long as anything is waited for. */
function listenAgain(): void {
  state.client = null;
  const needed = [...state.listeners.values()].some((listener) => listener.isNeeded());
  if (!needed || state.again) return;
  state.again = setTimeout(() => {
    state.again = null;
    connected().then(() => {
      for (const listener of state.listeners.values()) listener.resume();
    }, listenAgain);
  }, RETRY).unref();
}

/** Ends the connection, as before the process ends. */
export async function stopListening(): Promise<void> {
  const client = await state.client?.catch(() => null);
  state.client = null;
  state.listeners.clear();
  client?.removeListener('end', listenAgain);
  await client?.end();
}
