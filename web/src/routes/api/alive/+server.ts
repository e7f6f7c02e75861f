import { json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** Answers as long as the process does, whatever the database does: where this is silent, it is to be started anew. */
export const GET: RequestHandler = () => json({ alive: true });
