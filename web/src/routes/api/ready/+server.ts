import { json } from '@sveltejs/kit';
import { database } from '$server/database';
import { demoMode, demoLoaded, demoSignIn } from '$server/demo';
import type { RequestHandler } from './$types';

/** Answers 200 while the database is there, migrated, and answers; else 503, and nobody is to be sent here. In demo mode once the demo is loaded, and with its sign-in. */
export const GET: RequestHandler = async () => {
  await (await database()).query('select 1');
  if (!demoMode()) return json({ ready: true });
  await demoLoaded();
  return json({ ready: true, demo: demoSignIn });
};
