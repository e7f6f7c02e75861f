import { ok, refuse, type Result } from '../result';
import { inNumberedOrder } from '../wording/in-order';
import { scheduleColumns, type ScheduleColumnId } from '../wording/schedule-words';
import { columnMeasures, type Schedule, type ScheduleLine } from './schedule';

/** How a schedule is told: which of its columns, by what it is sorted, and by what it is parted. */
export interface Arrangement {
  columns?: readonly ScheduleColumnId[];
  sort?: { by: ScheduleColumnId; down?: boolean };
  group?: ScheduleColumnId;
}

/** The lines that have the same in the column a schedule is parted by; all of them where it is not. */
export interface ScheduleGroup {
  title: string;
  lines: readonly ScheduleLine[];
  /** The sums of its columns of numbers; null of what has no sum. */
  totals: readonly (number | null)[];
}

export interface ArrangedSchedule extends Schedule {
  groups: readonly ScheduleGroup[];
  totals: readonly (number | null)[];
}

/** Columns of numbers that name or place a thing: their sum says nothing. */
const NOT_SUMMED: ReadonlySet<ScheduleColumnId> = new Set<ScheduleColumnId>([
  ...(['number', 'along', 'sill', 'up', 'surface', 'thickness', 'leaf', 'joint'] as const),
  ...(['width', 'height', 'depth', 'length', 'cutLength', 'cutWidth'] as const),
  ...(['quantity', 'unitPrice'] as const),
]);

/** Refused where a column is not one of the schedule's. */
export function arranged(
  schedule: Schedule,
  { columns, sort, group }: Arrangement,
): Result<ArrangedSchedule> {
  const shown = columns ?? schedule.columns.filter((column) => column !== 'price');
  const asked = [...shown, ...(sort ? [sort.by] : []), ...(group ? [group] : [])];
  const strange = asked.find((column) => !schedule.columns.includes(column));
  if (strange !== undefined)
    return refuse('sheet-unknown', { what: 'column', value: strange, known: [...schedule.columns] });
  const at = (column: ScheduleColumnId) => schedule.columns.indexOf(column);
  const lines = sort ? sorted(schedule.lines, at(sort.by), sort.down ?? false) : schedule.lines;
  const kept = (line: ScheduleLine): ScheduleLine => ({
    ...line,
    cells: shown.map((column) => line.cells[at(column)]!),
  });
  const totalsOf = (some: readonly ScheduleLine[]) =>
    shown.map((column, index) => {
      if (!columnMeasures[column] || NOT_SUMMED.has(column)) return null;
      return some.reduce((sum, { cells }) => sum + (cells[index]!.value ?? 0), 0);
    });
  const parts = new Map<string, ScheduleLine[]>();
  for (const line of lines) {
    const title = group ? line.cells[at(group)]!.said : '';
    parts.set(title, [...(parts.get(title) ?? []), kept(line)]);
  }
  const all = lines.map(kept);
  return ok({
    ...{ id: schedule.id, columns: shown, lines: all, totals: totalsOf(all) },
    groups: [...parts].map(([title, own]) => ({ title, lines: own, totals: totalsOf(own) })),
  });
}

/** Numbers by their size, words as a reader looks them up; lines that are alike stay in their order. */
function sorted(lines: readonly ScheduleLine[], at: number, down: boolean): ScheduleLine[] {
  const way = down ? -1 : 1;
  return [...lines].sort((a, b) => {
    const [one, other] = [a.cells[at]!, b.cells[at]!];
    // What has no number stands last, whichever way.
    if ((one.value === undefined) !== (other.value === undefined)) return one.value === undefined ? 1 : -1;
    if (one.value !== undefined && other.value !== undefined) return way * (one.value - other.value);
    return way * inNumberedOrder(one.said, other.said);
  });
}

/** A column by its name in a table or its id; null where there is none. */
export function findColumn(name: string): ScheduleColumnId | null {
  const found = Object.entries(scheduleColumns).find(
    ([id, said]) => id === name || said.toLowerCase() === name.toLowerCase(),
  );
  return found ? (found[0] as ScheduleColumnId) : null;
}

/** How a schedule is asked for in words: columns with commas between, sorted by one of them (with a minus from the last to the first), parted by one. */
export function readArrangement({
  columns,
  sort,
  group,
}: {
  columns?: string;
  sort?: string;
  group?: string;
}): Result<Arrangement> {
  const named = (name: string): Result<ScheduleColumnId> => {
    const column = findColumn(name.trim());
    if (column) return ok(column);
    return refuse('sheet-unknown', { what: 'column', value: name, known: Object.keys(scheduleColumns) });
  };
  const asked: Arrangement = {};
  if (columns !== undefined) {
    const found: ScheduleColumnId[] = [];
    for (const name of columns.split(',')) {
      const column = named(name);
      if (!column.ok) return column;
      found.push(column.value);
    }
    asked.columns = found;
  }
  if (sort !== undefined) {
    const down = sort.startsWith('-');
    const by = named(down ? sort.slice(1) : sort);
    if (!by.ok) return by;
    asked.sort = { by: by.value, down };
  }
  if (group !== undefined) {
    const by = named(group);
    if (!by.ok) return by;
    asked.group = by.value;
  }
  return ok(asked);
}
