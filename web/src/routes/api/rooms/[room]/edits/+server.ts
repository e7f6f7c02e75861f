import { error, json } from '@sveltejs/kit';
import { faulty, readJson, refused, requirePerson, requireRoom } from '$server/answers';
import { checkBody, MOST_REVISION, SaveBody } from '$server/bodies';
import { editsSince } from '$server/history';
import { saveEdits } from '$server/saving';
import type { RequestHandler } from './$types';

/** The edits after a revision (`?since=`). */
export const GET: RequestHandler = async ({ locals, params, url }) => {
  const room = await requireRoom(locals, params.room);
  const since = Number(url.searchParams.get('since') ?? 0);
  if (!Number.isInteger(since) || since < 0 || since > MOST_REVISION)
    error(400, { message: 'since must be a revision number, 0 or more.' });
  const edits = await editsSince(room.id, since);
  // Edits may have come in after the room was read: the revision is that of the last that is told.
  return json({ revision: edits.at(-1)?.revision ?? room.revision, edits });
};

/** Saves edits on a base revision: 200 with the new revision, 409 with the edits since, 422 when refused. */
export const POST: RequestHandler = async ({ locals, params, request }) => {
  const person = requirePerson(locals);
  const body = checkBody(SaveBody, await readJson(request));
  if (!body.ok) return faulty(body.faults);
  const outcome = await saveEdits(person, params.room, body.value);
  switch (outcome.kind) {
    case 'saved':
      return json({ revision: outcome.revision });
    case 'stale': {
      const message = `The room is at revision ${outcome.revision} by now; this save starts from ${body.value.baseRevision}.`;
      return json(
        { code: 'stale', revision: outcome.revision, since: outcome.since, message },
        { status: 409 },
      );
    }
    case 'refused':
      return refused(outcome.refusal, { edit: outcome.edit });
    case 'reused': {
      const { edit } = outcome;
      const message = `Another edit is saved under the id ${edit}. Give this one an id of its own.`;
      return json({ code: 'edit-reused', edit, message }, { status: 409 });
    }
    case 'missing':
      error(404, { message: 'This room is not in your studio, or it was removed.' });
  }
};
