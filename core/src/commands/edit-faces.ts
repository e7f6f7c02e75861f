import {
  LEAST_CORNER,
  LEAST_CORNER_UNCERTAINTY,
  LEAST_HALF_WALL,
  LEAST_KNEE_WALL,
  LEAST_UNCERTAINTY,
  LEAST_WALL,
  MOST_CORNER,
  MOST_CORNER_UNCERTAINTY,
  MOST_HEIGHT,
  MOST_UNCERTAINTY,
  MOST_WALL,
} from '../document/limits';
import { patchOf } from '../document/patch';
import type { FaceRecord } from '../document/records';
import { within } from '../document/within';
import { ok, refuse, type Result } from '../result';
import { toDegrees } from '../units/angles';
import { quantise } from '../units/units';
import { findFace, guarded, type Command } from './command';

type Editable = Omit<FaceRecord, 'kind' | 'id' | 'length' | 'bend'>;
/** What changes of a face; null gives up a value of its own for the room's. */
export type FaceChange = {
  [K in keyof Editable]?: Editable[K] | (undefined extends Editable[K] ? null : never);
};

/** Limits of the lengths a face may have of its own, mm, and what they are called. */
const limits = {
  lengthUncertainty: ['uncertainty', LEAST_UNCERTAINTY, MOST_UNCERTAINTY],
  thickness: ['thickness', LEAST_WALL, MOST_WALL],
  lining: ['lining', 0, MOST_WALL],
  backLining: ['lining-behind', 0, MOST_WALL],
  ceilingHeight: ['ceiling-height', LEAST_KNEE_WALL, MOST_HEIGHT],
  wallHeight: ['wall-height', LEAST_HALF_WALL, MOST_HEIGHT],
  cap: ['cap', 0, 200],
} as const;

/** Changes several faces at once: how far their measurements count, their corners, thickness, heights and finish. */
export const editFaces: Command<{ faces: readonly string[]; change: FaceChange }> = {
  id: 'edit-faces',
  run(design, { faces, change }) {
    const held = holds(change);
    if (!held.ok) return held;
    const written: FaceRecord[] = [];
    for (const id of faces) {
      const found = findFace(design, id);
      if (!found.ok) return found;
      written.push(changed(found.value.record, change));
    }
    return guarded(design, patchOf(design, written));
  },
};

function holds(change: FaceChange): Result<void> {
  for (const key of Object.keys(limits) as (keyof typeof limits)[]) {
    const value = change[key];
    const checked = value == null ? ok(0) : within(limits[key][0], value, limits[key][1], limits[key][2]);
    if (!checked.ok) return checked;
  }
  const { corner, cornerUncertainty } = change;
  if (
    cornerUncertainty != null &&
    !(cornerUncertainty >= LEAST_CORNER_UNCERTAINTY && cornerUncertainty <= MOST_CORNER_UNCERTAINTY)
  ) {
    const value = toDegrees(cornerUncertainty);
    return refuse('number-range', { what: 'corner-uncertainty', value, least: 0.001, most: 11 });
  }
  if (corner !== undefined && !(corner >= LEAST_CORNER && corner <= MOST_CORNER))
    return refuse('number-range', { what: 'corner', value: toDegrees(corner), least: 3, most: 357 });
  return ok(undefined);
}

function changed(face: FaceRecord, change: FaceChange): FaceRecord {
  const after: Record<string, unknown> = { ...face };
  for (const [key, value] of Object.entries(change)) {
    if (value === null || (typeof value === 'string' && value.trim() === '')) delete after[key];
    else after[key] = key in limits ? quantise(value as number) : value;
  }
  return after as unknown as FaceRecord;
}
