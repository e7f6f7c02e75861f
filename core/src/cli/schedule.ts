import { styleOf, type Design } from '../document/design';
import { scheduleCsv, scheduleXlsx } from '../exports/schedule-table';
import { ok, refuse, type Result } from '../result';
import { scheduleIds } from '../schedules/find-schedule';
import { arranged, readArrangement, type ArrangedSchedule } from '../schedules/arranged';
import type { ScheduleLine } from '../schedules/schedule';
import { shopListIds, type ListId } from '../shop/lists/find-list';
import { listOf } from '../shop/lists/lists';
import { scheduleColumns } from '../wording/schedule-words';

export interface ScheduleFlags {
  of: string;
  format: string;
  columns?: string;
  sort?: string;
  group?: string;
}

const formats = ['json', 'csv', 'xlsx'];
/** All of a room's schedules, and all of its lists for the shop. */
const groups: Readonly<Record<string, readonly ListId[]>> = { all: scheduleIds, shop: shopListIds };

/** Schedules of a design and lists for the shop: as JSON, one as CSV, or one or all as a workbook. */
export async function scheduleCommand(
  design: Design,
  flags: ScheduleFlags,
): Promise<Result<{ json: object } | { text: string } | { bytes: Uint8Array }>> {
  if (!formats.includes(flags.format))
    return refuse('sheet-unknown', { what: 'format', value: flags.format, known: formats });
  const single = [...scheduleIds, ...shopListIds];
  const known = [...Object.keys(groups), ...single];
  if (!known.includes(flags.of)) return refuse('sheet-unknown', { what: 'schedule', value: flags.of, known });
  const ids = groups[flags.of] ?? [flags.of as ListId];
  if (flags.format === 'csv' && ids.length > 1)
    return refuse('sheet-unknown', { what: 'schedule', value: flags.of, known: single });
  const asked = readArrangement(flags);
  if (!asked.ok) return asked;
  const schedules: ArrangedSchedule[] = [];
  for (const id of ids) {
    const made = arranged(listOf(design, id), asked.value);
    if (!made.ok) return made;
    schedules.push(made.value);
  }
  if (flags.format === 'csv') return ok({ text: `${scheduleCsv(schedules[0]!)}\n` });
  if (flags.format === 'xlsx') return ok({ bytes: await scheduleXlsx(schedules, styleOf(design).unit) });
  return ok({
    json: {
      schedules: schedules.map(({ id, columns, lines, groups, totals }) => ({
        ...{ id, columns: columns.map((column) => scheduleColumns[column]) },
        ...(flags.group === undefined
          ? { lines: toldLines(lines) }
          : { groups: groups.map((group) => ({ ...group, lines: toldLines(group.lines) })) }),
        totals,
      })),
    },
  });
}

const toldLines = (lines: readonly ScheduleLine[]) =>
  lines.map(({ ids, cells }) => ({
    ids,
    cells: cells.map(({ said, value }) => (value === undefined ? said : { said, value })),
  }));
