import { redirect } from '@sveltejs/kit';
import { endSession, SESSION_COOKIE } from '$server/sessions';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = async ({ cookies }) => {
  const token = cookies.get(SESSION_COOKIE);
  if (token) await endSession(token);
  cookies.delete(SESSION_COOKIE, { path: '/' });
  redirect(303, '/');
};
