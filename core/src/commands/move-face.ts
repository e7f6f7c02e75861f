import { LEAST_FACE, MOST_FACE } from '../document/limits';
import { patchOf, type Patch } from '../document/patch';
import type { Design } from '../document/design';
import { within } from '../document/within';
import { cross, dot, place, scale, add, subtract, type Point } from '../geometry/point';
import { PARALLEL } from '../geometry/tolerance';
import { refuse, type Result } from '../result';
import { NO_LENGTH, reshapedTo } from '../survey/walked-at';
import type { PlacedFace } from '../survey/placed-face';
import { roomShape } from '../survey/room-shape';
import { findFace, guarded, type Command } from './command';

/** Moves a face along its normal, mm outwards (negative: into the room); its neighbours grow or shrink and keep their directions; one that has no length left is gone. */
export const moveFace: Command<{ face: string; by: number }> = {
  id: 'move-face',
  run(design, { face, by }) {
    const found = findFace(design, face);
    if (!found.ok) return found;
    const held = within('distance-moved', by, -MOST_FACE, MOST_FACE);
    return held.ok ? faceMoved(design, found.value, by) : held;
  },
};

/** The patch that moves a face outwards by a distance, mm. */
export function faceMoved(design: Design, face: PlacedFace, by: number): Result<Patch> {
  const { faces } = roomShape(design);
  const index = faces.indexOf(face);
  const before = faces.at(index - 1)!;
  const after = faces[(index + 1) % faces.length]!;
  const start = meet(before, face, by);
  if (!start) return refuse('face-in-line', { face: face.letter, neighbour: before.letter });
  const end = meet(after, face, by);
  if (!end) return refuse('face-in-line', { face: face.letter, neighbour: after.letter });
  const corners = faces.map((one) => one.start);
  corners[index] = start;
  corners[(index + 1) % faces.length] = end;
  const shaped = reshapedTo(design, corners);
  return shaped.ok ? guarded(design, patchOf(design, shaped.value.written, shaped.value.removed)) : shaped;
}

/** Where a neighbour's line meets a face moved outwards; null when they run the same way. */
export function meet(neighbour: PlacedFace, face: PlacedFace, by: number): Point | null {
  const turn = cross(neighbour.u, face.u);
  if (Math.abs(turn) < PARALLEL) return null;
  const origin = place(face.start, face.u, 0, face.n, -by);
  const along = cross(subtract(origin, neighbour.start), face.u) / turn;
  return add(neighbour.start, scale(neighbour.u, along));
}

/** How far outwards a face can be moved so that a neighbour of it has no length left, mm: back into line, mostly; and within how much of that the neighbour would be shorter than a face can be. */
export function flushMoves(design: Design, face: PlacedFace): { by: number; within: number }[] {
  const { faces } = roomShape(design);
  const index = faces.indexOf(face);
  const [before, after] = [faces.at(index - 1)!, faces[(index + 1) % faces.length]!];
  return [
    { neighbour: before, corner: before.start },
    { neighbour: after, corner: after.end },
  ]
    .map(({ neighbour, corner }) => ({
      by: -dot(subtract(corner, face.start), face.n),
      within: LEAST_FACE * Math.abs(cross(neighbour.u, face.u)),
    }))
    .filter(({ by }) => Math.abs(by) > NO_LENGTH);
}
