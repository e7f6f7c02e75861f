import { MOST_FACE } from '../document/limits';
import { factsOf } from '../document/kinds';
import { patchOf } from '../document/patch';
import type { DesignRecord } from '../document/records';
import { within } from '../document/within';
import { add, direction, distance, dot, inward, place, scale, subtract, type Point } from '../geometry/point';
import { refuse } from '../result';
import { shifted } from '../survey/carry';
import { rehome, type FacePart } from '../survey/rehome';
import { reshape, walkedFaces } from '../survey/reshape';
import { roomShape } from '../survey/room-shape';
import { guarded, type Command } from './command';

/** A line through a place, and the direction (radians) and distance (mm) in which everything beyond it moves. */
export interface Stretch {
  through: Point;
  towards: number;
  by: number;
}

/**
 * Moves everything beyond a line by a distance square to it: corners with their faces and all that stands on them, and what
 * stands free. Faces across the line grow or shrink between what stands before it and what stands beyond.
 */
export const stretchRoom: Command<Stretch> = {
  id: 'stretch-room',
  run(design, { through, towards, by }) {
    const held = within('distance-moved', by, -MOST_FACE, MOST_FACE);
    if (!held.ok) return held;
    const way = direction(towards);
    const beyond = (point: Point) => dot(subtract(point, through), way);
    const carried = (point: Point) => (beyond(point) > 0 ? add(point, scale(way, by)) : point);
    const { faces } = roomShape(design);
    const parts: Record<string, FacePart[]> = {};
    for (const face of faces) {
      const [start, end] = [carried(face.start), carried(face.end)];
      const length = distance(start, end);
      if (dot(subtract(end, start), face.u) <= 0) return refuse('face-vanishes', { face: face.letter });
      const [left, right] = [beyond(face.start), beyond(face.end)];
      if (left > 0 === right > 0) continue;
      if (face.arc) return refuse('face-bent', { face: face.letter, only: 'stretch' });
      const cut = (face.length * left) / (left - right);
      const grown = length - face.length;
      // Each part keeps its distance from the end it is on the side of.
      parts[face.id] = [
        { face: face.id, from: -MOST_FACE, to: cut, zero: 0, length },
        { face: face.id, from: cut, to: MOST_FACE, zero: -grown, length },
      ];
    }
    const moved = rehome(design, parts);
    if (!moved.ok) return moved;
    const free = Object.values(design.records).flatMap((record) => {
      const at = middleOf(record);
      return at && beyond(at) > 0 ? shifted(record, scale(way, by)) : [];
    });
    const walked = walkedFaces(design).map((one) => ({ ...one, at: carried(one.at) }));
    const shaped = reshape(design, walked, [...moved.value, ...free]);
    return shaped.ok ? guarded(design, patchOf(design, shaped.value.written, shaped.value.removed)) : shaped;
  },
};

/** The middle of what stands free on the floor, or where one stands to look; null for anything else. */
function middleOf(record: DesignRecord): Point | null {
  if ('x' in record) return factsOf(record.kind).inPlan === 'thing' ? record : null;
  if (!('placement' in record) || record.placement.on !== 'floor') return null;
  const { x, y, turn } = record.placement;
  if (!('width' in record)) return { x, y };
  const u = direction(turn);
  return place({ x, y }, u, record.width / 2, inward(u), record.depth / 2);
}
