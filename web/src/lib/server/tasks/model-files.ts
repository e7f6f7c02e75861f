import { modelsIn, type Design } from 'goodreach';
import { QueryTypes } from 'sequelize';
import { database } from '../database';
import { MODEL } from '../files';
import { isUuid } from '../rooms';

/** So many models of a room are written into its file at most; a body stands for the others. */
const MOST_MODELS = 100;

/** The stored models of the objects in a room, by id: those of its own studio. */
export async function modelFiles(roomId: string, document: Design): Promise<Record<string, Uint8Array>> {
  const ids = [...modelsIn(document)].filter(isUuid).slice(0, MOST_MODELS);
  if (ids.length === 0) return {};
  const rows = await (
    await database()
  ).query<{ id: string; bytes: Buffer }>(MODELS, { bind: [roomId, ids, MODEL], type: QueryTypes.SELECT });
  return Object.fromEntries(rows.map(({ id, bytes }) => [id, new Uint8Array(bytes)]));
}

const MODELS = `
  select files.id, files.bytes from files join rooms on rooms.studio_id = files.studio_id
  where rooms.id = $1 and files.id = any($2::uuid[]) and files.room_id is null and files.type = $3`;
