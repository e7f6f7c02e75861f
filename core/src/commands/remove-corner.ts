import { patchOf } from '../document/patch';
import { distance } from '../geometry/point';
import { refuse } from '../result';
import { rehome } from '../survey/rehome';
import { reshape, walkedFaces } from '../survey/reshape';
import { roomShape } from '../survey/room-shape';
import { findFace, guarded, type Command } from './command';

/**
 * Takes away the corner at the left end of a face: the face before it runs straight to this one's right end, and all that
 * stood on this one stands on it. Faces in line are joined by this.
 */
export const removeCorner: Command<{ face: string }> = {
  id: 'remove-corner',
  label: () => 'Remove a corner',
  run(design, { face }) {
    const found = findFace(design, face);
    if (!found.ok) return found;
    const { faces } = roomShape(design);
    if (faces.length <= 3) return refuse('faces-too-few', { least: 3 });
    const before = faces.at(faces.indexOf(found.value) - 1)!;
    const { end, length } = found.value;
    const whole = distance(before.start, end);
    const moved = rehome(design, {
      [before.id]: [{ face: before.id, from: 0, to: before.length, length: whole }],
      [face]: [{ face: before.id, from: 0, to: length, zero: length - whole, length: whole }],
    });
    if (!moved.ok) return moved;
    const walked = walkedFaces(design).filter(({ record }) => record.id !== face);
    const shaped = reshape(design, walked, moved.value);
    return shaped.ok ? guarded(design, patchOf(design, shaped.value.written, shaped.value.removed)) : shaped;
  },
};
