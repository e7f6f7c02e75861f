import { describe, expect, it } from 'vitest';
import { guarded, isOwn, needsSignIn } from './guard';

const asked = (method: string, origin?: string, address = 'http://studio.example/%61pi/rooms') => ({
  url: new URL(address),
  request: new Request(address, { method, headers: origin ? { origin } : {} }),
});

describe('what changes something', () => {
  it.each([
    ['POST', 'http://studio.example', true],
    ['POST', 'https://studio.example', false],
    ['POST', 'http://studio.example:81', false],
    ['POST', 'http://other.example', false],
    ['POST', 'null', false],
    ['POST', undefined, false],
    ['PUT', undefined, false],
    ['PATCH', undefined, false],
    ['DELETE', 'http://other.example', false],
    ['GET', undefined, true],
    ['GET', 'http://other.example', true],
    ['HEAD', undefined, true],
    ['OPTIONS', 'http://other.example', true],
  ])('comes from our own pages: %s from %s', (method, origin, own) =>
    expect(isOwn(asked(method, origin))).toBe(own),
  );
});

it.each([
  ['/studio', true],
  ['/studio/jobs/[job]/new-room', true],
  ['/rooms/[room]', true],
  ['/studios', false],
  ['/', false],
  ['/api/rooms/[room]', false],
  [null, false],
])('sends those who are not signed in away from %s: %s', (route, needs) =>
  expect(needsSignIn(route)).toBe(needs),
);

describe('answers', () => {
  const page = (headers: Record<string, string> = {}) =>
    new Response('<p>', { headers: { 'content-type': 'text/html; charset=utf-8', ...headers } });
  const data = (headers: Record<string, string> = {}) =>
    new Response('{}', { status: 201, headers: { 'content-type': 'application/json', ...headers } });
  const [plain, secure] = [new URL('http://studio.example/'), new URL('https://studio.example/')];

  it('are taken for what they say they are, shown in no other page, and kept by nobody', () => {
    for (const answer of [guarded(page(), plain), guarded(data(), plain)]) {
      expect(Object.fromEntries(answer.headers)).toMatchObject({
        'x-content-type-options': 'nosniff',
        'x-frame-options': 'DENY',
        'referrer-policy': 'same-origin',
        'cache-control': 'private, no-store',
        'cross-origin-opener-policy': 'same-origin',
        'cross-origin-resource-policy': 'same-origin',
      });
      expect(answer.headers.get('permissions-policy')).toContain('camera=()');
    }
  });

  it('that are no pages run nothing; a page says itself what it may', () => {
    expect(guarded(data(), plain).headers.get('content-security-policy')).toContain("default-src 'none'");
    expect(
      guarded(data({ 'content-security-policy': 'own' }), plain).headers.get('content-security-policy'),
    ).toBe('own');
    expect(guarded(page(), plain).headers.get('content-security-policy')).toBeNull();
    expect(
      guarded(new Response(null, { status: 204 }), plain).headers.get('content-security-policy'),
    ).toContain('frame-ancestors');
  });

  it('ask for https from then on only where they come by it', () => {
    expect(guarded(page(), plain).headers.has('strict-transport-security')).toBe(false);
    expect(guarded(page(), secure).headers.get('strict-transport-security')).toMatch(/^max-age=31536000/);
  });

  it('say what a page loads first in its head alone: a balancer takes no header as long as that', () => {
    const link = Array.from({ length: 50 }, (_, file) => `<./_app/${file}.js>; rel="modulepreload"`).join();
    expect(guarded(page({ link }), plain).headers.has('link')).toBe(false);
  });

  it('keep their status, content and own headers', async () => {
    const answer = guarded(data({ 'cache-control': 'private, max-age=9', 'x-own': 'yes' }), plain);
    expect([
      answer.status,
      await answer.text(),
      answer.headers.get('cache-control'),
      answer.headers.get('x-own'),
    ]).toEqual([201, '{}', 'private, max-age=9', 'yes']);
  });
});
