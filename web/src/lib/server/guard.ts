import type { RequestEvent } from '@sveltejs/kit';

/** Methods that change nothing. */
const safe: ReadonlySet<string> = new Set(['GET', 'HEAD', 'OPTIONS']);

/** Whether a request may change something: it comes from the program's own pages. Asked of every route, whatever its path is written like. */
export function isOwn({ request, url }: Pick<RequestEvent, 'request' | 'url'>): boolean {
  return safe.has(request.method) || request.headers.get('origin') === url.origin;
}

/** Whether a route is only for those who are signed in, and others are sent to the sign-in page. */
export function needsSignIn(route: string | null): boolean {
  return route !== null && /^\/(rooms|studio)(\/|$)/.test(route);
}

/** What a page may load and do is said with the page (`svelte.config.js`); this of everything. */
const always = {
  'x-content-type-options': 'nosniff',
  'x-frame-options': 'DENY',
  'referrer-policy': 'same-origin',
  'cross-origin-opener-policy': 'same-origin',
  'cross-origin-resource-policy': 'same-origin',
  'permissions-policy':
    'accelerometer=(), bluetooth=(), camera=(), display-capture=(), geolocation=(), gyroscope=(), hid=(), magnetometer=(), microphone=(), midi=(), payment=(), serial=(), usb=()',
};
/** What is no page runs nothing, and stands in no other page. */
const NO_PAGE = "default-src 'none'; base-uri 'none'; form-action 'none'; frame-ancestors 'none'";
const A_YEAR = 31_536_000;

/** An answer with the headers that keep it from being misused; those it has of its own stay. */
export function guarded(answer: Response, url: URL): Response {
  const headers = new Headers(answer.headers);
  const set = (name: string, value: string) => {
    if (!headers.has(name)) headers.set(name, value);
  };
  for (const [name, value] of Object.entries(always)) set(name, value);
  if (!headers.get('content-type')?.startsWith('text/html')) set('content-security-policy', NO_PAGE);
  // What a page loads first is in its head; said here once more it is longer than what balancers take (nginx: 4 kB), and they answer 502.
  headers.delete('link');
  // What is answered is somebody's own: it lies in no store that others read from.
  set('cache-control', 'private, no-store');
  if (url.protocol === 'https:') set('strict-transport-security', `max-age=${A_YEAR}; includeSubDomains`);
  const { status, statusText, body } = answer;
  return new Response(body, { status, statusText, headers });
}
