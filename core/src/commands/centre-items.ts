import { recordOf, type Design } from '../document/design';
import { dot, place, scale, subtract, type Point } from '../geometry/point';
import { ok, refuse, type Result } from '../result';
import { blockOf } from '../setting/block';
import { boxOf, middleOf } from '../setting/item-box';
import { shifted, shiftedBy } from '../setting/shift-item';
import { findOpening } from '../survey/openings';
import { facePoint, projectOn } from '../survey/placed-face';
import { roomShape } from '../survey/room-shape';
import { findGap, type GapPlace } from './fill-gap';
import { findFace, findFreeItems, guardedItems, type Command } from './command';

/** What items are centred on: the whole of a face, an opening, an item, or an open length. */
export type CentreOn = { face: string } | { opening: string } | { item: string } | { gap: GapPlace };

/** Centres items, as one, on something, along the back of the first. */
export const centreItems: Command<{ ids: readonly string[]; on: CentreOn }> = {
  id: 'centre-items',
  run(design, { ids, on }) {
    const found = findFreeItems(design, ids);
    if (!found.ok) return found;
    const target = centreOf(design, on);
    if (!target.ok) return target;
    const [first] = found.value;
    if (found.value.length === 1 && first.against?.face.arc) {
      const { face, along } = first.against;
      const by = projectOn(face, target.value).along - along - first.record.width / 2;
      return guardedItems(design, [shifted(first, by, 0)]);
    }
    const block = blockOf(found.value);
    const at = place(block.origin, first.u, block.width / 2, first.n, 0);
    const by = scale(first.u, dot(subtract(target.value, at), first.u));
    return guardedItems(
      design,
      found.value.map((box) => shiftedBy(box, by)),
    );
  },
};

function centreOf(design: Design, on: CentreOn): Result<Point> {
  if ('face' in on) {
    const face = findFace(design, on.face);
    return face.ok ? ok(facePoint(face.value, face.value.length / 2)) : face;
  }
  if ('gap' in on) {
    const gap = findGap(design, on.gap);
    return gap.ok ? ok(facePoint(gap.value.face, (gap.value.from + gap.value.to) / 2)) : gap;
  }
  if ('opening' in on) {
    const opening = findOpening(design, on.opening);
    if (!opening) return refuse('record-missing', { id: on.opening, what: 'opening' });
    return ok(facePoint(opening.face, (opening.left + opening.right) / 2));
  }
  const record = recordOf(design, 'item', on.item);
  return record
    ? ok(middleOf(boxOf(record, roomShape(design))))
    : refuse('record-missing', { id: on.item, what: 'item' });
}
