import { noun } from '../nouns';
import { LEAST_FACE } from '../document/limits';
import { patchOf } from '../document/patch';
import { within } from '../document/within';
import { bentAs, facePoint } from '../survey/placed-face';
import { rehome } from '../survey/rehome';
import { reshape, walkedFaces } from '../survey/reshape';
import { quantise } from '../units/units';
import { findFace, guarded, type Command } from './command';

/** Puts a corner into a face, so far from its left end, mm: the part right of it becomes a face of its own, with the id given. */
export const insertCorner: Command<{ face: string; distance: number; id: string }> = {
  id: 'insert-corner',
  run(design, { face, distance, id }) {
    const found = findFace(design, face);
    if (!found.ok) return found;
    const { letter, length, record } = found.value;
    const held = within(
      noun('distance-along-face', letter),
      distance,
      LEAST_FACE,
      quantise(length - LEAST_FACE),
    );
    if (!held.ok) return held;
    const moved = rehome(design, {
      [face]: [
        { face, from: 0, to: distance },
        { face: id, from: distance, to: length },
      ],
    });
    if (!moved.ok) return moved;
    const walked = walkedFaces(design);
    const index = walked.findIndex((one) => one.record.id === face);
    walked.splice(
      index,
      1,
      { ...walked[index]!, record: bentAs(found.value, record, distance) },
      {
        record: bentAs(found.value, { ...record, id, cornerFrom: 'measured' }, length - distance),
        at: facePoint(found.value, distance),
      },
    );
    const shaped = reshape(design, walked, moved.value);
    return shaped.ok ? guarded(design, patchOf(design, shaped.value.written, shaped.value.removed)) : shaped;
  },
};
