import { patchOf } from '../document/patch';
import { distanceFor, openingsOn } from '../survey/openings';
import { quantise } from '../units/units';
import { findFace, guarded, type Command } from './command';

/** Spaces the openings of a face equally: the same length of wall before, between and after them, in the order they stand. */
export const spaceOpenings: Command<{ face: string }> = {
  id: 'space-openings',
  run(design, { face }) {
    const found = findFace(design, face);
    if (!found.ok) return found;
    const { length } = found.value;
    const openings = openingsOn(design, face);
    const taken = openings.reduce((sum, { left, right }) => sum + right - left, 0);
    const gap = (length - taken) / (openings.length + 1);
    let left = 0;
    const written = openings.map(({ record, left: before, right }) => {
      left += gap;
      const after = { ...record, distance: quantise(distanceFor(record, left, found.value)) };
      left += right - before;
      return after;
    });
    return guarded(design, patchOf(design, written));
  },
};
