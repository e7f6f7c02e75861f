import pg from 'pg';
import { QueryTypes } from 'sequelize';
import { database } from './database';

/** A person at work in a room, in one tab, and what they have chosen. */
export interface Here {
  tab: string;
  person: { id: string; name: string };
  chosen: string[];
}

/** What is told to everyone at work in a room, whichever server process they are connected to. */
export type Told =
  | { of: 'saved'; room: string; revision: number }
  | ({ of: 'here'; room: string } & Here)
  | { of: 'gone'; room: string; tab: string }
  /** Somebody came: those who are here say so. */
  | { of: 'who'; room: string }
  /** Nothing was heard for a while: whatever was told then is to be asked for. */
  | { of: 'lost'; room: string };

interface Client extends Here {
  room: string;
  send(told: Told): void;
  /** Ends what is sent to them. */
  end(): void;
}

/** The channel all server processes of a database share. */
export const CHANNEL = 'good_reach_rooms';
/** What one notification carries, characters; PostgreSQL takes 8000 bytes. */
const MOST_TOLD = 2_500;
const RETRY = 1_000;

const held = globalThis as {
  goodReachLive?: {
    clients: Map<string, Set<Client>>;
    listening: Promise<pg.Client> | null;
    /** When it listens again after a lost connection. */
    again: NodeJS.Timeout | null;
  };
};
const live = (held.goodReachLive ??= { clients: new Map(), listening: null, again: null });

/** Tells everyone at work in a room. */
export async function tellRoom(told: Told): Promise<void> {
  const sequelize = await database();
  const text = JSON.stringify(told);
  const fits = told.of === 'here' && text.length > MOST_TOLD ? JSON.stringify({ ...told, chosen: [] }) : text;
  await sequelize.query('select pg_notify($1, $2)', {
    bind: [CHANNEL, fits],
    type: QueryTypes.SELECT,
  });
}

/** Adds someone to a room until `leave` is called; everyone there hears of it, and they of everyone there. */
export async function join(client: Client): Promise<{ leave(): void }> {
  await listen();
  const inRoom = live.clients.get(client.room) ?? new Set();
  live.clients.set(client.room, inRoom.add(client));
  const leave = () => {
    inRoom.delete(client);
    if (inRoom.size === 0) live.clients.delete(client.room);
    void tellRoom({ of: 'gone', room: client.room, tab: client.tab }).catch(() => {});
  };
  try {
    await tellRoom({ of: 'who', room: client.room });
  } catch (error) {
    leave();
    throw error;
  }
  return { leave };
}

/** Tells what someone at work in a room has chosen. */
export async function choose(room: string, { tab, person, chosen }: Here): Promise<void> {
  for (const client of live.clients.get(room) ?? [])
    if (client.tab === tab && client.person.id === person.id) client.chosen = chosen;
  await tellRoom({ of: 'here', room, tab, person, chosen });
}

/** One connection of this process hears what all processes tell; a lost one is made anew. */
function listen(): Promise<pg.Client> {
  live.listening ??= connect().catch((error: unknown) => {
    live.listening = null;
    throw error;
  });
  return live.listening;
}

async function connect(): Promise<pg.Client> {
  await database();
  const client = new pg.Client({ connectionString: process.env['DATABASE_URL'] });
  client.on('notification', ({ payload }) => hear(payload ?? ''));
  client.on('error', () => {});
  client.on('end', listenAgain);
  await client.connect();
  await client.query(`listen ${CHANNEL}`);
  return client;
}

/** Listens again in a moment, and goes on trying as long as anyone is here. */
function listenAgain(): void {
  live.listening = null;
  if (live.clients.size === 0 || live.again) return;
  live.again = setTimeout(() => {
    live.again = null;
    listen().then(resume, listenAgain);
  }, RETRY).unref();
}

/** What was told while the connection was lost was not heard: everyone asks anew. */
function resume(): void {
  for (const [room, clients] of live.clients) for (const client of clients) client.send({ of: 'lost', room });
}

function hear(payload: string): void {
  const told = JSON.parse(payload) as Told;
  const clients = live.clients.get(told.room) ?? [];
  for (const client of clients) {
    if (told.of === 'who') {
      const { room, tab, person, chosen } = client;
      void tellRoom({ of: 'here', room, tab, person, chosen }).catch(() => {});
    } else client.send(told);
  }
}

/** Ends every stream and the connection, as before the process ends. */
export async function closeLive(): Promise<void> {
  const client = await live.listening?.catch(() => null);
  for (const clients of live.clients.values()) for (const one of clients) one.end();
  live.clients.clear();
  live.listening = null;
  await client?.end();
}
