import { json } from '@sveltejs/kit';
import { database } from '$server/database';
import { demoMode, demoSignIn, loadDemo } from '$server/demo';
import type { RequestHandler } from './$types';

/** Answers once the database is there and migrated; in demo mode, also once the demo is loaded, and with its sign-in. */
export const GET: RequestHandler = async () => {
  await database();
  if (!demoMode()) return json({ ready: true });
  await loadDemo();
  return json({ ready: true, demo: demoSignIn });
};
