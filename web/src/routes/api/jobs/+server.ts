import { json } from '@sveltejs/kit';
import { usualStyle } from 'goodreach';
import { faulty, readJson, requirePerson } from '$server/answers';
import { checkBody, NewJobBody } from '$server/bodies';
import { createJob, listJobs } from '$server/rooms';
import type { RequestHandler } from './$types';

/** The studio's jobs with their rooms. */
export const GET: RequestHandler = async ({ locals }) => {
  const jobs = await listJobs(requirePerson(locals));
  return json(
    jobs.map(({ job: { id, name, unit, step }, rooms }) => ({
      id,
      name,
      unit,
      step,
      rooms: rooms.map(({ room }) => ({ id: room.id, name: room.name, revision: room.revision })),
    })),
  );
};

/** A new job. */
export const POST: RequestHandler = async ({ locals, request }) => {
  const person = requirePerson(locals);
  const body = checkBody(NewJobBody, await readJson(request));
  if (!body.ok) return faulty(body.faults);
  const { name, unit } = body.value;
  const job = await createJob(person, name, unit, usualStyle(unit).step);
  return json({ id: job.id }, { status: 201 });
};
