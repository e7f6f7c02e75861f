import Papa from 'papaparse';
import type { FinishRecord } from '../document/records';
import { FORMULA } from '../ranges/range-columns';
import { laidShares, tileColumns, type TileColumn } from '../imports/tile-columns';

/** Tiles as a table, one a row, in mm: what import reads. */
export function tileCsv(finishes: readonly FinishRecord[]): string {
  const rows = finishes.flatMap((finish) => (finish.tile ? [rowOf(finish)] : []));
  return Papa.unparse({ fields: [...tileColumns], data: rows }, { escapeFormulae: FORMULA, newline: '\n' });
}

function rowOf({ name, code, colour, tile, price, supplier }: FinishRecord): string[] {
  const { long, high, thickness, joint, grout, offset, perBox, sheet, varies, shade } = tile!;
  const said = (value: number | string | undefined) => (value === undefined ? '' : String(value));
  const cells: Record<TileColumn, string> = {
    ...{ name, code, colour, unit: 'mm', along: said(long), across: said(high) },
    ...{ thickness: said(thickness), joint: said(joint), grout },
    laid: Object.keys(laidShares).find((laid) => Math.abs(laidShares[laid]! - offset) < 0.01) ?? 'in line',
    ...{ 'in a box': said(perBox), 'sheet along': said(sheet?.w), 'sheet across': said(sheet?.h) },
    ...{ 'differs in size': said(varies), 'differs in shade': said(shade) },
    price: said(price?.per === 'm2' ? price.amount : undefined),
    supplier: said(supplier),
  };
  return tileColumns.map((column) => cells[column]);
}
