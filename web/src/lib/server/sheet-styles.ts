import { UniqueConstraintError } from 'sequelize';
import type { PaperPicture, SheetStyle } from 'goodreach';
import { database } from './database';
import { pictureType } from './files';
import { KeptSheetStyle } from './models';
import { isUuid } from './rooms';
import type { SignedIn } from './sessions';

/** A studio keeps so many templates at most. */
export const MOST_SHEET_STYLES = 24;

/** A template as pages see it. */
export interface KnownSheetStyle {
  id: string;
  style: SheetStyle;
}

/** How keeping a template ended. */
export type KeptStyle =
  { kind: 'kept'; style: KnownSheetStyle } | { kind: 'full' } | { kind: 'taken' } | { kind: 'no-picture' };

/** The templates of a studio, by name. */
export async function listSheetStyles({ studioId }: SignedIn): Promise<KnownSheetStyle[]> {
  await database();
  const rows = await KeptSheetStyle.findAll({ where: { studioId }, order: [['name', 'ASC']] });
  return rows.map(({ id, style }) => ({ id, style }));
}

/** A template of the studio; null where there is none of this id. */
export async function findSheetStyle({ studioId }: SignedIn, id: string): Promise<SheetStyle | null> {
  await database();
  const row = isUuid(id) ? await KeptSheetStyle.findOne({ where: { id, studioId } }) : null;
  return row?.style ?? null;
}

/** A logo has no more dots either way: of a PNG, whoever makes a PDF of it unpacks all of them. */
const MOST_DOTS = 4_000;

/** Whether a logo is of the type it says, and a PNG of no more dots than are unpacked. */
function isSound({ type, data }: PaperPicture): boolean {
  const bytes = Buffer.from(data, 'base64');
  if (pictureType(bytes) !== type) return false;
  if (type !== 'image/png') return true;
  // Width and height stand at the head of the first chunk.
  return bytes.length > 24 && bytes.readUInt32BE(16) <= MOST_DOTS && bytes.readUInt32BE(20) <= MOST_DOTS;
}

/** Keeps a template under its name; one the studio has under that name already is changed to it. */
export async function keepSheetStyle({ studioId }: SignedIn, said: SheetStyle): Promise<KeptStyle> {
  const sequelize = await database();
  const { logo } = said;
  if (logo && !isSound(logo)) return { kind: 'no-picture' };
  const style = { ...said, name: said.name.trim() };
  try {
    return await sequelize.transaction(async (transaction): Promise<KeptStyle> => {
      const where = { studioId, name: style.name };
      const known = await KeptSheetStyle.findOne({ where, transaction });
      if (!known && (await KeptSheetStyle.count({ where: { studioId }, transaction })) >= MOST_SHEET_STYLES)
        return { kind: 'full' };
      const row = known
        ? await known.update({ style }, { transaction })
        : await KeptSheetStyle.create({ ...where, style }, { transaction });
      return { kind: 'kept', style: { id: row.id, style: row.style } };
    });
  } catch (error) {
    // Somebody has kept another of that name at the same moment.
    if (!(error instanceof UniqueConstraintError)) throw error;
    return { kind: 'taken' };
  }
}

/** Forgets a template of the studio; false when it is not there. Issues that were drawn by it stay as they are. */
export async function forgetSheetStyle({ studioId }: SignedIn, id: string): Promise<boolean> {
  await database();
  return isUuid(id) && (await KeptSheetStyle.destroy({ where: { id, studioId } })) > 0;
}
