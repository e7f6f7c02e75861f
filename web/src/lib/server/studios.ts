import { database } from './database';
import { Studio } from './models';
import type { SignedIn } from './sessions';

/** What a studio has decided for all its new rooms. */
export interface StudioStandards {
  /** Widths that a range does not list. */
  specials: boolean;
}

export async function studioStandards({ studioId }: SignedIn): Promise<StudioStandards> {
  await database();
  const studio = await Studio.findByPk(studioId, { rejectOnEmpty: true });
  return { specials: studio.specials };
}

/** Decides for the new rooms of a studio; those it has keep what was decided for them. */
export async function changeStandards({ studioId }: SignedIn, change: StudioStandards): Promise<void> {
  await database();
  await Studio.update(change, { where: { id: studioId } });
}
