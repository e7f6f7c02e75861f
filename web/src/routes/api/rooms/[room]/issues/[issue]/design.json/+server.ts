import { writeDesignJson } from 'goodreach/server';
import { fileName, requireIssue } from '$server/answers';
import type { RequestHandler } from './$types';

/** The design that an issue was made of. */
export const GET: RequestHandler = async ({ locals, params }) => {
  const { room, issue } = await requireIssue(locals, params.room, params.issue);
  const name = fileName(`${room.name} issue ${issue.number}`, 'json');
  return new Response(writeDesignJson(issue.document), {
    headers: { 'content-type': 'application/json', 'content-disposition': `attachment; filename="${name}"` },
  });
};
