import { MOST_PAPER, MOST_SHEETS } from '../document/limits';
import { patchOf } from '../document/patch';
import type { FrameRecord } from '../document/records';
import { firstRefusal, within } from '../document/within';
import { drawingIds, frameWay, otherFrames } from '../drawing/sheet/frame-ways';
import { findPage } from '../drawing/sheet/sheet-format';
import { ok, refuse } from '../result';
import { quantise } from '../units/units';
import { guarded, type Command } from './command';

/** Where a drawing is put: its sheet among those of its subject, and where its own zero lies there, mm of paper. */
export interface PlacedFrame {
  /** The id of the record, where there is none yet. */
  id: string;
  drawing: string;
  sheet: number;
  x: number;
  y: number;
}

/** Puts drawings where they shall lie on pages of a size, or lets others lie as of themselves again (`free`). All drawings of a sheet are put at once: then none of them goes elsewhere when another one changes. */
export const placeFrames: Command<{
  page: string;
  frames: readonly PlacedFrame[];
  free?: readonly string[];
}> = {
  id: 'place-frames',
  run(design, { page, frames, free = [] }) {
    const found = findPage(page);
    if (!found.ok) return found;
    const known = new Set(drawingIds(design));
    const after: FrameRecord[] = [];
    for (const { id, drawing, sheet, x, y } of frames) {
      if (!known.has(drawing))
        return refuse('sheet-unknown', { what: 'view', value: drawing, known: [...known] });
      const wrong = firstRefusal(
        within('distance', x, -MOST_PAPER, MOST_PAPER),
        within('distance', y, -MOST_PAPER, MOST_PAPER),
      );
      if (wrong) return wrong;
      if (!Number.isInteger(sheet) || sheet < 1 || sheet > MOST_SHEETS)
        return refuse('number-range', { what: 'sheet', value: sheet, least: 1, most: MOST_SHEETS });
      const before = frameWay(design, drawing);
      const place = { page: found.value.id, sheet, x: quantise(x), y: quantise(y) };
      after.push({ ...(before ?? { kind: 'frame', id, drawing }), place });
    }
    const gone: string[] = after.flatMap((one) => otherFrames(design, one));
    for (const drawing of free) {
      const before = frameWay(design, drawing);
      if (!before?.place) continue;
      const { place: _, ...kept } = before;
      if (Object.keys(kept).length > 3) after.push(kept);
      else gone.push(before.id);
      gone.push(...otherFrames(design, before));
    }
    return after.length + gone.length > 0 ? guarded(design, patchOf(design, after, gone)) : ok([]);
  },
};
