import { firstRefusal, within } from '../document/within';
import {
  LEAST_ITEM,
  MOST_HEIGHT,
  MOST_ITEM,
  MOST_OVERHANG,
  overhangSides,
  type OverhangSide,
} from '../document/limits';
import { roomOf } from '../document/design';
import { patchOf } from '../document/patch';
import type { ItemRecord, OutlinePlace, RoomRecord, TopOverhangs } from '../document/records';
import { listedSizes, listedWidths, mayBeWide, recoded } from '../ranges/specials';
import { rangeName, rangesOf } from '../ranges/shelf';
import { ofOtherHand } from '../ranges/handing';
import { kindOf } from '../ranges/kinds';
import type { Range } from '../ranges/range';
import { ok, refuse, type Result } from '../result';
import { withOutline } from '../survey/fixed-outline';
import { quantise } from '../units/units';
import { findFreeItems, guarded, type Command } from './command';

export type ItemChange = Partial<
  Pick<ItemRecord, 'corners' | 'depth' | 'finish' | 'hand' | 'height' | 'leg' | 'name' | 'up' | 'width'>
> & {
  /** The top's overhangs of its own; null goes back to the room's. */
  overhangs?: Partial<Record<OverhangSide, number | null>>;
};

/** Changes the measures, the top's overhangs, outline, hand, name or finish of items; each keeps the end it is placed from, and gets the code its family has the new size under. */
export const editItems: Command<{ ids: readonly string[]; change: ItemChange }> = {
  id: 'edit-items',
  run(design, { ids, change }) {
    const found = findFreeItems(design, ids);
    if (!found.ok) return found;
    const changed: ItemRecord[] = [];
    for (const { record } of found.value) {
      const after = changedItem(record, change, roomOf(design), rangesOf(design));
      if (!after.ok) return after;
      changed.push(after.value);
    }
    return guarded(design, patchOf(design, changed));
  },
};

function changedItem(
  record: ItemRecord,
  change: ItemChange,
  room: RoomRecord,
  known: readonly Range[],
): Result<ItemRecord> {
  const { overhangs, hand, ...rest } = change;
  const hung = hand && hand !== record.hand ? ofOtherHand(record) : record;
  const after = overhangs ? withOverhangs({ ...hung, ...rest }, overhangs) : { ...hung, ...rest };
  const wrong = firstRefusal(
    within('width', after.width, LEAST_ITEM, MOST_ITEM),
    within('depth', after.depth, LEAST_ITEM, MOST_ITEM),
    within('height', after.height, LEAST_ITEM, MOST_HEIGHT),
    within('height-above-floor', after.up, 0, MOST_HEIGHT),
    ...overhangSides.map((side) => within('overhang', after.overhangs?.[side] ?? 0, 0, MOST_OVERHANG)),
  );
  if (wrong) return wrong;
  if (change.width !== undefined && !mayBeWide(record, change.width, room, known))
    return refuse('width-not-made', {
      item: record.code,
      range: rangeName(record.range, known),
      width: change.width,
      made: listedWidths(record, known),
    });
  for (const size of ['depth', 'height'] as const) {
    const made = room.specials || change[size] === undefined ? [] : listedSizes(record, size, known);
    const length = after[size];
    // A corner cabinet reaches along both walls; what it is already it may stay.
    if (made.length === 0 || record.leg !== undefined || Math.abs(length - record[size]) < 1e-6) continue;
    if (!made.some((one) => Math.abs(one - length) < 1e-6))
      return refuse('size-not-made', {
        ...{ item: record.code, range: rangeName(record.range, known), size, length, made },
      });
  }
  for (const key of ['width', 'depth', 'height', 'up'] as const) after[key] = quantise(after[key]);
  for (const key of ['finish', 'name'] as const) {
    const text = after[key]?.trim();
    if (text) after[key] = text;
    else delete after[key];
  }
  const sized = recoded(stretched(after, record), known);
  if (!change.corners) return ok(sized);
  return kindOf(record.type).upright
    ? withFrontOutline(sized, change.corners)
    : withOutline(sized, change.corners);
}

/** An item whose top stands so far past some of its sides; null as far as the room says. */
export function withOverhangs(
  { overhangs: before, ...item }: ItemRecord,
  change: NonNullable<ItemChange['overhangs']>,
): ItemRecord {
  const overhangs: TopOverhangs = {};
  for (const side of overhangSides) {
    const own = change[side] === undefined ? before?.[side] : change[side];
    if (own !== undefined && own !== null) overhangs[side] = quantise(own);
  }
  return Object.keys(overhangs).length > 0 ? { ...item, overhangs } : item;
}

/** A mirror of these corners, along and up from its lower left one: its width and height become their extent, and it stays where they are. */
function withFrontOutline(item: ItemRecord, corners: readonly OutlinePlace[]): Result<ItemRecord> {
  const low = Math.min(...corners.map(({ out }) => out));
  const raised = corners.map(({ along, out }) => ({ along, out: out - low }));
  const shaped = withOutline({ ...item, depth: item.height }, raised);
  if (!shaped.ok) return shaped;
  const { depth: height, ...after } = shaped.value;
  return ok({ ...after, depth: item.depth, height, up: quantise(item.up + low) });
}

/** An outline of its own grows and shrinks with the width and depth, that of a front with the width and height. */
function stretched(after: ItemRecord, { type, width, depth, height, corners }: ItemRecord): ItemRecord {
  if (!corners || after.corners !== corners) return after;
  const across = after.width / width;
  const deep = kindOf(type).upright ? after.height / height : after.depth / depth;
  return {
    ...after,
    corners: corners.map(({ along, out }) => ({
      along: quantise(along * across),
      out: quantise(out * deep),
    })),
  };
}
