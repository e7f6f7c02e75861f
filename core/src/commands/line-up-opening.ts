import { recordOf } from '../document/design';
import { patchOf } from '../document/patch';
import { add, scale, type Point } from '../geometry/point';
import { refuse } from '../result';
import { findBox } from '../setting/item-box';
import { distanceFor, placedOpenings } from '../survey/openings';
import { acrossFrom, facePoint } from '../survey/placed-face';
import { quantise } from '../units/units';
import { guarded, type Command } from './command';

/** Moves an opening along its face until its centre stands straight across from that of another opening, or of an item. */
export const lineUpOpening: Command<{ id: string; with: string }> = {
  id: 'line-up-opening',
  run(design, { id, with: otherId }) {
    const openings = placedOpenings(design);
    const opening = openings.find(({ record }) => record.id === id);
    if (!opening) return refuse('record-missing', { id, what: 'opening' });
    const other = openings.find(({ record }) => record.id === otherId);
    const box = findBox(design, otherId);
    let centre: Point;
    if (other) centre = facePoint(other.face, (other.left + other.right) / 2);
    else if (box)
      centre = scale(
        box.footprint.reduce((sum, corner) => add(sum, corner)),
        1 / 4,
      );
    else return refuse('record-missing', { id: otherId, what: 'opening-or-item' });
    const { record, face } = opening;
    const half = (opening.right - opening.left) / 2;
    const along = acrossFrom(face, centre);
    if (along === null || along < half || along + half > face.length)
      return refuse('not-across', { opening: opening.name, other: other?.name ?? box!.record.code });
    const distance = quantise(distanceFor(record, along - half, face));
    return guarded(design, patchOf(design, [{ ...recordOf(design, 'opening', id)!, distance }]));
  },
};
