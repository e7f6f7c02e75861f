import { json } from '@sveltejs/kit';
import { usualStyle } from 'goodreach';
import { faulty, readJson, requirePerson } from '$server/answers';
import { checkBody, NewJobBody } from '$server/bodies';
import { askedFor, listJobs } from '$server/listing';
import { createJob } from '$server/rooms';
import type { RequestHandler } from './$types';

/** A page of the studio's jobs with their first rooms, the one last worked in first; `?page=`, `?find=` and `?job=` ask for others. */
export const GET: RequestHandler = async ({ locals, url }) =>
  json(await listJobs(requirePerson(locals), askedFor(url)));

/** A new job. */
export const POST: RequestHandler = async ({ locals, request }) => {
  const person = requirePerson(locals);
  const body = checkBody(NewJobBody, await readJson(request));
  if (!body.ok) return faulty(body.faults);
  const { name, unit } = body.value;
  const job = await createJob(person, name, unit, usualStyle(unit).step);
  return json({ id: job.id }, { status: 201 });
};
