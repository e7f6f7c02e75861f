import type { OpeningShape } from 'goodreach';
import { database } from './database';
import { OpeningKind } from './models';
import { isUuid } from './rooms';
import type { SignedIn } from './sessions';

/** A kind of opening as pages see it. */
export interface KnownOpeningKind {
  id: string;
  name: string;
  shape: OpeningShape;
}

/** The kinds of openings the studio keeps, by name. */
export async function listOpeningKinds({ studioId }: SignedIn): Promise<KnownOpeningKind[]> {
  await database();
  const kinds = await OpeningKind.findAll({ where: { studioId }, order: [['name', 'ASC']] });
  return kinds.map(({ id, name, shape }) => ({ id, name, shape }));
}

/** Keeps a kind of opening under a name; one the studio has under that name already is changed to it. */
export async function keepOpeningKind(
  { studioId }: SignedIn,
  name: string,
  shape: OpeningShape,
): Promise<KnownOpeningKind> {
  const sequelize = await database();
  return sequelize.transaction(async (transaction) => {
    const known = { studioId, name: name.trim() };
    const [kind] = await OpeningKind.findOrCreate({
      where: known,
      defaults: { ...known, shape },
      transaction,
    });
    await kind.update({ shape: { ...shape } }, { transaction });
    return { id: kind.id, name: kind.name, shape: kind.shape };
  });
}

/** Forgets a kind of the studio; false when it is not there. Openings made of it stay as they are. */
export async function forgetOpeningKind({ studioId }: SignedIn, id: string): Promise<boolean> {
  await database();
  return isUuid(id) && (await OpeningKind.destroy({ where: { id, studioId } })) > 0;
}
