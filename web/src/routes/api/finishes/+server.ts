import { json } from '@sveltejs/kit';
import { requirePerson } from '$server/answers';
import { listFinishes } from '$server/finishes';
import { keptFinish } from '$server/finish-answers';
import type { RequestHandler } from './$types';

/** The finishes of the studio's own. */
export const GET: RequestHandler = async ({ locals }) => json(await listFinishes(requirePerson(locals)));

/** Keeps another finish. */
export const POST: RequestHandler = ({ locals, request }) => keptFinish(requirePerson(locals), request);
