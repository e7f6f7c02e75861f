import type { Design, LengthUnit } from 'goodreach';
import { database } from './database';
import { addRoom } from './documents';
import { Job, Room } from './models';
import type { SignedIn } from './sessions';

export async function findRoom({ studioId }: SignedIn, id: string): Promise<Room | null> {
  await database();
  return isUuid(id) ? Room.findOne({ where: { id, studioId } }) : null;
}

export async function findJob({ studioId }: SignedIn, id: string): Promise<Job | null> {
  await database();
  return isUuid(id) ? Job.findOne({ where: { id, studioId } }) : null;
}

/** The jobs of the studio with their rooms: of each room the option that is chosen, and how many it has. */
export async function listJobs({
  studioId,
}: SignedIn): Promise<{ job: Job; rooms: { room: Room; options: number }[] }[]> {
  await database();
  const jobs = await Job.findAll({
    where: { studioId },
    order: [
      ['createdAt', 'ASC'],
      ['name', 'ASC'],
    ],
  });
  const rooms = await Room.findAll({ where: { studioId }, order: [['createdAt', 'ASC']] });
  const first = ({ id, optionOf }: Room) => optionOf ?? id;
  const listed = rooms
    .filter(({ chosen }) => chosen)
    .map((room) => ({ room, options: rooms.filter((one) => first(one) === first(room)).length }))
    .sort((a, b) => createdOf(a.room) - createdOf(b.room));
  return jobs.map((job) => ({ job, rooms: listed.filter(({ room }) => room.jobId === job.id) }));

  /** An option stands where the room it was made from stood. */
  function createdOf(room: Room): number {
    return (rooms.find(({ id }) => id === first(room)) ?? room).createdAt.getTime();
  }
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

/** Adds a room to a job of the studio; the document must have been checked. */
export async function createRoom({ studioId }: SignedIn, job: Job, document: Design): Promise<Room> {
  const sequelize = await database();
  return sequelize.transaction((transaction) => addRoom({ studioId, jobId: job.id }, document, transaction));
}

export function isUuid(text: string): boolean {
  return /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i.test(text);
}
