import { error } from '@sveltejs/kit';
import { rangeCsv } from 'goodreach/server';
import { fileName, requirePerson } from '$server/answers';
import { forgetRange, readRange } from '$server/ranges';
import type { RequestHandler } from './$types';

/** A range as a table (CSV). */
export const GET: RequestHandler = async ({ locals, params }) => {
  const range = await readRange(requirePerson(locals), params.range);
  if (!range) error(404, { message: 'This range is not in your studio.' });
  return new Response(rangeCsv(range), {
    headers: {
      'content-type': 'text/csv; charset=utf-8',
      'content-disposition': `attachment; filename="${fileName(range.name, 'csv')}"`,
    },
  });
};

/** Forgets a range of the studio's own; rooms keep what they have of it. */
export const DELETE: RequestHandler = async ({ locals, params }) => {
  if (!(await forgetRange(requirePerson(locals), params.range)))
    error(404, { message: 'This range is not in your studio.' });
  return new Response(null, { status: 204 });
};
