import { database } from './database';
import { UniqueConstraintError } from 'sequelize';
import type { NewStudioBody } from './bodies';
import { Person, Studio } from './models';
import { hashPassword, type SignedIn } from './sessions';

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

/** Whether there is any studio yet: where there is none, the first one is made on the sign-in page. */
export async function hasStudio(): Promise<boolean> {
  await database();
  return (await Studio.findOne({ attributes: ['id'] })) !== null;
}

/** How making a studio ended: with its first person, or not, as their address signs in somebody already, or there is a studio where the first one was asked for. */
export type AddedStudio = { kind: 'added'; personId: string } | { kind: 'taken' } | { kind: 'not-first' };

/** Makes a studio with its first person; only where there is none yet, if it is to be the first. */
export async function addStudio(
  { studio, name, email, password }: NewStudioBody,
  { first }: { first: boolean },
): Promise<AddedStudio> {
  const sequelize = await database();
  // Looked at before the work of hashing: strangers could ask for that.
  if (first && (await hasStudio())) return { kind: 'not-first' };
  const passwordHash = await hashPassword(password);
  try {
    return await sequelize.transaction(async (transaction) => {
      // Of two who make the first at once, one comes later.
      await sequelize.query('select pg_advisory_xact_lock(7274024)', { transaction });
      if (first && (await Studio.count({ transaction })) > 0) return { kind: 'not-first' };
      const { id: studioId } = await Studio.create({ name: studio.trim() }, { transaction });
      const person = { studioId, name: name.trim(), email: email.trim().toLowerCase(), passwordHash };
      return { kind: 'added', personId: (await Person.create(person, { transaction })).id };
    });
  } catch (error) {
    if (error instanceof UniqueConstraintError) return { kind: 'taken' };
    throw error;
  }
}
