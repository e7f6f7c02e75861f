import { randomUUID } from 'node:crypto';
import { Op, UniqueConstraintError } from 'sequelize';
import { finishes, isSameWord, sayReason, type Fault, type FinishRecord } from 'goodreach';
import { recordFaults } from 'goodreach/server';
import { database } from './database';
import { storeStudioFile } from './files';
import { StudioFinish } from './models';
import { isUuid } from './rooms';
import type { SignedIn } from './sessions';

/** A studio keeps so many finishes of its own at most: they are all sent with every room. */
export const MOST_FINISHES = 500;

/** The picture of a finish has so many bytes at most. */
export const MOST_PICTURE_BYTES = 1_500_000;

/** How keeping a finish ended: kept, or not, and what is wrong: sentences, with the field each is about. */
export type KeptFinish =
  | { kind: 'kept'; finish: FinishRecord }
  | { kind: 'missing' }
  | { kind: 'faulty'; faults: { path: string; message: string }[] };

/** The finishes of the studio's own, by name. */
export async function listFinishes({ studioId }: SignedIn): Promise<FinishRecord[]> {
  await database();
  const rows = await StudioFinish.findAll({ where: { studioId }, order: [['name', 'ASC']] });
  return rows.map(({ data }) => data);
}

/**
 * Keeps a finish of the studio, as another or (by its id) in place of what it was. A picture comes as bytes; none (null) takes away what there was,
 * without a word of it that stays.
 */
export async function keepFinish(
  person: SignedIn,
  said: object,
  picture: Uint8Array | null | undefined,
  id?: string,
): Promise<KeptFinish> {
  const { studioId } = person;
  await database();
  const before = id === undefined ? null : await rowOf(person, id);
  if (id !== undefined && !before) return { kind: 'missing' };
  const own = before?.id ?? randomUUID();
  const { picture: _, ...rest } = said as Partial<FinishRecord>;
  const kept = picture === undefined ? before?.data.picture : undefined;
  const data = { ...rest, kind: 'finish', id: own, ...(kept && { picture: kept }) } as FinishRecord;
  const faults = recordFaults(own, data, 'finish');
  if (faults.length > 0) {
    const message = ({ path, reason }: Fault) => `${path.split('.').at(-1)}: ${sayReason(reason)}.`;
    return { kind: 'faulty', faults: faults.map((fault) => ({ path: fault.path, message: message(fault) })) };
  }
  data.name = data.name.trim();
  const taken = await takenBy(studioId, data);
  if (taken) return { kind: 'faulty', faults: [taken] };
  if (!before && (await StudioFinish.count({ where: { studioId } })) >= MOST_FINISHES)
    return faulty(
      'finish',
      `A studio keeps ${MOST_FINISHES} finishes at most. Forget one that is not needed.`,
    );
  if (picture) {
    if (picture.byteLength > MOST_PICTURE_BYTES)
      return faulty(
        'picture',
        `The picture has ${(picture.byteLength / 1e6).toFixed(1)} MB; it may have ${MOST_PICTURE_BYTES / 1e6} MB.`,
      );
    const stored = await storeStudioFile(person, `${data.code} ${data.name}`, picture);
    if (stored.kind === 'unknown') return faulty('picture', 'The picture is neither PNG nor JPEG.');
    if (stored.kind === 'full')
      return faulty(
        'picture',
        `The pictures of your studio would take more than the ${(stored.most / 1e9).toFixed(1)} GB there are.`,
      );
    data.picture = stored.id;
  }
  try {
    if (before) await before.update({ name: data.name, data });
    else await StudioFinish.create({ id: own, studioId, name: data.name, data });
  } catch (error) {
    // Somebody has kept another of that name or code meanwhile.
    if (!(error instanceof UniqueConstraintError)) throw error;
    return { kind: 'faulty', faults: [(await takenBy(studioId, data)) ?? NAME_TAKEN] };
  }
  return { kind: 'kept', finish: data };
}

const faulty = (path: string, message: string): KeptFinish => ({
  kind: 'faulty',
  faults: [{ path, message }],
});
const NAME_TAKEN = {
  path: 'finish.name',
  message: 'There is another finish of this name. Take another name.',
};

/** What else has the name or the code of a finish, of the program or of the studio. */
async function takenBy(studioId: string, { id, name, code }: FinishRecord) {
  const rows = await StudioFinish.findAll({ where: { studioId, id: { [Op.ne]: id } } });
  const known = [...finishes, ...rows.map(({ data }) => data)];
  if (known.some((other) => isSameWord(other.name, name))) return NAME_TAKEN;
  const same = known.find((other) => other.code === code);
  return same
    ? { path: 'finish.code', message: `${code} is the code of ${same.name}. Take another code.` }
    : null;
}

const rowOf = async ({ studioId }: SignedIn, id: string) =>
  isUuid(id) ? StudioFinish.findOne({ where: { id, studioId } }) : null;

/** Forgets a finish of the studio; false when it is not there. Rooms keep their copies, and their picture. */
export async function forgetFinish({ studioId }: SignedIn, id: string): Promise<boolean> {
  await database();
  return isUuid(id) && (await StudioFinish.destroy({ where: { id, studioId } })) > 0;
}
