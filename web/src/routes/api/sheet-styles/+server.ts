import { error, json } from '@sveltejs/kit';
import { SheetStyle } from 'goodreach/server';
import { faulty, readJson, requirePerson } from '$server/answers';
import { checkBody } from '$server/bodies';
import { keepSheetStyle, listSheetStyles, MOST_SHEET_STYLES } from '$server/sheet-styles';
import type { RequestHandler } from './$types';

/** The templates that the studio draws its sets by. */
export const GET: RequestHandler = async ({ locals }) => json(await listSheetStyles(requirePerson(locals)));

/** Keeps a template under its name; one of that name is changed to it. */
export const POST: RequestHandler = async ({ locals, request }) => {
  const person = requirePerson(locals);
  const body = checkBody(SheetStyle, await readJson(request));
  if (!body.ok) return faulty(body.faults);
  const kept = await keepSheetStyle(person, body.value);
  switch (kept.kind) {
    case 'kept':
      return json(kept.style, { status: 201 });
    case 'full':
      return error(409, {
        message: `A studio keeps ${MOST_SHEET_STYLES} templates at most. Forget one that is not needed.`,
      });
    case 'taken':
      return error(409, { message: 'Somebody has kept a template of this name just now. Keep it again.' });
    case 'no-picture':
      return faulty([
        {
          path: 'logo',
          message:
            'The logo is neither PNG nor JPEG, or has more than 4,000 dots one way. Choose such a picture.',
        },
      ]);
  }
};
