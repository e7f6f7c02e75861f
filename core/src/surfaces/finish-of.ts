import { recordOf, roomOf, type Design } from '../document/design';
import {
  itemParts,
  type DoorStyle,
  type FinishPart,
  type HandleStyle,
  type ItemPart,
} from '../document/limits';
import type { ItemRecord, RoomRecord } from '../document/records';
import type { ConstructionMethod } from '../ranges/construction';
import { finishKey, finishNamed, type Finish } from './finishes';

/** What a part follows where nobody says what it is finished with. */
const follows: Partial<Record<FinishPart, FinishPart>> = { end: 'front', splash: 'top' };

export const isItemPart = (part: FinishPart): part is ItemPart => itemParts.some((one) => one === part);

/** What an item itself says of the finish of a part. */
export const ownFinish = ({ finish, finishes }: ItemRecord, part: ItemPart): string | undefined =>
  part === 'front' ? finish : finishes?.[part];

/** What a part of an item is finished with, in words, and who says so: the item, the room, or (usual) nobody. */
export interface SaidFinish {
  word: string | undefined;
  by: 'item' | 'room' | 'usual';
}

export function saidFinish(room: RoomRecord, item: ItemRecord | null, part: FinishPart): SaidFinish {
  const own = item && isItemPart(part) ? ownFinish(item, part) : undefined;
  if (own) return { word: own, by: 'item' };
  // Cornices and light rails are as the fronts; what the room says of trims is of its skirtings and coves.
  if (item && part === 'trim') return saidFinish(room, item, 'front');
  const said = room[finishKey(part)];
  if (said) return { word: said, by: 'room' };
  const next = follows[part];
  return next ? saidFinish(room, item, next) : { word: undefined, by: 'usual' };
}

/** The finish of a part of an item, or of the room where there is none; null where it is none we know. */
export function finishOf(design: Design, part: FinishPart, item: string | null = null): Finish | null {
  const record = item === null ? null : (recordOf(design, 'item', item) ?? null);
  return finishNamed(design, saidFinish(roomOf(design), record, part).word);
}

/** The finish of a part that goes along several items: what the first of them says that says something of it; of none what the room says. */
export function finishAlong(design: Design, part: ItemPart, items: readonly string[]): Finish | null {
  const saying = items.find((id) => {
    const record = recordOf(design, 'item', id);
    return record && ownFinish(record, part) !== undefined;
  });
  return finishOf(design, part, saying ?? items[0] ?? null);
}

/** How the fronts of an item are made, and what they are taken hold of by: its own way, the room's, or as its range makes them. */
export function frontStyle(
  room: Pick<RoomRecord, 'doorStyle' | 'handleStyle'>,
  item: Pick<ItemRecord, 'doorStyle' | 'handleStyle'>,
  made: ConstructionMethod | null,
): { door: DoorStyle; handle: HandleStyle } {
  // Where stiles show between fronts those are framed as well.
  const usual = made && made.frontShort > 3 ? 'frame' : 'slab';
  return {
    door: item.doorStyle ?? room.doorStyle ?? usual,
    handle: item.handleStyle ?? room.handleStyle ?? 'bar',
  };
}
