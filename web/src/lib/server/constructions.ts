import { recordsOf, type ConstructionRecord, type Design } from 'goodreach';
import { database } from './database';
import { Studio, type Job } from './models';
import type { SignedIn } from './sessions';

/** How cabinets of a range are built, as a studio or a job keeps it. */
export type KeptConstruction = Pick<ConstructionRecord, 'range' | 'ways'>;

/** How the studio's new rooms build cabinets. */
export async function studioConstructions({
  studioId,
}: Pick<SignedIn, 'studioId'>): Promise<readonly KeptConstruction[]> {
  await database();
  return (await Studio.findByPk(studioId, { rejectOnEmpty: true })).constructions;
}

/** Keeps another way of building for the studio's new rooms; those it has keep theirs. */
export async function keepStudioConstructions(
  { studioId }: SignedIn,
  constructions: readonly KeptConstruction[],
): Promise<readonly KeptConstruction[]> {
  await database();
  await Studio.update({ constructions: byRange(constructions) }, { where: { id: studioId } });
  return studioConstructions({ studioId });
}

/** Keeps another way of building for a job's new rooms. */
export async function keepJobConstructions(
  job: Job,
  constructions: readonly KeptConstruction[],
): Promise<readonly KeptConstruction[]> {
  return (await job.update({ constructions: byRange(constructions) })).constructions;
}

/** Of a range that is named twice the last. */
const byRange = (constructions: readonly KeptConstruction[]): readonly KeptConstruction[] => [
  ...new Map(constructions.map(({ range, ways }) => [range, { range, ways }])).values(),
];

/** A new room's document with how its job builds cabinets, and its studio where the job says nothing of a range; what it says itself stays. */
export async function withKeptConstructions(document: Design, job: Job): Promise<Design> {
  const own = new Set(recordsOf(document, 'construction').map(({ range }) => range));
  const kept = byRange([...(await studioConstructions(job)), ...job.constructions]);
  const records: Record<string, ConstructionRecord> = {};
  for (const { range, ways } of kept) {
    if (own.has(range)) continue;
    let id = `built-${range}`.slice(0, 60);
    while (Object.hasOwn(document.records, id) || Object.hasOwn(records, id)) id += '-2';
    records[id] = { kind: 'construction', id, range, ways };
  }
  return Object.keys(records).length > 0
    ? { ...document, records: { ...document.records, ...records } }
    : document;
}
