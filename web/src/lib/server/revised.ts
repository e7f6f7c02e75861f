import { UniqueConstraintError } from 'sequelize';

/** Puts a row in place of the one of a revision, 0 where there was none; null where somebody has put another since. */
export async function putRevision<Row>(
  revision: number,
  { create, update }: { create: () => Promise<Row>; update: () => Promise<[count: number, rows: Row[]]> },
): Promise<Row | null> {
  if (revision === 0)
    try {
      return await create();
    } catch (error) {
      if (error instanceof UniqueConstraintError) return null;
      throw error;
    }
  const [count, rows] = await update();
  return count === 1 ? rows[0]! : null;
}
