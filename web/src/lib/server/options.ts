import { Op, type Transaction } from 'sequelize';
import { database } from './database';
import { addRoom, documentOf } from './documents';
import { Room, StoredFile } from './models';
import { findRoom, isUuid } from './rooms';
import type { SignedIn } from './sessions';

/** An option of a room as pages see it: its letter, and whether it is the one chosen. */
export interface KnownOption {
  id: string;
  option: string;
  chosen: boolean;
}

/** The most options a room has: letters A to Z. */
const LETTERS = [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ'];

/** The options a room is one of, by letter; a room with no other is its only option. */
export async function listOptions({ studioId }: SignedIn, room: Room): Promise<KnownOption[]> {
  await database();
  return (await optionsOf(studioId, room)).map(({ id, option, chosen }) => ({ id, option, chosen }));
}

/** A copy of a room beside it, as it is saved now, under the next free letter; null when there are no letters left, or the room is gone. */
export async function addOption(person: SignedIn, roomId: string): Promise<KnownOption | null> {
  const { studioId } = person;
  const asked = await findRoom(person, roomId);
  if (!asked) return null;
  const document = await documentOf(asked);
  return withOptions(studioId, roomId, async (room, options, transaction) => {
    const letter = LETTERS.find((one) => options.every(({ option }) => option !== one));
    if (!letter) return null;
    const { jobId } = room;
    const optionOf = room.optionOf ?? room.id;
    const option = { studioId, jobId, optionOf, option: letter, chosen: false };
    const added = await addRoom(option, document, transaction);
    return { id: added.id, option: letter, chosen: false };
  });
}

/** Chooses an option for its room; false when it is not there. */
export async function chooseOption({ studioId }: SignedIn, roomId: string): Promise<boolean> {
  const done = await withOptions(studioId, roomId, async (room, options, transaction) => {
    const others = options.filter(({ id }) => id !== room.id).map(({ id }) => id);
    await Room.update({ chosen: false }, { where: { id: others }, transaction, silent: true });
    await Room.update({ chosen: true }, { where: { id: room.id }, transaction, silent: true });
    return true;
  });
  return done ?? false;
}

/** Removes an option with its past, and gives one that is left; refused (null) for the chosen one. */
export async function removeOption({ studioId }: SignedIn, roomId: string): Promise<string | null> {
  return withOptions(studioId, roomId, async (room, options, transaction) => {
    const others = options.filter(({ id }) => id !== room.id);
    const left = others.find(({ chosen }) => chosen);
    if (room.chosen || !left) return null;
    if (room.optionOf === null) {
      // The others were made from this one: they become options of the one chosen.
      const rest = others.filter(({ id }) => id !== left.id).map(({ id }) => id);
      await Room.update({ optionOf: null }, { where: { id: left.id }, transaction, silent: true });
      await Room.update({ optionOf: left.id }, { where: { id: rest }, transaction, silent: true });
    }
    await StoredFile.update({ roomId: left.id }, { where: { roomId: room.id }, transaction });
    await Room.destroy({ where: { id: room.id }, transaction });
    return left.id;
  });
}

async function optionsOf(studioId: string, room: Room, transaction?: Transaction): Promise<Room[]> {
  const first = room.optionOf ?? room.id;
  return Room.findAll({
    where: { studioId, [Op.or]: [{ id: first }, { optionOf: first }] },
    order: [['option', 'ASC']],
    ...(transaction ? { transaction, lock: transaction.LOCK.UPDATE } : {}),
  });
}

/** Does something with a room and its options, all of them locked; null when the room is not the studio's. */
async function withOptions<T>(
  studioId: string,
  roomId: string,
  act: (room: Room, options: Room[], transaction: Transaction) => Promise<T | null>,
): Promise<T | null> {
  const sequelize = await database();
  if (!isUuid(roomId)) return null;
  return sequelize.transaction(async (transaction) => {
    const asked = await Room.findOne({ where: { id: roomId, studioId, removedAt: null }, transaction });
    if (!asked) return null;
    const options = await optionsOf(studioId, asked, transaction);
    const room = options.find(({ id }) => id === roomId);
    return room ? act(room, options, transaction) : null;
  });
}
