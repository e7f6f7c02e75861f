import { fail, redirect, type Cookies } from '@sveltejs/kit';
import { checkBody, SignInBody } from '$server/bodies';
import { demoMode, loadDemo } from '$server/demo';
import { SESSION_COOKIE, sessionEnd, signIn, startSession } from '$server/sessions';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) => {
  if (locals.person) redirect(303, '/studio');
  return { demo: demoMode() };
};

export const actions: Actions = {
  signIn: async ({ request, cookies, url }) => {
    const form = Object.fromEntries(await request.formData());
    const body = checkBody(SignInBody, form);
    const email = String(form['email'] ?? '');
    if (!body.ok) return fail(400, { email, message: body.faults.map(({ message }) => message).join(' ') });
    const token = await signIn(body.value.email, body.value.password);
    if (!token)
      return fail(400, { email, message: 'Address or password is not right. Check both and try again.' });
    keep(cookies, token, url);
    redirect(303, '/studio');
  },
  demo: async ({ cookies, url }) => {
    if (!demoMode())
      return fail(400, { email: '', message: 'The demo studio is not offered here. Sign in instead.' });
    keep(cookies, await startSession(await loadDemo()), url);
    redirect(303, '/studio');
  },
};

function keep(cookies: Cookies, token: string, url: URL): void {
  cookies.set(SESSION_COOKIE, token, {
    path: '/',
    httpOnly: true,
    sameSite: 'lax',
    secure: url.protocol === 'https:',
    expires: sessionEnd(),
  });
}
