import { error, json } from '@sveltejs/kit';
import { requireRoom } from '$server/answers';
import { MOST_REVISION } from '$server/bodies';
import { pastEdits } from '$server/history';
import type { RequestHandler } from './$types';

/** What was done to the room, the newest first; with `?before=` what was done before that revision. */
export const GET: RequestHandler = async ({ locals, params, url }) => {
  const room = await requireRoom(locals, params.room);
  const before = Number(url.searchParams.get('before') ?? MOST_REVISION);
  if (!Number.isInteger(before) || before < 0 || before > MOST_REVISION)
    error(400, { message: 'Give a revision as ?before=.' });
  return json(await pastEdits(room, before));
};
