import { drawPlan, formatArea, roomOf, roomShape, writeSvg } from 'goodreach';
import { requirePerson } from '$server/answers';
import { documentOf } from '$server/documents';
import { listJobs } from '$server/rooms';
import type { PageServerLoad } from './$types';

/** Room millimetres per paper millimetre of a thumbnail: line weights and texts stay in proportion to its size. */
const THUMBNAIL_SCALE = 60;

export const load: PageServerLoad = async ({ locals }) => {
  const person = requirePerson(locals);
  const jobs = await listJobs(person);
  const shown = jobs.flatMap(({ rooms }) => rooms.map(({ room }) => room));
  const documents = new Map(
    await Promise.all(shown.map(async (room) => [room.id, await documentOf(room)] as const)),
  );
  return {
    studio: person.studioName,
    jobs: jobs.map(({ job, rooms }) => ({
      id: job.id,
      name: job.name,
      unit: job.unit,
      rooms: rooms.map(({ room: { id, name, revision, updatedAt, option }, options }) => {
        const document = documents.get(id)!;
        return {
          id,
          option: options > 1 ? `option ${option} of ${options}` : '',
          name,
          area: formatArea(roomShape(document).area, roomOf(document).unit),
          revision,
          changed: updatedAt.toISOString(),
          plan: writeSvg(
            drawPlan(document, THUMBNAIL_SCALE, { without: ['dimensions', 'numbers', 'labels'] }),
            THUMBNAIL_SCALE,
            { margin: 2 },
          ),
        };
      }),
    })),
  };
};
