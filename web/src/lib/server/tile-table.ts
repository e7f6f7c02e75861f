import { randomUUID } from 'node:crypto';
import { finishes, isSameWord, nextCode, type FinishRecord, type Reason } from 'goodreach';
import { readTileCsv, recordFaults, type ReadTile, type TableFault } from 'goodreach/server';
import { UniqueConstraintError } from 'sequelize';
import { database } from './database';
import { MOST_FINISHES } from './finishes';
import { StudioFinish } from './models';
import type { SignedIn } from './sessions';

/** What a table of tiles came to: those that are kept, how many of them take the place of one there was; or every fault, and nothing is kept. */
export type TileReport =
  { ok: true; tiles: FinishRecord[]; renewed: number } | { ok: false; faults: TableFault[] };

/**
 * Reads a table of tiles and keeps them as finishes of the studio; one of a name there is already is renewed, with its id and its picture. A table with a fault keeps
 * nothing. With `tryOnly` it is only read.
 */
export async function importTiles(
  { studioId }: SignedIn,
  text: string,
  tryOnly = false,
): Promise<TileReport> {
  const sequelize = await database();
  const read = readTileCsv(text);
  if (!read.ok) return read;
  try {
    return await sequelize.transaction(async (transaction) => {
      const rows = await StudioFinish.findAll({ where: { studioId }, transaction });
      const found = recordsFor(
        read.tiles,
        rows.map(({ data }) => data),
      );
      if (!found.ok || tryOnly) return found;
      for (const data of found.tiles) {
        const before = rows.find(({ id }) => id === data.id);
        if (before) await before.update({ name: data.name, data }, { transaction });
        else await StudioFinish.create({ id: data.id, studioId, name: data.name, data }, { transaction });
      }
      return found;
    });
  } catch (error) {
    // Somebody has kept another of such a name or code meanwhile.
    if (!(error instanceof UniqueConstraintError)) throw error;
    return { ok: false, faults: [{ row: 1, column: '', value: '', reason: 'kept-meanwhile' }] };
  }
}

/** The finishes that tiles of a table become, beside those a studio has. */
function recordsFor(tiles: readonly ReadTile[], own: readonly FinishRecord[]): TileReport {
  const faults: TableFault[] = [];
  const fault = (row: number, column: string, value: string, reason: Reason) =>
    void faults.push({ row, column, value, reason });
  const named = new Map(tiles.map((one) => [one, own.find(({ name }) => isSameWord(name, one.tile.name))]));
  const renewed = new Set([...named.values()].flatMap((one) => one?.id ?? []));
  // The codes that stay, and who has them.
  const codes = new Map([
    ...finishes.map(({ code, name }) => [code, name] as const),
    ...own.flatMap(({ id, code, name }) => (renewed.has(id) ? [] : [[code, name] as const])),
  ]);
  const given = tiles.flatMap((one) => one.tile.code ?? named.get(one)?.code ?? []);
  const made = tiles.map((one): FinishRecord => {
    const { tile, row } = one;
    if (finishes.some(({ name }) => isSameWord(name, tile.name)))
      fault(row, 'name', tile.name, 'name-of-program');
    const before = named.get(one);
    const code = tile.code ?? before?.code ?? nextCode('tile', new Set([...codes.keys(), ...given]));
    const other = codes.get(code);
    if (other !== undefined) fault(row, 'code', code, { because: 'code-of-finish', name: other });
    codes.set(code, tile.name);
    const look = before?.picture
      ? { picture: before.picture, colour: before.colour, long: before.long, high: before.high }
      : {};
    const record = { ...tile, ...look, id: before?.id ?? randomUUID(), code } as FinishRecord;
    for (const { path, value, reason } of recordFaults(record.id, record, 'tile'))
      fault(row, path.split('.').at(-1)!, String(value ?? ''), reason);
    return record;
  });
  const count = own.length + tiles.length - renewed.size;
  if (count > MOST_FINISHES)
    fault(1, '', '', { because: 'too-many-rows', found: count, most: MOST_FINISHES });
  return faults.length > 0 ? { ok: false, faults } : { ok: true, tiles: made, renewed: renewed.size };
}
