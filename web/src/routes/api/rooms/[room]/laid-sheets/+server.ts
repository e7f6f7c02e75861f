import { json } from '@sveltejs/kit';
import { readLaidSheets } from 'goodreach';
import { faulty, readJson, refused, requirePerson, requireRoom } from '$server/answers';
import { checkBody, LaidSheetsBody } from '$server/bodies';
import { keepLaidSheets, laidSheets } from '$server/laid-sheets';
import type { RequestHandler } from './$types';

/** How the parts of the room were laid on sheets last; null where they never were. */
export const GET: RequestHandler = async ({ locals, params }) =>
  json({ kept: await laidSheets(await requireRoom(locals, params.room)) });

/** Keeps them, if nobody has kept others since the revision they were made from: else 409 with those. */
export const PUT: RequestHandler = async ({ locals, params, request }) => {
  const person = requirePerson(locals);
  const room = await requireRoom(locals, params.room);
  const said = await readJson(request);
  const { book, ...rest } = Object(said) as { book?: unknown };
  const body = checkBody(LaidSheetsBody, rest);
  if (!body.ok) return faulty(body.faults);
  const sheets = readLaidSheets(book);
  if (!sheets.ok) return refused(sheets.refusal);
  const kept = await keepLaidSheets(person, room, { sheets: sheets.value, revision: body.value.revision });
  if (kept.kind === 'kept') return json({ kept: kept.sheets });
  const message = `${kept.sheets?.keptBy ?? 'Somebody'} has laid out the sheets of this room since.`;
  return json({ message, kept: kept.sheets }, { status: 409 });
};
