import { noun } from '../nouns';
import { LEAST_FACE, MOST_FACE } from '../document/limits';
import type { Side } from '../document/records';
import { within } from '../document/within';
import { dot } from '../geometry/point';
import { roomShape } from '../survey/room-shape';
import { findFace, type Command } from './command';
import { faceMoved } from './move-face';

/** Gives a face a length, mm, by moving the face at its left or right end along that one's normal; all directions are kept. */
export const resizeFace: Command<{ face: string; length: number; moves: Side }> = {
  id: 'resize-face',
  run(design, { face, length, moves }) {
    const found = findFace(design, face);
    if (!found.ok) return found;
    const { letter, u, chord: before } = found.value;
    const held = within(noun('face', letter), length, LEAST_FACE, MOST_FACE);
    if (!held.ok) return held;
    const { faces } = roomShape(design);
    const index = faces.indexOf(found.value);
    const neighbour = moves === 'left' ? faces.at(index - 1)! : faces[(index + 1) % faces.length]!;
    const outward = moves === 'left' ? dot(u, neighbour.n) : -dot(u, neighbour.n);
    return faceMoved(design, neighbour, (length - before) * outward);
  },
};
