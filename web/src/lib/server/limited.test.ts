import { describe, expect, it, vi } from 'vitest';
import { limitedBody, limitedForm, limitedPieces } from './limited';

const tooLarge = (bytes: number) => `${bytes} bytes`;
const post = (body: BodyInit, headers: Record<string, string> = {}) =>
  new Request('http://x/', { method: 'POST', body, headers, duplex: 'half' } as RequestInit);

/** A body that says nothing of its length. */
function flowing(part: Uint8Array, count: number) {
  let sent = 0;
  const stream = new ReadableStream<Uint8Array>({
    pull(controller) {
      if (sent === count) return controller.close();
      sent += 1;
      controller.enqueue(part);
    },
  });
  return { request: post(stream as unknown as BodyInit), sent: () => sent };
}

describe('bodies', () => {
  it('are read up to their limit, and byte for byte', async () => {
    const bytes = Uint8Array.from({ length: 100 }, (_, at) => at);
    expect(await limitedBody(post(bytes), 100, tooLarge)).toEqual(bytes);
    expect(await limitedBody(new Request('http://x/', { method: 'POST' }), 100, tooLarge)).toHaveLength(0);
    await expect(limitedBody(post(bytes), 99, tooLarge)).rejects.toMatchObject({ status: 413 });
  });

  it('that say they are longer are not read at all', async () => {
    const request = post('short', { 'content-length': '101' });
    await expect(limitedBody(request, 100, tooLarge)).rejects.toMatchObject({
      status: 413,
      body: { message: '101 bytes' },
    });
    expect(request.bodyUsed).toBe(false);
  });

  it('that go on and on are left at their limit', async () => {
    const endless = flowing(new Uint8Array(10), 1_000_000);
    await expect(limitedBody(endless.request, 100, tooLarge)).rejects.toMatchObject({ status: 413 });
    expect(endless.sent()).toBeLessThan(20);
    expect(await limitedBody(flowing(new Uint8Array(10), 10).request, 100, tooLarge)).toHaveLength(100);
  });
});

describe('bodies taken as they come', () => {
  it('are read to their end also where the rest is not wanted: else who sends them never hears why', async () => {
    const sender = flowing(new Uint8Array(10), 9);
    for await (const piece of limitedPieces(sender.request, 100, tooLarge)) {
      expect(piece).toHaveLength(10);
      break;
    }
    await vi.waitFor(() => expect(sender.sent()).toBe(9), 60_000);
    const endless = flowing(new Uint8Array(10), 1_000_000);
    for await (const _ of limitedPieces(endless.request, 100, tooLarge)) break;
    await new Promise((resolve) => setTimeout(resolve, 50));
    expect(endless.sent()).toBeLessThan(20);
  });
});

describe('forms', () => {
  it('are read as they are sent', async () => {
    expect(await limitedForm(post(new URLSearchParams({ email: 'a@b', password: 'ü' })), 100)).toEqual({
      email: 'a@b',
      password: 'ü',
    });
    const form = new FormData();
    form.set('email', 'a@b');
    form.set('file', new Blob(['x']), 'x.txt');
    expect(await limitedForm(post(form), 1_000)).toEqual({ email: 'a@b' });
  });

  it('that are none are told apart, those too long refused', async () => {
    const broken = post('--x\r\nno form', { 'content-type': 'multipart/form-data; boundary=y' });
    expect(await limitedForm(broken, 100)).toBeNull();
    expect(await limitedForm(post('a=1', { 'content-type': 'text/plain' }), 100)).toBeNull();
    await expect(limitedForm(post(new URLSearchParams({ a: 'x'.repeat(100) })), 100)).rejects.toMatchObject({
      status: 413,
    });
  });
});
