import { ok, refuse, type Result } from '../result';
import { scheduleNames, type ScheduleId } from '../wording/schedule-words';

/** Every schedule, in the order of a set of sheets. */
export const scheduleIds = Object.keys(scheduleNames) as ScheduleId[];

export function findSchedule(id: string): Result<ScheduleId> {
  const found = scheduleIds.find((one) => one === id);
  return found ? ok(found) : refuse('sheet-unknown', { what: 'schedule', value: id, known: scheduleIds });
}
