import { json } from '@sveltejs/kit';
import { requirePerson } from '$server/answers';
import { listRemoved } from '$server/removed';
import type { RequestHandler } from './$types';

/** What was removed and can be taken back. */
export const GET: RequestHandler = async ({ locals }) => json(await listRemoved(requirePerson(locals)));
