import { unitUnder, type PriceBook, type PriceRow } from '../shop/cost/price-book';
import { MOST_PRICE, MOST_PRICES, PRICE_CODE } from '../shop/cost/price-limits';
import { priceUnitNames, type PriceUnit } from '../wording/cost-words';
import { CsvTable, readTable, type TableFault } from './csv-table';

const columns = ['code', 'unit', 'price'] as const;
const units = Object.keys(priceUnitNames) as PriceUnit[];
/** Reads a book of prices, one a row: code, unit (m2, m, piece, bag, kg, hour, share, job; of a code that is known its own), price; or every fault in it. */
export function readPriceCsv(
  text: string,
): { ok: true; book: PriceBook } | { ok: false; faults: TableFault[] } {
  const read = readTable(text, { columns, optional: [], most: MOST_PRICES });
  if (!read.ok) return read;
  const table = new CsvTable<(typeof columns)[number]>(read.columns);
  const seen = new Set<string>();
  const rows = read.rows.flatMap((line): PriceRow[] => {
    const code = table.cell(line.cells, 'code');
    const known = unitUnder(code);
    const unit = table.oneOf(line, 'unit', known ? [known] : units);
    if (!PRICE_CODE.test(code)) table.fault(line.row, 'code', code, { because: 'name-needed', most: 40 });
    else if (seen.has(code)) table.fault(line.row, 'code', code, 'there-twice');
    seen.add(code);
    const price = table.money(line, 'price', MOST_PRICE);
    return unit ? [{ code, unit, price }] : [];
  });
  return table.faults.length > 0 ? { ok: false, faults: table.faults } : { ok: true, book: { rows } };
}
