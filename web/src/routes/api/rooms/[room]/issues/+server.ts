import { json } from '@sveltejs/kit';
import { findPage, findScale, findSubject } from 'goodreach';
import { faulty, readJson, refused, requirePerson, requireRoom, requireSheetStyle } from '$server/answers';
import { checkBody, IssueBody } from '$server/bodies';
import { issueRoom, listIssues, MOST_ISSUES } from '$server/issues';
import { answerMade } from '$server/tasks/answer';
import type { RequestHandler } from './$types';

/** What was given out of a room, the first first. */
export const GET: RequestHandler = async ({ locals, params }) =>
  json(await listIssues(await requireRoom(locals, params.room)));

/** Gives the room out as it is saved now: 201 with the issue, 409 where another was made at the same moment. */
export const POST: RequestHandler = async ({ locals, params, request }) => {
  const person = requirePerson(locals);
  const room = await requireRoom(locals, params.room);
  const body = checkBody(IssueBody, await readJson(request));
  if (!body.ok) return faulty(body.faults);
  const { name, show } = body.value;
  const page = findPage(body.value.page);
  if (!page.ok) return refused(page.refusal);
  const scale = findScale(body.value.scale);
  if (!scale.ok) return refused(scale.refusal);
  const subject = findSubject(show);
  if (!subject.ok) return refused(subject.refusal);
  const style = await requireSheetStyle(locals, body.value.style ?? null);
  const wish = {
    ...{ name, subject: subject.value, page: page.value, scale: scale.value },
    ...(style && { style }),
  };
  const issued = await issueRoom(person, room, wish);
  switch (issued.kind) {
    case 'issued':
      return json(issued.issue, { status: 201 });
    case 'overtaken':
      return json(
        { message: 'Somebody issued this room at the same moment. Look at that first.' },
        { status: 409 },
      );
    case 'full':
      return json(
        { message: `A room is issued ${MOST_ISSUES} times at most. Go on in a copy of it.` },
        { status: 422 },
      );
    default:
      return answerMade(issued, {});
  }
};
