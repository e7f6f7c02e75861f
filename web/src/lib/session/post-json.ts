/** What a server route answered: its value, or a sentence saying what is wrong and how to mend it. */
export type Answer<T> = { ok: true; value: T } | { ok: false; status: number; message: string };

/** Posts JSON to a route of our own. */
export async function postJson<T>(url: string, body: unknown): Promise<Answer<T>> {
  try {
    const answer = await fetch(url, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
    const value = (await answer.json()) as T & { message?: string };
    if (answer.ok) return { ok: true, value };
    return {
      ok: false,
      status: answer.status,
      message: value.message ?? 'The server refuses this. Check what you typed.',
    };
  } catch {
    return {
      ok: false,
      status: 0,
      message: 'No connection to the server. Try again when it is back; nothing was changed.',
    };
  }
}
