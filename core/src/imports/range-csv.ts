import { serviceTypes } from '../document/fixture-types';
import { MOST_HEIGHT, MOST_ITEM } from '../document/limits';
import {
  CODE_PATTERN,
  constructions,
  frontStyles,
  MOST_DEPTHS,
  MOST_FAMILIES,
  MOST_HEIGHTS,
  MOST_WIDTHS,
} from '../document/range-limits';
import type { Reason } from '../reasons';
import { CsvTable, parted, readTable, type TableFault, type TableLine } from './csv-table';
import { itemKinds } from '../ranges/kinds';
import type { Family, Range, ServicePoint } from '../ranges/range';
import { optionalColumns, rangeColumns, type RangeColumn } from '../ranges/range-columns';
import { itemsOf } from '../ranges/shelf';
import { parseLength } from '../units/parse-length';
import { quantise } from '../units/units';

/** What a table came to: a range, or every fault in it; a table with a fault gives nothing. */
export type RangeReport =
  { ok: true; range: Range; families: number; items: number } | { ok: false; faults: TableFault[] };

/** Reads a range, one family a row, lengths in its unit or with their own. The range gets the id given. */
export function readRangeCsv(text: string, id: string): RangeReport {
  const read = readTable(text, { columns: rangeColumns, optional: optionalColumns, most: MOST_FAMILIES });
  if (!read.ok) return read;
  const table = new RangeTable(read.columns);
  const { rows } = read;
  const [first] = rows;
  const named = (column: RangeColumn) => table.cell(first!.cells, column);
  const unit = table.oneOf(first!, 'unit', ['in', 'mm'] as const);
  const construction = table.oneOf(first!, 'construction', constructions);
  const fronts = named('fronts') === '' ? null : table.oneOf(first!, 'fronts', frontStyles);
  const name = named('range');
  if (name === '' || name.length > 60)
    table.fault(first!.row, 'range', name, { because: 'name-needed', most: 60 });
  const families = rows.flatMap((line) => {
    for (const column of ['range', 'unit', 'construction', 'fronts'] as const) {
      const value = table.cell(line.cells, column);
      if (line !== first && value !== named(column))
        table.fault(line.row, column, value, {
          because: 'differs-from-first',
          line: first!.row,
          value: named(column),
        });
    }
    const family = table.family(line, unit ?? 'mm');
    return family ? [{ family, row: line.row }] : [];
  });
  const range: Range = {
    id,
    name,
    unit: unit ?? 'mm',
    construction: construction ?? 'none',
    ...(fronts ? { fronts } : {}),
    families: families.map(({ family }) => family),
  };
  noteDoubleCodes(range, families, table);
  if (table.faults.length > 0) return { ok: false, faults: table.faults };
  return { ok: true, range, families: families.length, items: itemsOf(range).length };
}

/** Codes that would name two items. */
function noteDoubleCodes(
  range: Range,
  families: readonly { family: Family; row: number }[],
  table: RangeTable,
) {
  const taken = new Map<string, number>();
  for (const { family, row } of families) {
    for (const { code } of itemsOf({ ...range, families: [family] })) {
      const other = taken.get(code);
      if (other === undefined) taken.set(code, row);
      else {
        const reason: Reason =
          other === row ? { because: 'code-twice-here', code } : { because: 'code-twice', code, line: other };
        table.fault(row, 'code', family.code, reason);
        break;
      }
    }
  }
}

