import { error } from '@sveltejs/kit';
import type { LengthStyle } from 'goodreach';
import { refused } from '../answers';
import type { Asked } from './ask';

/** What a task made, as an answer; or what is to be said where it made nothing. */
export function answerMade(asked: Asked, headers: Record<string, string>, style?: LengthStyle): Response {
  switch (asked.kind) {
    case 'made':
      return new Response(asked.bytes as Uint8Array<ArrayBuffer>, {
        headers: { 'content-type': asked.type, ...headers },
      });
    case 'refused':
      return refused(asked.refusal, style ? { style } : {});
    case 'slow':
      return later(503, 'This takes longer than usual and goes on. Ask for it again in a moment.', 5);
    case 'crowded':
      return later(429, 'Your studio has asked for much at once. Wait until some of it is done.', 10);
    case 'failed':
      error(500, { message: 'This could not be made. Try again; if it stays so, report it.' });
  }
}

function later(status: number, message: string, seconds: number): Response {
  return Response.json({ message }, { status, headers: { 'retry-after': String(seconds) } });
}
