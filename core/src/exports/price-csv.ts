import Papa from 'papaparse';
import { FORMULA } from '../ranges/range-columns';
import type { PriceBook } from '../shop/cost/price-book';

/** Prices as a table, one a row: what import reads. */
export function priceCsv({ rows }: PriceBook): string {
  const data = rows.map(({ code, unit, price }) => [code, unit, String(price)]);
  const table = { fields: ['code', 'unit', 'price'], data };
  return `${Papa.unparse(table, { escapeFormulae: FORMULA, newline: '\n' })}\n`;
}
