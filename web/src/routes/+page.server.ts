import { fail, redirect, type Cookies } from '@sveltejs/kit';
import { checkBody, NewStudioBody, SignInBody } from '$server/bodies';
import { demoMode, loadDemo } from '$server/demo';
import { limitedForm, MOST_FORM } from '$server/limited';
import { endSession, SESSION_COOKIE, sessionEnd, signIn, startSession } from '$server/sessions';
import { addStudio, hasStudio } from '$server/studios';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
  if (locals.person) redirect(303, '/studio');
  return { demo: demoMode(), first: !demoMode() && !(await hasStudio()) };
};

export const actions: Actions = {
  signIn: async ({ request, cookies, url, getClientAddress, setHeaders }) => {
    const form = await limitedForm(request, MOST_FORM);
    const body = checkBody(SignInBody, form ?? {});
    const email = form?.['email'] ?? '';
    if (!body.ok) return fail(400, { email, message: body.faults.map(({ message }) => message).join(' ') });
    const outcome = await signIn({ email, address: getClientAddress() }, body.value.password);
    const again = (status: number, seconds: number, message: string) => {
      setHeaders({ 'retry-after': String(seconds) });
      return fail(status, { email, message });
    };
    switch (outcome.kind) {
      case 'signed-in':
        await keep(cookies, outcome.token, url);
        redirect(303, '/studio');
      case 'wrong':
        return fail(400, { email, message: 'Address or password is not right. Check both and try again.' });
      case 'braked': {
        const minutes = Math.ceil(outcome.seconds / 60);
        const message = `There were too many tries. Wait ${minutes} minute${minutes === 1 ? '' : 's'} and try again.`;
        return again(429, outcome.seconds, message);
      }
      case 'busy':
        return again(503, 5, 'Too many sign in at once. Try again in a moment.');
    }
  },
  firstStudio: async ({ request, cookies, url }) => {
    const form = (await limitedForm(request, MOST_FORM)) ?? {};
    const body = checkBody(NewStudioBody, form);
    const { email = '', studio = '', name = '' } = form;
    const again = (message: string) => fail(400, { email, studio, name, message });
    if (!body.ok) return again(body.faults.map(({ message }) => message).join(' '));
    const made = demoMode() ? { kind: 'not-first' as const } : await addStudio(body.value, { first: true });
    if (made.kind !== 'added') return again('There is a studio here already. Sign in to it.');
    await keep(cookies, await startSession(made.personId), url);
    redirect(303, '/studio');
  },
  demo: async ({ cookies, url }) => {
    if (!demoMode())
      return fail(400, { email: '', message: 'The demo studio is not offered here. Sign in instead.' });
    await keep(cookies, await startSession(await loadDemo()), url);
    redirect(303, '/studio');
  },
};

/** Whoever signs in has one session here: that of before ends. */
async function keep(cookies: Cookies, token: string, url: URL): Promise<void> {
  const before = cookies.get(SESSION_COOKIE);
  if (before) await endSession(before);
  cookies.set(SESSION_COOKIE, token, {
    path: '/',
    httpOnly: true,
    sameSite: 'lax',
    secure: url.protocol === 'https:',
    expires: sessionEnd(),
  });
}
