import { applyPatch, patchOf } from '../document/patch';
import { within } from '../document/within';
import type { Design } from '../document/design';
import { MOST_FACE } from '../document/limits';
import type { ItemRecord } from '../document/records';
import { ok, refuse, type Result } from '../result';
import { boxOf } from '../setting/item-box';
import { shifted } from '../setting/shift-item';
import { tieOn, type TieSide } from '../setting/ties';
import { roomShape } from '../survey/room-shape';
import { quantise } from '../units/units';
import { findFreeItem, guardedItems, type Command } from './command';

/** Moves an item so that one of its ties has a typed length, mm. */
export const setTie: Command<{ id: string; side: TieSide; distance: number }> = {
  id: 'set-tie',
  run(design, { id, side, distance }) {
    const found = findFreeItem(design, id);
    if (!found.ok) return found;
    const held = within('tie', distance, -MOST_FACE, MOST_FACE);
    if (!held.ok) return held;
    const moved = tied(design, found.value, side, distance);
    return moved.ok ? guardedItems(design, [moved.value]) : moved;
  },
};

/** The step lengths are stored in, mm; as an item turns while it slides along a bent face, its tie can change by somewhat more than it is moved. */
const STEP = 1e-6;
const MET = 2 * STEP;
/** How often it is tried there. */
const TRIES = 40;

/** The item moved until the tie is as long as asked. Where it slides straight the first move does it; along a bent face the secant method. */
function tied(design: Design, record: ItemRecord, side: TieSide, distance: number): Result<ItemRecord> {
  const shape = roomShape(design);
  const read = (item: ItemRecord): number | null => {
    const after = applyPatch(design, patchOf(design, [item]));
    return after.ok ? (tieOn(after.value, boxOf(item, shape), side)?.distance ?? null) : null;
  };
  const unavailable = refuse('tie-unavailable', { side });
  const first = tieOn(design, boxOf(record, shape), side);
  if (!first) return unavailable;
  const turning = boxOf(record, shape).against?.face.arc && (side === 'left' || side === 'right');
  let by = first.distance - distance;
  if (!turning) return ok(moved(record, side, by));
  if (Math.abs(by) <= STEP) return ok(record);
  let [before, wrong] = [0, by];
  let best = { off: Infinity, item: record };
  for (let tries = 0; tries < TRIES && Math.abs(by - before) > STEP / 2; tries++) {
    const item = moved(record, side, by);
    const now = read(item);
    if (now === null) break;
    const off = now - distance;
    if (Math.abs(off) < best.off) best = { off: Math.abs(off), item };
    const slope = off === wrong ? -1 : (off - wrong) / (by - before);
    [before, wrong] = [by, off];
    by -= off / slope;
  }
  return best.off <= MET ? ok(best.item) : unavailable;

  function moved(item: ItemRecord, towards: TieSide, away: number): ItemRecord {
    if (towards === 'below' || towards === 'above')
      return { ...item, up: quantise(item.up + (towards === 'above' ? away : -away)) };
    const sideways = towards === 'left' ? -away : towards === 'right' ? away : 0;
    const out = towards === 'front' ? away : towards === 'behind' ? -away : 0;
    return fromSide(shifted(boxOf(item, shape), sideways, out), towards);
  }

  /** On a face it is then placed from the side that was typed. */
  function fromSide(item: ItemRecord, typed: TieSide): ItemRecord {
    const { placement } = item;
    if (placement.on !== 'face' || (typed !== 'left' && typed !== 'right') || placement.from === typed)
      return item;
    const { length } = shape.byId.get(placement.face)!;
    const other = quantise(length - placement.distance - item.width);
    return { ...item, placement: { ...placement, from: typed, distance: other } };
  }
}
