import {
  FINISH_CODE,
  LEAST_REPEAT,
  MOST_BOX,
  MOST_FINISH,
  MOST_JOINT,
  MOST_TILE,
  MOST_TILE_THICKNESS,
  MOST_VARIES,
  tileShades,
} from '../document/limits';
import type { FinishRecord, FinishTile } from '../document/records';
import { isSameWord } from '../surfaces/finishes';
import { laidShares, optionalTileColumns, tileColumns, type TileColumn } from './tile-columns';
import { quantise } from '../units/units';
import { CsvTable, readTable, type TableFault, type TableLine } from './csv-table';

/** A tile of a table, with its line in the file: its code is missing where none was given. */
export interface ReadTile {
  row: number;
  tile: Omit<FinishRecord, 'code' | 'id' | 'picture'> & { code?: string };
}

/** What a table of tiles came to; a table with a fault gives nothing. */
export type TilesRead = { ok: true; tiles: ReadTile[] } | { ok: false; faults: TableFault[] };

/** So many tiles are read at once. */
export const MOST_TILES = 500;
const MOST_PRICE = 1_000_000;
const USUAL = { colour: '#cfc6b4', grout: '#d5d0c4', joint: 3, rough: 0.35 };

/** Reads tiles, one a row, lengths in mm or in the unit of the row. */
export function readTileCsv(text: string): TilesRead {
  const read = readTable(text, { columns: tileColumns, optional: optionalTileColumns, most: MOST_TILES });
  if (!read.ok) return read;
  const table = new TileTable(read.columns);
  const tiles = read.rows.map((line): ReadTile => ({ row: line.row, tile: table.tile(line) }));
  for (const [index, { row, tile }] of tiles.entries()) {
    const before = tiles.slice(0, index);
    if (before.some((other) => isSameWord(other.tile.name, tile.name)))
      table.fault(row, 'name', tile.name, 'there-twice');
    if (tile.code && before.some((other) => other.tile.code === tile.code))
      table.fault(row, 'code', tile.code, 'there-twice');
  }
  return table.faults.length > 0 ? { ok: false, faults: table.faults } : { ok: true, tiles };
}

class TileTable extends CsvTable<TileColumn> {
  tile(line: TableLine): ReadTile['tile'] {
    const { cells, row } = line;
    const name = this.cell(cells, 'name');
    if (name === '' || name.length > MOST_FINISH)
      this.fault(row, 'name', name, { because: 'name-needed', most: MOST_FINISH });
    const code = this.cell(cells, 'code').toUpperCase();
    if (code && !FINISH_CODE.test(code)) this.fault(row, 'code', code, 'finish-code');
    const unit =
      this.cell(cells, 'unit') === '' ? 'mm' : (this.oneOf(line, 'unit', ['in', 'mm'] as const) ?? 'mm');
    const within = (column: TileColumn, least: number, most: number) =>
      this.#within(line, column, unit, least, most);
    const sheet = {
      w: within('sheet along', LEAST_REPEAT, MOST_TILE),
      h: within('sheet across', LEAST_REPEAT, MOST_TILE),
    };
    if ((sheet.w === null) !== (sheet.h === null))
      this.fault(row, sheet.w === null ? 'sheet along' : 'sheet across', '', 'both-or-neither');
    const size = { long: this.#size(line, 'along', unit), high: this.#size(line, 'across', unit) };
    const thickness = within('thickness', 1, MOST_TILE_THICKNESS);
    const perBox = this.count(line, 'in a box', MOST_BOX);
    const varies = within('differs in size', 0, MOST_VARIES);
    const shade =
      this.cell(cells, 'differs in shade') === '' ? null : this.oneOf(line, 'differs in shade', tileShades);
    const laid =
      this.cell(cells, 'laid') === '' ? 'in line' : this.oneOf(line, 'laid', Object.keys(laidShares));
    const tile: FinishTile = {
      ...size,
      joint: within('joint', 0, MOST_JOINT) ?? USUAL.joint,
      offset: laidShares[laid ?? 'in line']!,
      grout: this.#colour(line, 'grout', USUAL.grout),
      ...(thickness !== null && { thickness }),
      ...(perBox !== null && { perBox }),
      ...(sheet.w !== null && sheet.h !== null && { sheet: { w: sheet.w, h: sheet.h } }),
      ...(varies !== null && { varies }),
      ...(shade !== null && { shade }),
    };
    const supplier = this.cell(cells, 'supplier');
    if (supplier.length > 200) this.fault(row, 'supplier', supplier, { because: 'at-most', most: 200 });
    const priced = this.cell(cells, 'price') !== '';
    const amount = this.money(line, 'price', MOST_PRICE);
    return {
      ...{ kind: 'finish', name, of: 'tile', rough: USUAL.rough, tile },
      ...(code && { code }),
      colour: this.#colour(line, 'colour', USUAL.colour),
      ...{ long: size.long, high: size.high },
      ...(supplier && { supplier }),
      ...(priced && { price: { amount, per: 'm2' as const } }),
    };
  }

  /** A size that must be there, mm. */
  #size(line: TableLine, column: 'across' | 'along', unit: 'in' | 'mm'): number {
    const value = this.#within(line, column, unit, LEAST_REPEAT, MOST_TILE);
    if (value === null && this.cell(line.cells, column) === '') this.fault(line.row, column, '', 'no-length');
    return value ?? LEAST_REPEAT;
  }

  /** A length, mm; null for none, and for one that can't be. */
  #within(
    line: TableLine,
    column: TileColumn,
    unit: 'in' | 'mm',
    least: number,
    most: number,
  ): number | null {
    const read = this.length(line, column, unit, most);
    const value = read === null ? null : quantise(read * (unit === 'in' ? 25.4 : 1));
    if (value === null || value >= least) return value;
    this.fault(line.row, column, this.cell(line.cells, column), { because: 'length-between', least, most });
    return null;
  }

  #colour({ cells, row }: TableLine, column: 'colour' | 'grout', usual: string): string {
    const value = this.cell(cells, column).toLowerCase();
    if (value === '') return usual;
    if (/^#[0-9a-f]{6}$/.test(value)) return value;
    this.fault(row, column, value, 'no-colour');
    return usual;
  }
}
