import type { Design, LengthUnit } from 'goodreach';
import { database } from './database';
import { addRoom } from './documents';
import { withKeptConstructions } from './constructions';
import { withKeptLimits } from './limits';
import { Job, Room } from './models';
import type { SignedIn } from './sessions';

/** A room of the studio that is not removed. */
export async function findRoom({ studioId }: SignedIn, id: string): Promise<Room | null> {
  await database();
  return isUuid(id) ? Room.findOne({ where: { id, studioId, removedAt: null } }) : null;
}

/** A job of the studio that is not removed. */
export async function findJob({ studioId }: SignedIn, id: string): Promise<Job | null> {
  await database();
  return isUuid(id) ? Job.findOne({ where: { id, studioId, removedAt: null } }) : null;
}

export async function createJob(
  { studioId }: SignedIn,
  name: string,
  unit: LengthUnit,
  step: number,
): Promise<Job> {
  await database();
  return Job.create({ studioId, name: name.trim(), unit, step });
}

/** Adds a room to a job of the studio, with the limits that job and studio ask for and how they build; the document must have been checked. */
export async function createRoom({ studioId }: SignedIn, job: Job, document: Design): Promise<Room> {
  const sequelize = await database();
  const own = await withKeptConstructions(await withKeptLimits(document, job), job);
  return sequelize.transaction((transaction) => addRoom({ studioId, jobId: job.id }, own, transaction));
}

export function isUuid(text: string): boolean {
  return /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i.test(text);
}
