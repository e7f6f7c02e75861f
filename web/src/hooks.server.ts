import { randomUUID } from 'node:crypto';
import { pathToFileURL } from 'node:url';
import { setFlagsFromString } from 'node:v8';
import { json, type Handle, type HandleServerError, type ServerInit } from '@sveltejs/kit';
import pino from 'pino';
import { dev } from '$app/environment';
import { outcomeFor } from '$lib/outcome';
import { closeDatabase } from '$server/database';
import { guarded, isOwn, needsSignIn } from '$server/guard';
import { countAnswer } from '$server/metrics';
import { stopListening } from '$server/listening';
import { closeLive } from '$server/live';
import { SESSION_COOKIE, whoIs } from '$server/sessions';
import { isUnavailable, RETRY_AFTER, UNAVAILABLE } from '$server/unavailable';

const log = pino({ level: process.env['LOG_LEVEL'] ?? 'info' });

/** Every answer is told in the log, in a line: what was asked for by its route, how it ended, and by whom; nothing of what was sent. */
export const handle: Handle = async (asked) => {
  const { event } = asked;
  const start = performance.now();
  event.locals.id = requestId(event.request.headers.get('x-request-id'));
  let answer: Response | undefined;
  try {
    answer = await guardedAnswer(asked);
    answer.headers.set('x-request-id', event.locals.id);
    return answer;
  } finally {
    const ms = performance.now() - start;
    const [route, { method }] = [event.route.id, event.request];
    const status = answer?.status ?? 500;
    countAnswer(route, method, status, ms);
    const person = event.locals.person?.personId;
    log.info({ id: event.locals.id, route, method, status, ms: Math.round(ms), person }, 'answer');
  }
};

/** The id of a request, as whoever passed it on has named it, or one of our own. */
function requestId(given: string | null): string {
  return given !== null && /^[\w-]{1,64}$/.test(given) ? given : randomUUID().slice(0, 8);
}

/** Every answer is guarded, and one that the database had no time for says so. */
const guardedAnswer: Handle = async ({ event, resolve }) => {
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
  if (!event.locals.person && needsSignIn(event.route.id))
    return new Response(null, { status: 303, headers: { location: '/' } });
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
  const { id } = event.locals;
  log.error({ id, err: defect, route: event.route.id }, 'defect');
  return { message: 'Something is wrong with the program.', id };
};

/** What answers people lets so much more come to what it holds before it looks through all of it, percent: that keeps people waiting, and came every few seconds when it was left to itself. */
const GROWING = 150;

/** One build has several roles: it answers people, does tasks in a process of its own, is a thread of that, or makes a studio. */
export const init: ServerInit = async () => {
  const role = process.env['GOODREACH_ROLE'];
  if (role === undefined) setFlagsFromString(`--heap-growing-percent=${GROWING}`);
  if (role === undefined && !dev) return;
  const { beThread, beWorker, makeStudio, workHere } = await import('$server/tasks/roles');
  if (role === undefined) workHere(log);
  else if (role === 'thread') beThread();
  else if (role === 'studio') process.exit(await makeStudio(process.env['GOODREACH_STUDIO'] ?? ''));
  else beWorker(pathToFileURL(process.argv[1]!), log);
};

// Streams that never end by themselves would keep the server from ending.
for (const signal of ['SIGTERM', 'SIGINT'] as const) process.once(signal, () => closeLive());
process.once('sveltekit:shutdown', () => void stopListening().then(closeDatabase));
