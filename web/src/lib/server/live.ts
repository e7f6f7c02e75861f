import { QueryTypes } from 'sequelize';
import { database } from './database';
import { listenTo } from './listening';

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

const held = globalThis as { goodReachLive?: Map<string, Set<Client>> };
/** Who is at work in each room, connected to this process. */
const live = (held.goodReachLive ??= new Map());

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
  await listenTo(CHANNEL, { hear, resume, isNeeded: () => live.size > 0 });
  const inRoom = live.get(client.room) ?? new Set();
  live.set(client.room, inRoom.add(client));
  const leave = () => {
    inRoom.delete(client);
    if (inRoom.size === 0) live.delete(client.room);
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
  for (const client of live.get(room) ?? [])
    if (client.tab === tab && client.person.id === person.id) client.chosen = chosen;
  await tellRoom({ of: 'here', room, tab, person, chosen });
}

/** What was told while the connection was lost was not heard: everyone asks anew. */
function resume(): void {
  for (const [room, clients] of live) for (const client of clients) client.send({ of: 'lost', room });
}

function hear(payload: string): void {
  const told = JSON.parse(payload) as Told;
  const clients = live.get(told.room) ?? [];
  for (const client of clients) {
    if (told.of === 'who') {
      const { room, tab, person, chosen } = client;
      void tellRoom({ of: 'here', room, tab, person, chosen }).catch(() => {});
    } else client.send(told);
  }
}

/** Ends every stream, as before the process ends. */
export function closeLive(): void {
  for (const clients of live.values()) for (const one of clients) one.end();
  live.clear();
}
