import { error } from '@sveltejs/kit';
import { fileName, requireIssue } from '$server/answers';
import type { RequestHandler } from './$types';

/** The lists for the shop, as they were when a set of drawings was given out. */
export const GET: RequestHandler = async ({ locals, params }) => {
  const { room, issue } = await requireIssue(locals, params.room, params.issue);
  if (!issue.lists)
    error(404, { message: `Issue ${issue.number} was given out before lists were kept with issues.` });
  const name = fileName(`${room.name} issue ${issue.number} shop lists`, 'xlsx');
  return new Response(issue.lists as Uint8Array<ArrayBuffer>, {
    headers: {
      'content-type': 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
      'content-disposition': `attachment; filename="${name}"`,
    },
  });
};
