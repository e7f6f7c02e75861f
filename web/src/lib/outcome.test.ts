import { afterEach, describe, expect, it, vi } from 'vitest';
import { askServer, outcomeFor } from './outcome';

/** A server that answers with a status, as the hook would give it to the one who asks. */
function answering(status: number) {
  vi.stubGlobal('fetch', (url: string, init: RequestInit) =>
    Promise.resolve(
      outcomeFor(new Request(`http://here${url}`, init), Response.json({ message: 'Why not.' }, { status })),
    ),
  );
}
afterEach(() => vi.unstubAllGlobals());

describe('an expected refusal', () => {
  it('is no failed request for a page, which still learns of it', async () => {
    for (const status of [200, 201, 400, 401, 408, 409, 410, 421, 422, 423, 500]) {
      answering(status);
      const carried = await fetch('/api', { headers: { 'goodreach-page': 'yes' } });
      expect(carried.status).toBe(status === 409 || status === 422 ? 200 : status);
      const answer = await askServer('/api', { headers: { 'content-type': 'text/plain' } });
      expect([answer.status, answer.ok]).toEqual([status, status < 300]);
      expect(await answer.json()).toEqual({ message: 'Why not.' });
    }
  });

  it('is its own status for everyone else', () => {
    const request = new Request('http://here/api');
    expect(outcomeFor(request, Response.json({}, { status: 409 })).status).toBe(409);
  });

  it('keeps what was asked with', async () => {
    let asked: Headers | null = null;
    vi.stubGlobal('fetch', (_: string, { headers }: { headers: Headers }) => {
      asked = headers;
      return Promise.resolve(Response.json({}));
    });
    await askServer('/api', { headers: { 'x-file-name': 'a' } });
    expect(asked!.get('x-file-name')).toBe('a');
  });
});
