import { patchOf } from '../document/patch';
import { kindOf } from '../ranges/kinds';
import { refuse } from '../result';
import { facePlacement } from '../setting/hug';
import { itemBoxes } from '../setting/item-box';
import { quantise } from '../units/units';
import { findGap, type GapPlace } from './fill-gap';
import { findItemRecord, guarded, type Command } from './command';

/** Makes a cabinet beside an open length as much wider as the open length is long. */
export const trimToGap: Command<GapPlace & { id: string }> = {
  id: 'trim-to-gap',
  label: () => 'Trim to the open length',
  run(design, { id, face, at }) {
    const found = findItemRecord(design, id);
    if (!found.ok) return found;
    const gap = findGap(design, { face, at });
    if (!gap.ok) return gap;
    const { left, right, from, length } = gap.value;
    const record = found.value;
    const isLeft = left?.id === id;
    const against = itemBoxes(design).find((box) => box.id === id)!.against;
    if ((!isLeft && right?.id !== id) || against?.face.id !== face)
      return refuse('gap-not-beside', { item: record.code });
    const width = quantise(record.width + length);
    const { trim } = kindOf(record.type);
    if (!trim || width < trim.least || width > trim.most) {
      return refuse('width-limits', {
        item: record.code,
        width,
        least: trim?.least ?? 0,
        most: trim?.most ?? 0,
      });
    }
    const off = record.placement.on === 'face' ? record.placement.off : 0;
    const placement = facePlacement(gap.value.face, isLeft ? against.along : from, width, off);
    return guarded(design, patchOf(design, [{ ...record, width, placement }]));
  },
};
