import type { LaidSheets } from 'goodreach';
import { database } from './database';
import type { Room } from './models';
import { putRevision } from './revised';
import type { SignedIn } from './sessions';
import { KeptSheets } from './shop-models';

/** The sheets of a room as pages see them: which revision of them, who kept them and when. */
export interface KnownSheets {
  revision: number;
  book: LaidSheets;
  /** ISO moment. */
  keptAt: string;
  keptBy: string;
}

/** How keeping sheets ended: kept, or somebody has kept others since. */
export type Kept = { kind: 'kept'; sheets: KnownSheets } | { kind: 'stale'; sheets: KnownSheets | null };

const known = ({ revision, sheets, keptAt, keptBy }: KeptSheets): KnownSheets => ({
  ...{ revision, book: sheets, keptBy, keptAt: keptAt.toISOString() },
});

/** How the parts of a room were laid on sheets last; null where they never were. */
export async function laidSheets({ id }: Pick<Room, 'id'>): Promise<KnownSheets | null> {
  await database();
  const row = await KeptSheets.findByPk(id);
  return row && known(row);
}

/** Keeps the sheets of a room, if nobody has kept others since the revision they were made from: 0 where there were none. */
export async function keepLaidSheets(
  person: SignedIn,
  room: Pick<Room, 'id'>,
  { sheets, revision }: { sheets: LaidSheets; revision: number },
): Promise<Kept> {
  await database();
  const roomId = room.id;
  const next = { sheets, revision: revision + 1, keptAt: new Date(), keptBy: person.personName };
  const row = await putRevision(revision, {
    create: () => KeptSheets.create({ roomId, ...next }),
    update: () => KeptSheets.update(next, { where: { roomId, revision }, returning: true }),
  });
  return row ? { kind: 'kept', sheets: known(row) } : { kind: 'stale', sheets: await laidSheets(room) };
}
