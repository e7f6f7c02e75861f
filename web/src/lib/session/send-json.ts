import { askServer } from '../outcome';

/** What a server route answered: its value, or a sentence saying what is wrong and how to mend it. */
export type Answer<T> = { ok: true; value: T } | { ok: false; status: number; message: string };

/** Posts JSON to a route of our own. */
export function postJson<T>(url: string, body: unknown): Promise<Answer<T>> {
  return sendJson<T>('POST', url, body);
}

/** Sends JSON to a route of our own, or nothing with a removal; little of it also where the page is left at once (`lasting`). */
export async function sendJson<T>(
  method: 'DELETE' | 'PATCH' | 'POST' | 'PUT',
  url: string,
  body?: unknown,
  { lasting = false }: { lasting?: boolean } = {},
): Promise<Answer<T>> {
  try {
    const answer = await askServer(url, {
      method,
      headers: { 'content-type': 'application/json' },
      keepalive: lasting,
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    });
    const text = await answer.text();
    const value = (text === '' ? null : JSON.parse(text)) as T & { message?: string };
    if (answer.ok) return { ok: true, value };
    return {
      ok: false,
      status: answer.status,
      message: value?.message ?? 'The server refuses this. Check what you typed.',
    };
  } catch {
    return {
      ok: false,
      status: 0,
      message: 'No connection to the server. Try again when it is back; nothing was changed.',
    };
  }
}
