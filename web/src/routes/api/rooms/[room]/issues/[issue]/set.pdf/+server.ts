import { fileName, requireIssue } from '$server/answers';
import type { RequestHandler } from './$types';

/** A set of drawings as it was given out. */
export const GET: RequestHandler = async ({ locals, params }) => {
  const { room, issue } = await requireIssue(locals, params.room, params.issue);
  const name = fileName(`${room.name} issue ${issue.number}`, 'pdf');
  return new Response(issue.pdf as Uint8Array<ArrayBuffer>, {
    headers: { 'content-type': 'application/pdf', 'content-disposition': `inline; filename="${name}"` },
  });
};
