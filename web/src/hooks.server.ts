import { randomUUID } from 'node:crypto';
import { pathToFileURL } from 'node:url';
import { json, redirect, type Handle, type HandleServerError, type ServerInit } from '@sveltejs/kit';
import pino from 'pino';
import { dev } from '$app/environment';
import { outcomeFor } from '$lib/outcome';
import { closeDatabase } from '$server/database';
import { guarded, isOwn, needsSignIn } from '$server/guard';
import { stopListening } from '$server/listening';
import { closeLive } from '$server/live';
import { SESSION_COOKIE, whoIs } from '$server/sessions';
import { isUnavailable, RETRY_AFTER, UNAVAILABLE } from '$server/unavailable';

const log = pino({ level: process.env['LOG_LEVEL'] ?? 'info' });

/** Every answer is guarded, and one that the database had no time for says so. */
export const handle: Handle = async ({ event, resolve }) => {
  const answer = await answered(event, resolve).catch((error: unknown) => {
    if (!isUnavailable(error)) throw error;
    event.locals.unavailable = true;
    return json({ message: UNAVAILABLE }, { status: 503 });
  });
  const outcome = guarded(outcomeFor(event.request, answer), event.url);
  if (!event.locals.unavailable) return outcome;
  outcome.headers.set('retry-after', String(RETRY_AFTER));
  return new Response(outcome.body, { status: 503, headers: outcome.headers });
};

/** Refuses what changes something and comes from other sites, knows who is asking, and keeps pages behind the sign-in. */
async function answered(...[event, resolve]: AnsweredBy): Promise<Response> {
  event.locals.unavailable = false;
  event.locals.person = null;
  if (!isOwn(event))
    return json({ message: 'This write does not come from the program’s own pages.' }, { status: 403 });
  const token = event.cookies.get(SESSION_COOKIE);
  if (token) event.locals.person = await whoIs(token);
  if (!event.locals.person && needsSignIn(event.route.id)) redirect(303, '/');
  return resolve(event);
}
type AnsweredBy = [Parameters<Handle>[0]['event'], Parameters<Handle>[0]['resolve']];

/** A defect: logged with an id that the person can quote. */
export const handleError: HandleServerError = ({ error: defect, event, status, message }) => {
  if (status === 404) return { message: 'There is nothing at this address.' };
  if (status < 500) return { message };
  if (isUnavailable(defect)) {
    event.locals.unavailable = true;
    return { message: UNAVAILABLE };
  }
  const id = randomUUID().slice(0, 8);
  log.error({ id, err: defect, path: event.url.pathname }, 'defect');
  return { message: 'Something is wrong with the program.', id };
};

/** One build has several roles: it answers people, does tasks in a process of its own, or is a thread of that. */
export const init: ServerInit = async () => {
  const role = process.env['GOODREACH_ROLE'];
  if (role === undefined && !dev) return;
  const { beThread, beWorker, workHere } = await import('$server/tasks/roles');
  if (role === undefined) workHere(log);
  else if (role === 'thread') beThread();
  else beWorker(pathToFileURL(process.argv[1]!), log);
};

// Streams that never end by themselves would keep the server from ending.
for (const signal of ['SIGTERM', 'SIGINT'] as const) process.once(signal, () => closeLive());
process.once('sveltekit:shutdown', () => void stopListening().then(closeDatabase));
