import { error, json } from '@sveltejs/kit';
import { brakeUpload, faulty, readJson } from './answers';
import { checkBody, FinishBody } from './bodies';
import { keepFinish } from './finishes';
import { isUuid } from './rooms';
import type { SignedIn } from './sessions';

/** Keeps the finish a request brings, in place of one that is there where it names it: 201 or 200 with it, 422 with what is wrong. */
export async function keptFinish(person: SignedIn, request: Request, id?: string): Promise<Response> {
  if (id !== undefined && !isUuid(id)) notThere();
  const body = checkBody(FinishBody, await readJson(request));
  if (!body.ok) return faulty(body.faults);
  const { finish, picture } = body.value;
  if (picture) await brakeUpload(person);
  const bytes = typeof picture === 'string' ? Buffer.from(picture, 'base64') : picture;
  const kept = await keepFinish(person, finish, bytes, id);
  switch (kept.kind) {
    case 'kept':
      return json(kept.finish, { status: id === undefined ? 201 : 200 });
    case 'missing':
      return notThere();
    case 'faulty':
      return json(
        {
          code: 'finish',
          data: { faults: kept.faults },
          message: kept.faults.map(({ message }) => message).join(' '),
        },
        { status: 422 },
      );
  }
}

function notThere(): never {
  error(404, { message: 'This finish is not in your studio.' });
}
