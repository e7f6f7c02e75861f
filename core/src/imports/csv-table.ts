import Papa from 'papaparse';
import { unguarded } from '../ranges/range-columns';
import type { Reason } from '../reasons';
import { parseLength } from '../units/parse-length';
import { quantise } from '../units/units';

/** What is wrong with one cell of a table: its line in the file (the header is line 1), its column, what stands there and why it can't. */
export interface TableFault {
  row: number;
  column: string;
  value: string;
  reason: Reason;
}

/** The largest table read, characters. */
export const MOST_TABLE_TEXT = 1_000_000;

/** A line of a table with something in it: its cells, and its number in the file. */
export interface TableLine {
  cells: readonly string[];
  row: number;
}

/** What a table may hold: its columns, those that may be missing, and how many lines at most. */
export interface TableShape<C extends string> {
  columns: readonly C[];
  optional: readonly C[];
  most: number;
}

/** Takes a table apart: the columns it has and its lines, or every fault of its first line. */
export function readTable<C extends string>(
  text: string,
  { columns: known, optional, most }: TableShape<C>,
):
  { ok: true; columns: readonly string[]; rows: readonly TableLine[] } | { ok: false; faults: TableFault[] } {
  const whole = (reason: Reason) => ({
    ok: false as const,
    faults: [{ row: 1, column: '', value: '', reason }],
  });
  if (text.length > MOST_TABLE_TEXT) return whole({ because: 'table-too-long', most: MOST_TABLE_TEXT });
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: false });
  const [header = [], ...lines] = data.map((cells) => cells.map(unguarded));
  const columns = header.map((cell) => cell.trim().toLowerCase());
  const table = new CsvTable<C>(columns);
  for (const column of known)
    if (!columns.includes(column) && !optional.includes(column)) table.fault(1, column, '', 'column-missing');
  columns.forEach((column, index) => {
    if (!(known as readonly string[]).includes(column))
      table.fault(1, column || `column ${index + 1}`, header[index] ?? '', {
        because: 'column-unknown',
        known: known.join(', '),
      });
    else if (columns.indexOf(column) !== index) table.fault(1, column, header[index]!, 'there-twice');
  });
  if (table.faults.length > 0) return { ok: false, faults: table.faults };
  const rows = lines
    .map((cells, index) => ({ cells, row: index + 2 }))
    .filter(({ cells }) => cells.some((cell) => cell.trim() !== ''));
  if (rows.length === 0) return whole('no-rows');
  if (rows.length > most) return whole({ because: 'too-many-rows', found: rows.length, most });
  return { ok: true, columns, rows };
}

/** The cells of a table by their columns, and what is found wrong in them. */
export class CsvTable<C extends string> {
  readonly faults: TableFault[] = [];

  constructor(private readonly columns: readonly string[]) {}

  fault(row: number, column: string, value: string, reason: Reason): void {
    this.faults.push({ row, column, value: value.length > 60 ? `${value.slice(0, 57)}…` : value, reason });
  }

  cell(cells: readonly string[], column: C): string {
    return (cells[this.columns.indexOf(column)] ?? '').trim();
  }

  oneOf<T extends string>({ cells, row }: TableLine, column: C, known: readonly T[]): T | null {
    const value = this.cell(cells, column).toLowerCase();
    const found = known.find((one) => one === value);
    if (!found) this.fault(row, column, value, { because: 'not-among', known: known.join(', ') });
    return found ?? null;
  }

  length(line: TableLine, column: C, unit: 'in' | 'mm', most: number): number | null {
    const value = this.cell(line.cells, column);
    return value === '' ? null : this.size(line, column, value, unit, most);
  }

  /** A typed length in the table's unit. */
  size({ row }: TableLine, column: C, value: string, unit: 'in' | 'mm', most: number): number | null {
    const read = parseLength(value, unit);
    if (!read.ok) {
      this.fault(row, column, value, 'no-length');
      return null;
    }
    if (read.value < 0 || read.value > most) {
      this.fault(row, column, value, { because: 'length-beyond', most });
      return null;
    }
    return quantise(read.value / (unit === 'in' ? 25.4 : 1));
  }

  count({ cells, row }: TableLine, column: C, most: number): number | null {
    const value = this.cell(cells, column);
    if (value === '') return null;
    const count = Number(value);
    if (Number.isInteger(count) && count >= 1 && count <= most) return count;
    this.fault(row, column, value, { because: 'no-count', most });
    return null;
  }

  money({ cells, row }: TableLine, column: C, most: number): number {
    const value = this.cell(cells, column);
    const amount = value === '' ? 0 : Number(value);
    if (Number.isFinite(amount) && amount >= 0 && amount <= most) return amount;
    this.fault(row, column, value, { because: 'no-amount', most });
    return 0;
  }
}

/** The parts of a cell with ; between. */
export function parted(value: string): string[] {
  return value
    .split(';')
    .map((part) => part.trim())
    .filter(Boolean);
}
