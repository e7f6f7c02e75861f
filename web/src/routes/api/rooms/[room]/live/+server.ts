import { error } from '@sveltejs/kit';
import { faulty, readJson, requirePerson } from '$server/answers';
import { checkBody, HereBody } from '$server/bodies';
import { choose, join, type Told } from '$server/live';
import { findRoom, isUuid } from '$server/rooms';
import type { RequestHandler } from './$types';

/** A line is sent so often, ms, so that nothing between takes the stream for dead. */
const BEAT = 20_000;
/** The stream ends after this, ms; the page asks anew, and is asked again who it is. */
const LIFE = 600_000;

/** What goes on in a room, as it goes on: what is saved, and who is here (server-sent events). `?tab=` names the page that asks. */
export const GET: RequestHandler = async ({ locals, params, url }) => {
  const who = requirePerson(locals);
  const room = await findRoom(who, params.room);
  if (!room) error(404, { message: 'This room is not in your studio.' });
  const tab = url.searchParams.get('tab') ?? '';
  if (!isUuid(tab)) error(400, { message: 'tab must be the id of the page that asks.' });
  let end = () => {};
  const stream = new ReadableStream<string>({
    async start(controller) {
      const write = (text: string) => {
        try {
          controller.enqueue(text);
        } catch {
          end();
        }
      };
      const send = (told: Told) => write(`data: ${JSON.stringify(told)}\n\n`);
      const beat = setInterval(() => write(': still here\n\n'), BEAT);
      const life = setTimeout(() => end(), LIFE);
      write('retry: 1000\n\n');
      const person = { id: who.personId, name: who.personName };
      const client = { room: room.id, tab, person, chosen: [], send, end: () => end() };
      const { leave } = await join(client);
      end = () => {
        end = () => {};
        clearInterval(beat);
        clearTimeout(life);
        leave();
        try {
          controller.close();
        } catch {
          // The page went first.
        }
      };
      // What was saved since the page was read, and before it listened.
      send({ of: 'saved', room: room.id, revision: room.revision });
    },
    cancel: () => end(),
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
  const room = await findRoom(person, params.room);
  if (!room) error(404, { message: 'This room is not in your studio.' });
  const { tab, chosen } = body.value;
  await choose(room.id, { tab, chosen, person: { id: person.personId, name: person.personName } });
  return new Response(null, { status: 204 });
};
