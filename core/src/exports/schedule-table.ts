import Papa from 'papaparse';
import writeXlsx, { type SheetData } from 'write-excel-file/node';
import { FORMULA } from '../ranges/range-columns';
import { columnMeasures, type Cell, type ColumnMeasure, type Schedule } from '../schedules/schedule';
import { listName } from '../shop/lists/find-list';
import { isInchUnit, MM_PER_INCH, type LengthUnit, MM2_PER_M2 } from '../units/units';
import { scheduleColumns, scheduleUnits, type ScheduleColumnId } from '../wording/schedule-words';

/** A schedule as a table, as it is printed. */
export function scheduleCsv({ columns, lines }: Schedule): string {
  const fields = columns.map((column) => scheduleColumns[column]);
  const data = lines.map(({ cells }) => cells.map(({ said }) => said));
  return Papa.unparse({ fields, data }, { escapeFormulae: FORMULA, newline: '\n' });
}

/** So many digits after the point are kept of a number in a table. */
const DIGITS = 6;
const MM2_PER_FT2 = (12 * MM_PER_INCH) ** 2;
/** The width of a column of words and of figures, in letters. */
const WIDE = 26;
const NARROW = 12;

/** Schedules as the sheets of one workbook: numbers as numbers, in the unit its heading tells. */
export function scheduleXlsx(schedules: readonly Schedule[], unit: LengthUnit): Promise<Buffer> {
  const inInches = isInchUnit(unit);
  const units = scheduleUnits[inInches ? 'inches' : 'metres'];
  const per: Record<ColumnMeasure, number> = {
    count: 1,
    amount: 1,
    length: inInches ? MM_PER_INCH : 1,
    area: inInches ? MM2_PER_FT2 : MM2_PER_M2,
  };
  const heading = (column: ScheduleColumnId) => {
    const measure = columnMeasures[column];
    const name = scheduleColumns[column];
    return measure && measure !== 'count' && measure !== 'amount' ? `${name} (${units[measure]})` : name;
  };
  const cellOf = (cell: Cell, column: ScheduleColumnId) => {
    const measure = columnMeasures[column];
    if (cell.value === undefined || !measure) return { type: String, value: cell.said };
    return { type: Number, value: Number((cell.value / per[measure]).toFixed(DIGITS)) };
  };
  return writeXlsx(
    schedules.map(({ id, columns, lines }) => ({
      sheet: listName(id),
      data: [
        columns.map((column) => ({ type: String, value: heading(column), fontWeight: 'bold' as const })),
        ...lines.map(({ cells }) => cells.map((cell, index) => cellOf(cell, columns[index]!))),
      ] satisfies SheetData,
      columns: columns.map((column) => ({ width: columnMeasures[column] ? NARROW : WIDE })),
      stickyRowsCount: 1,
    })),
  ).toBuffer();
}
