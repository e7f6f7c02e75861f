import { firstRefusal, within } from '../document/within';
import { recordOf } from '../document/design';
import { LEAST_OPENING, MOST_FACE, MOST_HEIGHT } from '../document/limits';
import { patchOf } from '../document/patch';
import type { OpeningRecord } from '../document/records';
import { refuse } from '../result';
import { isInchUnit, quantise, type LengthUnit } from '../units/units';
import { guarded, type Command } from './command';

/** Adds an opening, or changes one that is there. */
export const putOpening: Command<OpeningRecord> = {
  id: 'put-opening',
  label: ({ type }) => (type === 'window' ? 'Set a window' : 'Set a door'),
  run(design, opening) {
    if (!recordOf(design, 'face', opening.face))
      return refuse('record-missing', { id: opening.face, what: 'face' });
    const { distance, width, height, sill, leaf } = opening;
    const wrong = firstRefusal(
      within('The distance', distance, 0, MOST_FACE),
      within('The width', width, LEAST_OPENING, MOST_FACE),
      within('The height', height, LEAST_OPENING, MOST_HEIGHT),
      within('The sill', sill, 0, MOST_HEIGHT),
      within('The leaf thickness', leaf, 10, 120),
    );
    if (wrong) return wrong;
    const after = {
      ...opening,
      distance: quantise(distance),
      width: quantise(width),
      height: quantise(height),
      sill: quantise(sill),
      leaf: quantise(leaf),
    };
    return guarded(design, patchOf(design, [after]));
  },
};

/** The usual sizes of a new door or window, mm. */
export function usualOpening(
  type: OpeningRecord['type'],
  unit: LengthUnit,
): Pick<OpeningRecord, 'width' | 'height' | 'sill' | 'leaf'> {
  const inch = isInchUnit(unit);
  if (type === 'window') {
    return inch
      ? { width: 36 * 25.4, height: 42 * 25.4, sill: 42 * 25.4, leaf: 1.75 * 25.4 }
      : { width: 900, height: 1000, sill: 1050, leaf: 40 };
  }
  return inch
    ? { width: 32 * 25.4, height: 80 * 25.4, sill: 0, leaf: 1.75 * 25.4 }
    : { width: 800, height: 2000, sill: 0, leaf: 40 };
}
