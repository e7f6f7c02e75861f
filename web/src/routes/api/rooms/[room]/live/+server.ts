import { error } from '@sveltejs/kit';
import { faulty, readJson, requirePerson, requireRoom } from '$server/answers';
import { checkBody, HereBody } from '$server/bodies';
import { choose, join, type Told } from '$server/live';
import { isUuid } from '$server/rooms';
import type { RequestHandler } from './$types';

/** A line is sent so often, ms, so that nothing between takes the stream for dead. */
const BEAT = 20_000;
/** The stream ends after this, ms; the page asks anew, and is asked again who it is. */
const LIFE = 600_000;

/** What goes on in a room, as it goes on: what is saved, and who is here (server-sent events). `?tab=` names the page that asks. */
export const GET: RequestHandler = async ({ locals, params, url }) => {
  const who = requirePerson(locals);
  const room = await requireRoom(locals, params.room);
  const tab = url.searchParams.get('tab') ?? '';
  if (!isUuid(tab)) error(400, { message: 'tab must be the id of the page that asks.' });
  let end: (byPage?: 'by page') => void = () => {};
  const stream = new ReadableStream<string>({
    async start(controller) {
      let isOver = false;
      let leave = () => {};
      const write = (text: string) => {
        if (!isOver) controller.enqueue(text);
      };
      const send = (told: Told) => write(`data: ${JSON.stringify(told)}\n\n`);
      const beat = setInterval(() => write(': still here\n\n'), BEAT);
      const life = setTimeout(() => end(), LIFE);
      end = (byPage) => {
        if (isOver) return;
        isOver = true;
        clearInterval(beat);
        clearTimeout(life);
        leave();
        if (!byPage) controller.close();
      };
      write('retry: 1000\n\n');
      const person = { id: who.personId, name: who.personName };
      const client = { room: room.id, tab, person, chosen: [], send, end: () => end() };
      const joined = await join(client).catch(() => null);
      // The page may have gone before it had joined; where it can't join, it asks again.
      if (isOver) joined?.leave();
      else if (!joined) end();
      else {
        leave = joined.leave;
        // What was saved since the page was read, and before it listened.
        send({ of: 'saved', room: room.id, revision: room.revision });
      }
    },
    cancel: () => end('by page'),
  });
  return new Response(stream.pipeThrough(new TextEncoderStream()), {
    headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store', 'x-accel-buffering': 'no' },
  });
};

/** Says what the person has chosen. */
export const POST: RequestHandler = async ({ locals, params, request }) => {
  const person = requirePerson(locals);
  const body = checkBody(HereBody, await readJson(request));
  if (!body.ok) return faulty(body.faults);
  const room = await requireRoom(locals, params.room);
  const { tab, chosen } = body.value;
  await choose(room.id, { tab, chosen, person: { id: person.personId, name: person.personName } });
  return new Response(null, { status: 204 });
};
