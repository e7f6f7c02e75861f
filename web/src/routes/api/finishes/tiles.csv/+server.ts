import { json } from '@sveltejs/kit';
import { tileCsv } from 'goodreach/server';
import { faulty, readJson, requirePerson } from '$server/answers';
import { checkBody, TableBody } from '$server/bodies';
import { listFinishes } from '$server/finishes';
import { importTiles } from '$server/tile-table';
import type { RequestHandler } from './$types';

/** The tiles of the studio's own as a table. */
export const GET: RequestHandler = async ({ locals }) =>
  new Response(tileCsv(await listFinishes(requirePerson(locals))), {
    headers: {
      'content-type': 'text/csv; charset=utf-8',
      'content-disposition': 'attachment; filename="tiles.csv"',
    },
  });

/** Keeps the tiles of a table: the report, with 422 and nothing kept where it has faults. */
export const POST: RequestHandler = async ({ locals, request }) => {
  const person = requirePerson(locals);
  const body = checkBody(TableBody, await readJson(request));
  if (!body.ok) return faulty(body.faults);
  const report = await importTiles(person, body.value.csv, body.value.tryOnly);
  return json(report, { status: report.ok ? (body.value.tryOnly ? 200 : 201) : 422 });
};
