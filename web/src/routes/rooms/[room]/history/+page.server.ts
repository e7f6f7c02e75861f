import { requireRoom } from '$server/answers';
import { MOST_REVISION } from '$server/bodies';
import { pastEdits } from '$server/history';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => {
  const { id, name, revision, option, createdAt } = await requireRoom(locals, params.room);
  return { id, name, revision, option, createdAt, ...(await pastEdits({ id }, MOST_REVISION)) };
};
