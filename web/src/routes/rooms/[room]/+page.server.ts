import { error } from '@sveltejs/kit';
import { requirePerson } from '$server/answers';
import { Job } from '$server/models';
import { listOptions } from '$server/options';
import { listRanges } from '$server/ranges';
import { listOpeningKinds } from '$server/opening-kinds';
import { findRoom, lastEdits } from '$server/rooms';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => {
  const person = requirePerson(locals);
  const room = await findRoom(person, params.room);
  if (!room) error(404, { message: 'This room is not in your studio.' });
  const job = await Job.findByPk(room.jobId);
  const edits = await lastEdits(room);
  const openingKinds = await listOpeningKinds(person);
  const ranges = await listRanges(person);
  const options = await listOptions(person, room);
  const names = { jobName: job?.name ?? '', studioName: person.studioName };
  const { id: roomId, revision, document } = room;
  const { personId } = person;
  return { roomId, personId, ...names, revision, document, edits, openingKinds, ranges, options };
};
