import { randomUUID } from 'node:crypto';
import { findRange, roomOf, type Range } from 'goodreach';
import { readRangeCsv, type RangeReport } from 'goodreach/server';
import { database } from './database';
import { documentOf } from './documents';
import { Room, StudioRange, type Job } from './models';
import { isUuid } from './rooms';
import type { SignedIn } from './sessions';

/** The ranges of the studio's own, by name. */
export async function listRanges({ studioId }: SignedIn): Promise<Range[]> {
  await database();
  const rows = await StudioRange.findAll({ where: { studioId }, order: [['name', 'ASC']] });
  return rows.map(({ data }) => data);
}

/**
 * Reads a table and keeps it as a range of the studio; one the studio has under that name already is renewed under its id. A table with
 * a fault keeps nothing. With `tryOnly` it is only read.
 */
export async function importRange(
  { studioId }: SignedIn,
  text: string,
  tryOnly = false,
): Promise<RangeReport> {
  const sequelize = await database();
  const read = readRangeCsv(text, randomUUID());
  if (!read.ok || tryOnly) return read;
  return sequelize.transaction(async (transaction) => {
    const { id, name } = read.range;
    const [row] = await StudioRange.findOrCreate({
      where: { studioId, name },
      defaults: { id, studioId, name, data: read.range },
      transaction,
    });
    const range = { ...read.range, id: row.id };
    await row.update({ data: range }, { transaction });
    return { ...read, range };
  });
}

/** The range a job has chosen: that of its last room, where it is still to be had; null for a job without rooms. */
export async function rangeOfJob(person: SignedIn, { id }: Job): Promise<string | null> {
  await database();
  const where = { jobId: id, studioId: person.studioId, chosen: true };
  const room = await Room.findOne({ where, order: [['createdAt', 'DESC']] });
  const range = room && (await readRange(person, roomOf(await documentOf(room)).range));
  return range?.id ?? null;
}

/** Forgets a range of the studio; false when it is not there. Rooms keep their copies. */
export async function forgetRange({ studioId }: SignedIn, id: string): Promise<boolean> {
  await database();
  return isUuid(id) && (await StudioRange.destroy({ where: { id, studioId } })) > 0;
}

/** A range of the program or of the studio's own; null for any other. */
export async function readRange({ studioId }: SignedIn, id: string): Promise<Range | null> {
  const known = findRange(id);
  if (known) return known;
  await database();
  return isUuid(id) ? ((await StudioRange.findOne({ where: { id, studioId } }))?.data ?? null) : null;
}
