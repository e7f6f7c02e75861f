import { requirePerson, requireRoom } from '$server/answers';
import { documentOf } from '$server/documents';
import { lastEdits } from '$server/history';
import { studioLimits } from '$server/limits';
import { Job } from '$server/models';
import { listOptions } from '$server/options';
import { listFinishes } from '$server/finishes';
import { listObjects } from '$server/objects';
import { listRanges } from '$server/ranges';
import { listOpeningKinds } from '$server/opening-kinds';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => {
  const person = requirePerson(locals);
  const room = await requireRoom(locals, params.room);
  const [job, edits, openingKinds, ranges, finishes, objects, options, document] = await Promise.all([
    Job.findByPk(room.jobId),
    lastEdits(room),
    listOpeningKinds(person),
    listRanges(person),
    listFinishes(person),
    listObjects(person),
    listOptions(person, room),
    documentOf(room),
  ]);
  const names = { jobName: job?.name ?? '', jobFields: job?.fields ?? {}, studioName: person.studioName };
  const limits = { job: job?.limits ?? [], studio: await studioLimits(person), jobId: room.jobId };
  const { id: roomId, revision } = room;
  const { personId, personName } = person;
  return {
    ...{ roomId, personId, personName, ...names, revision, document, edits },
    ...{ limits, openingKinds, ranges, finishes, objects, options },
  };
};
