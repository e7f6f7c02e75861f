import { firstRefusal, within } from '../document/within';
import { recordOf } from '../document/design';
import { LEAST_OPENING, LEAST_OPEN_ANGLE, MOST_FACE, MOST_HEIGHT, MOST_WALL } from '../document/limits';
import { patchOf } from '../document/patch';
import type { OpeningType } from '../document/opening-types';
import type { OpeningRecord, OpeningShape } from '../document/records';
import { ok, refuse } from '../result';
import { toDegrees } from '../units/angles';
import { isInchUnit, MM_PER_INCH, quantise, type LengthUnit } from '../units/units';
import { guarded, type Command } from './command';

/** Adds an opening, or changes one that is there. */
export const putOpening: Command<OpeningRecord> = {
  id: 'put-opening',
  run(design, opening) {
    if (!recordOf(design, 'face', opening.face))
      return refuse('record-missing', { id: opening.face, what: 'face' });
    const { distance, width, height, sill, leaf, angle, casing, depth } = opening;
    const wrong = firstRefusal(
      within('distance', distance, opening.from === 'centre' ? -MOST_FACE : 0, MOST_FACE),
      within('width', width, LEAST_OPENING, MOST_FACE),
      within('height', height, LEAST_OPENING, MOST_HEIGHT),
      within('sill', sill, 0, MOST_HEIGHT),
      within('leaf-thickness', leaf, 10, 120),
      within('casing-width', casing, 0, 300),
      within('depth', depth, 10, MOST_WALL),
      angle >= LEAST_OPEN_ANGLE && angle <= Math.PI
        ? ok(angle)
        : refuse('number-range', {
            what: 'opening-angle',
            value: toDegrees(angle),
            least: 15,
            most: 180,
          }),
    );
    if (wrong) return wrong;
    const after = { ...opening };
    for (const key of ['distance', 'width', 'height', 'sill', 'leaf', 'casing', 'depth'] as const)
      after[key] = quantise(after[key]);
    return guarded(design, patchOf(design, [after]));
  },
};

/** A new opening of the usual kind and size for its type, its left jamb so far from the left end of its face, mm. */
export function usualOpening(
  id: string,
  face: string,
  type: OpeningType,
  distance: number,
  unit: LengthUnit,
): OpeningRecord {
  return {
    kind: 'opening',
    id,
    face,
    type,
    action: type === 'window' ? 'casement' : 'hinged',
    from: 'left',
    to: 'left',
    distance,
    ...usualSizes[type][isInchUnit(unit) ? 'inch' : 'metric'],
    hinge: 'left',
    swing: type === 'window' ? 'out' : 'in',
    angle: Math.PI / 2,
    casing: 0,
    ...(isInchUnit(unit) ? { leaf: 1.75 * MM_PER_INCH, depth: 3.5 * MM_PER_INCH } : { leaf: 40, depth: 90 }),
  };
}

type Sizes = Pick<OpeningRecord, 'width' | 'height' | 'sill'>;
const inches = (width: number, height: number, sill: number): Sizes => ({
  width: width * MM_PER_INCH,
  height: height * MM_PER_INCH,
  sill: sill * MM_PER_INCH,
});

/** What an opening is, without its place. */
export function shapeOfOpening(opening: OpeningRecord): OpeningShape {
  const { type, action, width, height, sill, hinge, swing, leaf, angle, casing, depth } = opening;
  return { type, action, width, height, sill, hinge, swing, leaf, angle, casing, depth };
}

/** The usual sizes of a new opening, mm. */
const usualSizes: Record<OpeningType, { inch: Sizes; metric: Sizes }> = {
  door: { inch: inches(32, 80, 0), metric: { width: 800, height: 2000, sill: 0 } },
  window: { inch: inches(36, 42, 42), metric: { width: 900, height: 1000, sill: 1050 } },
  cased: { inch: inches(36, 80, 0), metric: { width: 900, height: 2050, sill: 0 } },
  hatch: { inch: inches(36, 24, 42), metric: { width: 900, height: 600, sill: 1050 } },
  niche: { inch: inches(12, 24, 42), metric: { width: 300, height: 600, sill: 1100 } },
};
