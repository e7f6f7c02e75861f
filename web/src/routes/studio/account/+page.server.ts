import { fail } from '@sveltejs/kit';
import { requirePerson } from '$server/answers';
import { checkBody, PasswordBody } from '$server/bodies';
import { limitedForm, MOST_FORM } from '$server/limited';
import { changePassword, endOtherSessions, otherSessions, SESSION_COOKIE } from '$server/sessions';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, cookies }) => {
  const person = requirePerson(locals);
  const token = cookies.get(SESSION_COOKIE) ?? '';
  return {
    studio: person.studioName,
    person: person.personName,
    elsewhere: await otherSessions(person.personId, token),
  };
};

export const actions: Actions = {
  password: async ({ request, locals, cookies, getClientAddress }) => {
    const person = requirePerson(locals);
    const form = await limitedForm(request, MOST_FORM);
    const body = checkBody(PasswordBody, form ?? {});
    const wrong = (status: number, message: string) => fail(status, { message, done: '' });
    if (!body.ok) return wrong(400, body.faults.map(({ message }) => message).join(' '));
    const session = { token: cookies.get(SESSION_COOKIE) ?? '', address: getClientAddress() };
    const outcome = await changePassword(person, session, body.value);
    switch (outcome.kind) {
      case 'changed':
        return {
          message: '',
          done: 'Your password is changed. Wherever else you were signed in, you are signed out.',
        };
      case 'wrong':
        return wrong(400, 'That is not the password you have now.');
      case 'braked':
        return wrong(
          429,
          `There were too many tries. Wait ${Math.ceil(outcome.seconds / 60)} minutes and try again.`,
        );
      case 'busy':
        return wrong(503, 'Too many sign in at once. Try again in a moment.');
    }
  },
  others: async ({ locals, cookies }) => {
    const { personId } = requirePerson(locals);
    const ended = await endOtherSessions(personId, cookies.get(SESSION_COOKIE) ?? '');
    return {
      message: '',
      done: ended === 1 ? 'One other session is ended.' : `${ended} other sessions are ended.`,
    };
  },
};
