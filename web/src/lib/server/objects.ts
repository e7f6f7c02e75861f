import { randomUUID } from 'node:crypto';
import { UniqueConstraintError } from 'sequelize';
import {
  MOST_HEIGHT,
  MOST_ITEM,
  objectTypes,
  refusalText,
  sayReason,
  type Family,
  type ObjectType,
  type Range,
} from 'goodreach';
import { readModel, recordFaults } from 'goodreach/server';
import { database } from './database';
import { MODEL, storeStudioFile } from './files';
import { StudioObject } from './models';
import { isUuid } from './rooms';
import type { SignedIn } from './sessions';

/** A studio keeps so many objects of its own at most: they are all told with every room. */
export const MOST_OBJECTS = 300;

/** What is said of an object: sizes and its height over the floor in mm, its outline on the floor where that is no rectangle, what one costs. */
export interface ObjectSaid {
  name: string;
  type: ObjectType;
  width: number;
  depth: number;
  height: number;
  up?: number;
  outline?: Family['outline'];
  price?: number;
}

/** How keeping an object ended: kept, or what is wrong, as a sentence. */
export type KeptObject = { kind: 'kept'; object: Range } | { kind: 'faulty'; message: string };

/** The objects of the studio's own, by name: each a range of one family in one size. */
export async function listObjects({ studioId }: SignedIn): Promise<Range[]> {
  await database();
  const rows = await StudioObject.findAll({ where: { studioId }, order: [['name', 'ASC']] });
  return rows.map(({ data }) => data);
}

/** Keeps an object of the studio with its model, which has to be one of ours; its code follows from those there are. */
export async function keepObject(person: SignedIn, said: ObjectSaid, model: Uint8Array): Promise<KeptObject> {
  const { studioId } = person;
  await database();
  const rows = await StudioObject.findAll({ where: { studioId } });
  const { name, type, width, depth, height, up, outline, price } = said;
  if (!objectTypes.includes(type)) return faulty(`Say where it stands: ${objectTypes.join(', ')}.`);
  if (width > MOST_ITEM || depth > MOST_ITEM || height > MOST_HEIGHT)
    return faulty(`It is too large: ${MOST_ITEM} mm wide and deep and ${MOST_HEIGHT} mm high at most.`);
  if (rows.length >= MOST_OBJECTS)
    return faulty(`A studio keeps ${MOST_OBJECTS} objects at most. Forget one that is not needed.`);
  const code = nextCode(rows.map(({ data }) => data.families[0]!.code));
  const id = randomUUID();
  const family: Family = {
    ...{ type, name, code, widths: [width], heights: [height], depths: [depth] },
    ...(up !== undefined && { hangs: { bottom: up, top: 0 } }),
    ...(outline && { outline }),
    price: { each: price ?? 0, width: 0, height: 0 },
    model: id,
  };
  const object: Range = { id, name, unit: 'mm', construction: 'none', families: [family] };
  const [fault] = recordFaults(id, { kind: 'range', ...object }, 'range');
  if (fault) return faulty(`${fault.path.split('.').at(-1)}: ${sayReason(fault.reason)}.`);
  object.name = family.name = name.trim();
  if (rows.some((row) => row.name.toLowerCase() === object.name.toLowerCase())) return NAME_TAKEN;
  const read = await readModel(model);
  if (!read.ok) return faulty(refusalText(read.refusal));
  const stored = await storeStudioFile(person, `${code} ${object.name}`, model, MODEL);
  if (stored.kind !== 'stored')
    return faulty('The files of your studio would take more room than there is. Forget what is not needed.');
  family.model = stored.id;
  try {
    await StudioObject.create({ id, studioId, name: object.name, data: object });
  } catch (error) {
    // Somebody has kept another of that name or code meanwhile.
    if (!(error instanceof UniqueConstraintError)) throw error;
    return NAME_TAKEN;
  }
  return { kind: 'kept', object };
}

const faulty = (message: string): KeptObject => ({ kind: 'faulty', message });
const NAME_TAKEN = faulty(
  'There is another object of this name, or one was kept at this moment. Take another name.',
);

/** OB1, OB2 and so on: the number after the highest there is. */
function nextCode(codes: readonly string[]): string {
  const numbers = codes.map((code) => Number(/^OB(\d+)$/.exec(code)?.[1] ?? 0));
  return `OB${Math.max(0, ...numbers) + 1}`;
}

/** Forgets an object of the studio; false when it is not there. Rooms keep what they have of it, and its model. */
export async function forgetObject({ studioId }: SignedIn, id: string): Promise<boolean> {
  await database();
  return isUuid(id) && (await StudioObject.destroy({ where: { id, studioId } })) > 0;
}
