import { MOST_FACE } from '../document/limits';
import { patchOf } from '../document/patch';
import type { FaceRecord } from '../document/records';
import { within } from '../document/within';
import { arcDepth, depthForLength } from '../geometry/arc';
import { ok, refuse, type Result } from '../result';
import type { PlacedFace } from '../survey/placed-face';
import { quantise } from '../units/units';
import { findFace, guarded, type Command } from './command';

/**
 * How a face is bent: by how far its middle stands off the line between its corners, mm; by its radius, mm, short of a half
 * circle or past it; or by its length along the arc, mm. It bends out of the room or into it.
 */
export type Bend = { side: 'in' | 'out' } & (
  { depth: number } | { radius: number; more: boolean } | { along: number }
);

/** Below this depth a face is straight, mm. */
const LEAST_BEND = 0.5;

/**
 * Bends a face to an arc over the straight line between its corners, or straightens it (depth 0). Openings and what is set on it
 * keep their distances along it.
 */
export const bendFace: Command<{ face: string; bend: Bend }> = {
  id: 'bend-face',
  run(design, { face, bend }) {
    const found = findFace(design, face);
    if (!found.ok) return found;
    const rise = depthOf(found.value, bend);
    if (!rise.ok) return rise;
    const held = within('depth', rise.value, 0, MOST_FACE);
    if (!held.ok) return held;
    const after: FaceRecord = {
      ...found.value.record,
      bend: quantise(rise.value * (bend.side === 'out' ? 1 : -1)),
    };
    if (rise.value < LEAST_BEND) delete after.bend;
    return guarded(design, patchOf(design, [after]));
  },
};

/** How far its middle stands off, mm. */
function depthOf({ letter, chord }: PlacedFace, bend: Bend): Result<number> {
  if ('depth' in bend) return ok(bend.depth);
  if ('along' in bend) {
    if (bend.along > chord) return ok(depthForLength(chord, bend.along));
    return refuse('arc-too-short', { face: letter, along: bend.along, chord });
  }
  if (bend.radius >= chord / 2) return ok(arcDepth(chord, bend.radius, bend.more));
  return refuse('arc-too-tight', { face: letter, radius: bend.radius, least: chord / 2 });
}
