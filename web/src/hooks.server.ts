import { randomUUID } from 'node:crypto';
import { error, redirect, type Handle, type HandleServerError } from '@sveltejs/kit';
import pino from 'pino';
import { outcomeFor } from '$lib/outcome';
import { closeDatabase } from '$server/database';
import { closeLive } from '$server/live';
import { SESSION_COOKIE, whoIs } from '$server/sessions';

const log = pino({ level: process.env['LOG_LEVEL'] ?? 'info' });

/** Knows who is asking, keeps pages behind the sign-in, and refuses writes that come from other sites. */
export const handle: Handle = async ({ event, resolve }) => {
  const token = event.cookies.get(SESSION_COOKIE);
  event.locals.person = token ? await whoIs(token) : null;
  const { pathname } = event.url;
  if (pathname.startsWith('/api/')) {
    if (
      !['GET', 'HEAD'].includes(event.request.method) &&
      event.request.headers.get('origin') !== event.url.origin
    ) {
      error(403, { message: 'This write does not come from the program’s own pages.' });
    }
  } else if (!event.locals.person && (pathname.startsWith('/studio') || pathname.startsWith('/rooms'))) {
    redirect(303, '/');
  }
  return outcomeFor(event.request, await resolve(event));
};

/** A defect: logged with an id that the person can quote. */
export const handleError: HandleServerError = ({ error: defect, event, status, message }) => {
  if (status === 404) return { message: 'There is nothing at this address.' };
  if (status < 500) return { message };
  const id = randomUUID().slice(0, 8);
  log.error({ id, err: defect, path: event.url.pathname }, 'defect');
  return { message: 'Something is wrong with the program.', id };
};

// Streams that never end by themselves would keep the server from ending.
for (const signal of ['SIGTERM', 'SIGINT'] as const) process.once(signal, () => void closeLive());
process.once('sveltekit:shutdown', () => void closeDatabase());
