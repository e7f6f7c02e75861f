import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { galleyWithBay } from '../demo/galley-with-bay';
import { orchardKitchen } from '../demo/orchard-kitchen';
import { styleOf } from '../document/design';
import { columnMeasures, type Schedule } from '../schedules/schedule';
import { scheduleIds } from '../schedules/find-schedule';
import { scheduleOf } from '../schedules/schedules';
import { listName, shopListIds } from '../shop/lists/find-list';
import { listOf } from '../shop/lists/lists';
import { scheduleNames } from '../wording/schedule-words';
import { scheduleCsv, scheduleXlsx } from './schedule-table';

const READ = `
import sys, json, openpyxl
book = openpyxl.load_workbook(sys.argv[1])
print(json.dumps({sheet.title: [[cell.value for cell in row] for row in sheet.rows] for sheet in book.worksheets}))
`;

/** A workbook as another program reads it: each sheet's rows. */
function readBack(bytes: Uint8Array): Record<string, (number | string | null)[][]> {
  const folder = mkdtempSync(join(tmpdir(), 'xlsx-'));
  const file = join(folder, 'book.xlsx');
  writeFileSync(file, bytes);
  const said = execFileSync('/usr/bin/python3', ['-c', READ, file], { encoding: 'utf8' });
  rmSync(folder, { recursive: true });
  return JSON.parse(said) as ReturnType<typeof readBack>;
}

describe('schedules as tables', () => {
  it('are read by another program as they are: numbers as numbers in the unit of the job, with the same sums', async () => {
    for (const [design, mm, unit] of [
      [galleyWithBay(), 1, 'mm'],
      [orchardKitchen(), 25.4, 'in'],
    ] as const) {
      const schedules = scheduleIds.map((id) => scheduleOf(design, id));
      const book = readBack(await scheduleXlsx(schedules, styleOf(design).unit));
      expect(Object.keys(book)).toEqual(scheduleIds.map((id) => scheduleNames[id]));
      const [heading, ...rows] = book[scheduleNames.items]!;
      expect(heading).toContain(`Width (${unit})`);
      const { lines } = schedules[0]!;
      const at = heading!.indexOf(`Width (${unit})`);
      const sum = rows.reduce((all, row) => all + (row[at] as number), 0);
      expect(sum).toBeCloseTo(
        lines.reduce((all, { cells }) => all + cells[at]!.value! / mm, 0),
        3,
      );
      expect(rows.map((row) => row[0])).toEqual(lines.map(({ cells }) => cells[0]!.value));
    }
  });

  it('of the shop are read by another program with the same sums: pieces, lengths, hardware', async () => {
    const design = galleyWithBay();
    const lists = shopListIds.map((id) => listOf(design, id));
    const book = readBack(await scheduleXlsx(lists, styleOf(design).unit));
    expect(Object.keys(book)).toEqual(shopListIds.map(listName));
    for (const { id, columns, lines } of lists) {
      const [heading, ...rows] = book[listName(id)]!;
      expect(rows.length).toBe(lines.length);
      columns.forEach((column, at) => {
        if (!columnMeasures[column] || lines.some(({ cells }) => cells[at]!.value === undefined)) return;
        const sum = rows.reduce((all, row) => all + (row[at] as number), 0);
        expect([heading![at], Math.round(sum * 1e3)]).toEqual([
          heading![at],
          Math.round(lines.reduce((all, { cells }) => all + cells[at]!.value!, 0) * 1e3),
        ]);
      });
    }
  });

  it('as text hold what is printed, and nothing that a program would take for a formula', () => {
    const table: Schedule = {
      ...{ id: 'finishes', columns: ['code', 'finish', 'parts', 'supplier'] },
      lines: [{ ids: [], cells: [{ said: 'P1' }, { said: '=1+1' }, { said: 'walls, "old"' }, { said: '' }] }],
    };
    const text = scheduleCsv(table);
    expect(Papa.parse<string[]>(text).data).toEqual([
      ['Code', 'Finish', 'On', 'Supplier'],
      ['P1', "'=1+1", 'walls, "old"', ''],
    ]);
  });
});
