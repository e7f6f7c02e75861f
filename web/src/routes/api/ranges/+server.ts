import { json } from '@sveltejs/kit';
import { faulty, readJson, requirePerson } from '$server/answers';
import { checkBody, TableBody } from '$server/bodies';
import { importRange, listRanges } from '$server/ranges';
import type { RequestHandler } from './$types';

/** The ranges of the studio's own. */
export const GET: RequestHandler = async ({ locals }) => json(await listRanges(requirePerson(locals)));

/** Imports a table as a range of the studio: the report, with 422 and nothing kept where it has faults. */
export const POST: RequestHandler = async ({ locals, request }) => {
  const person = requirePerson(locals);
  const body = checkBody(TableBody, await readJson(request));
  if (!body.ok) return faulty(body.faults);
  const report = await importRange(person, body.value.csv, body.value.tryOnly);
  return json(report, { status: report.ok ? (body.value.tryOnly ? 200 : 201) : 422 });
};
