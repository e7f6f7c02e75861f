import { json } from '@sveltejs/kit';
import { findPage } from 'goodreach';
import { faulty, readJson, refused, requirePerson, requireRoom, requireSheetStyle } from '$server/answers';
import { checkBody, QuoteBody } from '$server/bodies';
import { listQuotes, MOST_QUOTES, quoteRoom } from '$server/quotes';
import { answerMade } from '$server/tasks/answer';
import type { RequestHandler } from './$types';

/** What clients were quoted for a room, the first first. */
export const GET: RequestHandler = async ({ locals, params }) =>
  json(await listQuotes(await requireRoom(locals, params.room)));

/** Quotes the room as it is saved now: 201 with the quote, 409 where another was made at the same moment. */
export const POST: RequestHandler = async ({ locals, params, request }) => {
  const person = requirePerson(locals);
  const room = await requireRoom(locals, params.room);
  const body = checkBody(QuoteBody, await readJson(request));
  if (!body.ok) return faulty(body.faults);
  const { style: styleId, page, ...terms } = body.value;
  const found = findPage(page);
  if (!found.ok) return refused(found.refusal);
  const style = await requireSheetStyle(locals, styleId ?? null);
  const quoted = await quoteRoom(person, room, { terms, page, ...(style && { style }) });
  switch (quoted.kind) {
    case 'quoted':
      return json(quoted.quote, { status: 201 });
    case 'overtaken':
      return json(
        { message: 'Somebody quoted this room at the same moment. Look at that first.' },
        { status: 409 },
      );
    case 'full':
      return json(
        { message: `A room is quoted ${MOST_QUOTES} times at most. Go on in a copy of it.` },
        { status: 422 },
      );
    default:
      return answerMade(quoted, {});
  }
};