/** The cells of a range by their columns, and what is found wrong in them. */
class RangeTable extends CsvTable<RangeColumn> {
  /** One family, or null where a cell of its line is at fault. */
  family(line: TableLine, unit: 'in' | 'mm'): Family | null {
    const before = this.faults.length;
    const { cells, row } = line;
    const type = this.cell(cells, 'type');
    if (!itemKinds.some(({ id }) => id === type)) this.fault(row, 'type', type, 'kind-unknown');
    const name = this.cell(cells, 'name');
    if (name === '' || name.length > 60) this.fault(row, 'name', name, { because: 'name-needed', most: 60 });
    const code = this.#pattern(line, 'code', this.cell(cells, 'code'));
    const also = parted(this.cell(cells, 'other codes')).map((one) =>
      this.#pattern(line, 'other codes', one),
    );
    if (also.length > 6) this.fault(row, 'other codes', String(also.length), { because: 'at-most', most: 6 });
    const widths = this.#sizes(line, 'widths', unit, MOST_WIDTHS);
    const heights = this.#sizes(line, 'heights', unit, MOST_HEIGHTS);
    const depths = this.#sizes(line, 'depths', unit, MOST_DEPTHS);
    if (!code.includes('*') && widths.length * heights.length > 1)
      this.fault(row, 'code', code, 'star-needed');
    const leg = this.length(line, 'leg', unit, MOST_ITEM);
    const drawers = this.count(line, 'drawers', 12);
    const bottom = this.length(line, 'hangs from', unit, MOST_HEIGHT);
    const top = this.length(line, 'hangs up to', unit, MOST_HEIGHT);
    if ((bottom === null) !== (top === null))
      this.fault(row, bottom === null ? 'hangs from' : 'hangs up to', '', 'both-or-neither');
    else if (bottom !== null && top! < bottom)
      this.fault(row, 'hangs up to', String(top), { because: 'below-its-foot', bottom });
    const price = {
      each: this.money(line, 'price', 1_000_000),
      width: this.money(line, 'price per width', 10_000),
      height: this.money(line, 'price per height', 10_000),
    };
    const services = parted(this.cell(cells, 'services')).flatMap((one) => this.#service(line, one, unit));
    if (services.length > 12)
      this.fault(row, 'services', String(services.length), { because: 'at-most', most: 12 });
    if (this.faults.length > before) return null;
    return {
      type,
      name,
      code,
      ...(also.length > 0 ? { also } : {}),
      widths,
      heights,
      depths,
      ...(leg === null ? {} : { leg }),
      ...(drawers === null ? {} : { drawers }),
      ...(bottom === null ? {} : { hangs: { bottom, top: top! } }),
      price,
      ...(services.length > 0 ? { services } : {}),
    };
  }

  #pattern({ row }: TableLine, column: RangeColumn, value: string): string {
    const pattern = value.toUpperCase();
    if (!CODE_PATTERN.test(pattern)) this.fault(row, column, value, 'code-pattern');
    return pattern;
  }

  #sizes(line: TableLine, column: RangeColumn, unit: 'in' | 'mm', most: number): number[] {
    const parts = parted(this.cell(line.cells, column));
    if (parts.length === 0 || parts.length > most)
      this.fault(line.row, column, this.cell(line.cells, column), { because: 'sizes-needed', most });
    const sizes = parts.flatMap((part) => {
      const size = this.size(line, column, part, unit, MOST_HEIGHT);
      if (size !== null && size <= 0) this.fault(line.row, column, part, 'size-of-nothing');
      return size === null ? [] : [size];
    });
    const double = sizes.find((size, index) => sizes.indexOf(size) !== index);
    if (double !== undefined) this.fault(line.row, column, String(double), 'there-twice');
    return sizes;
  }

  #service(line: TableLine, value: string, unit: 'in' | 'mm'): ServicePoint[] {
    const words = value.split(/\s+/);
    const type = serviceTypes.find((one) => one === words[0]);
    const from = (['left', 'right'] as const).find((one) => one === words[1]);
    const lengths = words
      .slice(from ? 2 : 1)
      .join(' ')
      .split('/')
      .map((length) => parseLength(length, unit));
    const [across, out, up] = lengths.flatMap((length) => (length.ok ? [quantise(length.value)] : []));
    if (
      !type ||
      lengths.length !== 3 ||
      across === undefined ||
      out === undefined ||
      up === undefined ||
      up < 0
    ) {
      this.fault(line.row, 'services', value, { because: 'service-unclear', known: serviceTypes.join(', ') });
      return [];
    }
    return [{ type, ...(from ? { from } : {}), across, out, up }];
  }
}
