import { styleOf, type Design } from '../document/design';
import { scheduleCsv, scheduleXlsx } from '../exports/schedule-table';
import { ok, refuse, type Result } from '../result';
import { scheduleIds } from '../schedules/find-schedule';
import { scheduleOf } from '../schedules/schedules';
import { scheduleColumns, type ScheduleId } from '../wording/schedule-words';

export interface ScheduleFlags {
  of: string;
  format: string;
}

const formats = ['json', 'csv', 'xlsx'];
const ALL = 'all';

/** Schedules of a design: as JSON, one as CSV, or one or all as a workbook. */
export async function scheduleCommand(
  design: Design,
  flags: ScheduleFlags,
): Promise<Result<{ json: object } | { text: string } | { bytes: Uint8Array }>> {
  if (!formats.includes(flags.format))
    return refuse('sheet-unknown', { what: 'format', value: flags.format, known: formats });
  const known = [ALL, ...scheduleIds];
  if (!known.includes(flags.of)) return refuse('sheet-unknown', { what: 'schedule', value: flags.of, known });
  const ids = flags.of === ALL ? scheduleIds : [flags.of as ScheduleId];
  if (flags.format === 'csv' && ids.length > 1)
    return refuse('sheet-unknown', { what: 'schedule', value: flags.of, known: [...scheduleIds] });
  const schedules = ids.map((id) => scheduleOf(design, id));
  if (flags.format === 'csv') return ok({ text: `${scheduleCsv(schedules[0]!)}\n` });
  if (flags.format === 'xlsx') return ok({ bytes: await scheduleXlsx(schedules, styleOf(design).unit) });
  return ok({
    json: {
      schedules: schedules.map(({ id, columns, lines }) => ({
        ...{ id, columns: columns.map((column) => scheduleColumns[column]) },
        lines: lines.map(({ ids: own, cells }) => ({
          ids: own,
          cells: cells.map(({ said, value }) => (value === undefined ? said : { said, value })),
        })),
      })),
    },
  });
}
