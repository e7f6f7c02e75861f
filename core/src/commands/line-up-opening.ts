import { recordOf } from '../document/design';
import { patchOf } from '../document/patch';
import { add, dot, place, scale, subtract, type Point } from '../geometry/point';
import { refuse } from '../result';
import { itemBoxes } from '../setting/item-box';
import { distanceFor, placedOpenings } from '../survey/openings';
import { quantise } from '../units/units';
import { guarded, type Command } from './command';

/** Moves an opening along its face until its centre stands straight across from that of another opening, or of an item. */
export const lineUpOpening: Command<{ id: string; with: string }> = {
  id: 'line-up-opening',
  label: () => 'Line up an opening',
  run(design, { id, with: otherId }) {
    const openings = placedOpenings(design);
    const opening = openings.find(({ record }) => record.id === id);
    if (!opening) return refuse('record-missing', { id, what: 'opening' });
    const other = openings.find(({ record }) => record.id === otherId);
    const box = itemBoxes(design).find((one) => one.id === otherId);
    let centre: Point;
    if (other)
      centre = place(other.face.start, other.face.u, (other.left + other.right) / 2, other.face.n, 0);
    else if (box)
      centre = scale(
        box.footprint.reduce((sum, corner) => add(sum, corner)),
        1 / 4,
      );
    else return refuse('record-missing', { id: otherId, what: 'opening or item' });
    const { record, face } = opening;
    const left = dot(subtract(centre, face.start), face.u) - record.width / 2;
    if (left < 0 || left + record.width > face.length)
      return refuse('not-across', { opening: opening.name, other: other?.name ?? box!.record.code });
    const distance = quantise(distanceFor(record, left, face.length));
    return guarded(design, patchOf(design, [{ ...recordOf(design, 'opening', id)!, distance }]));
  },
};
