import { patchOf } from '../document/patch';
import { onArc } from '../geometry/arc';
import { distance } from '../geometry/point';
import { refuse } from '../result';
import { isLetterBefore } from '../survey/face-letters';
import { bentAs, type PlacedFace } from '../survey/placed-face';
import { rehome } from '../survey/rehome';
import { reshape, walkedFaces } from '../survey/reshape';
import { roomShape } from '../survey/room-shape';
import { joined } from '../survey/walked-at';
import { findFace, guarded, type Command } from './command';

/** Places nearer than this to a circle lie on it, mm. */
const ON_CIRCLE = 0.01;

/**
 * Takes away the corner at the left end of a face: the face before it runs straight to this one's right end, and all that
 * stood on this one stands on it; it goes by the first letter of the two. Faces in line, and parts of one arc, are joined by this.
 */
export const removeCorner: Command<{ face: string }> = {
  id: 'remove-corner',
  run(design, { face }) {
    const found = findFace(design, face);
    if (!found.ok) return found;
    const { faces } = roomShape(design);
    if (faces.length <= 3) return refuse('faces-too-few', { least: 3 });
    const before = faces.at(faces.indexOf(found.value) - 1)!;
    const { end, length } = found.value;
    const arc = sameArc(before, found.value) ? before : { arc: null };
    const whole = arc.arc ? before.length + length : distance(before.start, end);
    const kept = isLetterBefore(found.value.letter, before.letter) ? found.value : before;
    const moved = rehome(design, {
      [before.id]: [{ face: kept.id, from: 0, to: before.length, length: whole }],
      [face]: [{ face: kept.id, from: 0, to: length, zero: length - whole, length: whole }],
    });
    if (!moved.ok) return moved;
    const record = kept === before ? before.record : joined([before, found.value], kept, whole);
    const walked = walkedFaces(design)
      .filter((one) => one.record.id !== face)
      .map((one) => (one.record.id === before.id ? { ...one, record: bentAs(arc, record, whole) } : one));
    const shaped = reshape(design, walked, moved.value);
    return shaped.ok ? guarded(design, patchOf(design, shaped.value.written, shaped.value.removed)) : shaped;
  },
};

/** Whether two bent faces are parts of one circle: the second goes on along that of the first. */
function sameArc({ arc: a }: PlacedFace, { arc: b }: PlacedFace): boolean {
  if (!a || !b || Math.sign(a.sweep) !== Math.sign(b.sweep)) return false;
  return [0.5, 1].every((share) => Math.abs(distance(onArc(b, share), a.centre) - a.radius) < ON_CIRCLE);
}
