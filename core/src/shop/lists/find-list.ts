import { ok, refuse, type Result } from '../../result';
import { scheduleIds } from '../../schedules/find-schedule';
import { scheduleNames, type ScheduleId } from '../../wording/schedule-words';
import { shopListNames, type ShopListId } from '../../wording/shop-words';

/** A schedule of what a room holds, or a list of what the shop makes of it. */
export type ListId = ScheduleId | ShopListId;

export const shopListIds = Object.keys(shopListNames) as ShopListId[];
const listNames: Readonly<Record<ListId, string>> = { ...scheduleNames, ...shopListNames };

export const listName = (id: ListId): string => listNames[id];

export function findList(id: string): Result<ListId> {
  const known: readonly ListId[] = [...scheduleIds, ...shopListIds];
  const found = known.find((one) => one === id);
  return found ? ok(found) : refuse('sheet-unknown', { what: 'schedule', value: id, known: [...known] });
}
