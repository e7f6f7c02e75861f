import { error } from '@sveltejs/kit';
import { fileName, requireRoom } from '$server/answers';
import { findQuote } from '$server/quotes';
import type { RequestHandler } from './$types';

/** A quote as it was sent. */
export const GET: RequestHandler = async ({ locals, params }) => {
  const room = await requireRoom(locals, params.room);
  const quote = await findQuote(room, params.quote);
  if (!quote) error(404, { message: 'There is no quote of this number.' });
  const name = fileName(`${room.name} quote ${quote.number}`, 'pdf');
  return new Response(quote.pdf as Uint8Array<ArrayBuffer>, {
    headers: { 'content-type': 'application/pdf', 'content-disposition': `inline; filename="${name}"` },
  });
};
